"use client";

import { useEffect, useState } from "react";
import type { Board } from "@/core/lesson/board";
import { Busy } from "@/kit/busy";
import { Dialog } from "@/kit/dialog";
import { Field } from "@/kit/field";
import { say } from "@/kit/messages";
import { CopyAnswer, LessonsTold, type LessonTold } from "./board-messages";

const TOO_LONG_MS = 15_000;
/** The search starts this long after the last letter. */
const STILL_MS = 150;
const UNREACHED = "Yellow Stair did not answer. Check that it is running, then try again.";

type Props = {
  /** The lesson that the board is in. */
  lesson: string;
  board: Board;
  onClose: () => void;
};

/** Chooses another lesson of the shelf, to which a copy of a board is appended. */
export function CopyBoard({ lesson, board, onClose }: Props) {
  const [all, setAll] = useState<readonly LessonTold[] | null>(null);
  const [typed, setTyped] = useState("");
  const [message, setMessage] = useState<string | null>(null);
  useEffect(() => {
    const stop = new AbortController();
    const look = () =>
      fetch(`/api/lessons?${new URLSearchParams({ find: typed })}`, {
        signal: AbortSignal.any([stop.signal, AbortSignal.timeout(TOO_LONG_MS)]),
      })
        .then(async (answer) => LessonsTold.parse(await answer.json()))
        .then(
          (told) => {
            setAll(told.filter(({ id }) => id !== lesson));
            setMessage(null);
          },
          () => !stop.signal.aborted && setMessage(UNREACHED),
        );
    const timer = setTimeout(look, typed === "" ? 0 : STILL_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
  }, [lesson, typed]);
  const copy = async ({ id, title }: LessonTold) => {
    try {
      const answer = await fetch(`/api/lessons/${encodeURIComponent(id)}/boards`, {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify({ board }),
        signal: AbortSignal.timeout(TOO_LONG_MS),
      });
      const read = CopyAnswer.parse(await answer.json());
      if (read.kind === "refused") return setMessage(read.message);
      say(`“${board.title}” copied to “${title}”.`);
      onClose();
    } catch {
      setMessage(UNREACHED);
    }
  };
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title="Copy to another lesson"
      description={`“${board.title}” is put at the end of the lesson that you choose.`}
    >
      <Field
        label="Find a lesson"
        value={typed}
        maxLength={60}
        onChange={({ target }) => setTyped(target.value)}
      />
      {message && <p className="mt-3 font-medium text-wrong">{message}</p>}
      {all === null && message === null && <Busy />}
      <ul aria-label="Lessons" className="mt-3 flex max-h-[46dvh] flex-col gap-0.5 overflow-y-auto">
        {all?.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              onClick={() => void copy(one)}
              className="min-h-press w-full rounded-button px-3 text-left font-semibold hover:bg-wall"
            >
              {one.title} <span className="font-normal text-quiet">{one.forClass}</span>
            </button>
          </li>
        ))}
      </ul>
      {all?.length === 0 && (
        <p className="text-quiet">No other lesson has these words in its title or class.</p>
      )}
    </Dialog>
  );
}
