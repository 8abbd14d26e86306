"use client";

import { nanoid } from "nanoid";
import { useEffect, useState } from "react";
import type { Lesson } from "@/core/lesson/lesson";
import { manyOf } from "@/core/number/many-of";
import { Busy } from "@/kit/busy";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { say } from "@/kit/messages";
import { ORDINARY } from "@/view/drawing";
import { DrawnHere } from "../views/drawn-here";
import { VersionAnswer, VersionsTold, type VersionTold } from "./version-messages";

const TOO_LONG_MS = 15_000;
const ROOM = { width: 1040, height: 600 };
const UNREACHED = "Yellow Stair did not answer. Check that it is running, then try again.";

type Props = {
  /** The lesson. */
  id: string;
  onClose: () => void;
  /** Saves what is not saved yet, before another takes its place. False where that cannot be done now. */
  first?: () => Promise<boolean>;
  /** Called when the lesson was replaced. */
  onRestored: () => void;
};

/** The versions of a lesson after each time of preparing, in pictures; any of them can be restored. */
export function VersionsDialog({ id, onClose, first, onRestored }: Props) {
  const at = `/api/lessons/${encodeURIComponent(id)}/versions`;
  const [all, setAll] = useState<readonly VersionTold[] | null>(null);
  const [chosen, setChosen] = useState<VersionTold | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let gone = false;
    fetch(at, { signal: AbortSignal.timeout(TOO_LONG_MS) })
      .then(async (answer) => VersionsTold.parse(await answer.json()))
      .then(
        (told) => {
          if (gone) return;
          setAll(told);
          setChosen(told[0] ?? null);
        },
        () => !gone && setMessage(UNREACHED),
      );
    return () => {
      gone = true;
    };
  }, [at]);
  const restore = async (version: VersionTold) => {
    setBusy(true);
    try {
      if (first && !(await first())) return setMessage(UNREACHED);
      const answer = await fetch(`${at}/${version.id}`, {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify({ saveName: nanoid() }),
        signal: AbortSignal.timeout(TOO_LONG_MS),
      });
      if (!answer.ok) return setMessage(UNREACHED);
      say(`The lesson is as it was ${version.when}. What it was before is the latest of its versions.`);
      onRestored();
    } catch {
      setMessage(UNREACHED);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title="Earlier versions"
      description="Each time of preparing leaves one. With time they are thinned: one a day, then one a week."
      size="large"
    >
      <div className="flex min-h-0 flex-1 gap-6 max-md:flex-col">
        {all === null && message === null && <Busy />}
        {all?.length === 0 && (
          <p className="text-large text-quiet">
            There is none yet: the first is kept when the lesson is changed.
          </p>
        )}
        {all !== null && all.length > 0 && (
          <ul
            aria-label="Versions, the latest first"
            className="flex w-[16.5rem] shrink-0 flex-col gap-0.5 overflow-y-auto rounded-card bg-mist p-2 max-md:max-h-40 max-md:w-full"
          >
            {all.map((one) => (
              <li key={one.id}>
                <button
                  type="button"
                  aria-current={one === chosen || undefined}
                  onClick={() => setChosen(one)}
                  className="min-h-press w-full rounded-button px-3 text-left font-semibold hover:bg-wall aria-[current]:bg-ink aria-[current]:text-board"
                >
                  {one.when}
                </button>
              </li>
            ))}
          </ul>
        )}
        {chosen && <Looked key={chosen.id} at={`${at}/${chosen.id}`} />}
      </div>
      <DialogEnd close>
        {message && <p className="mr-auto self-center font-medium text-wrong">{message}</p>}
        <Button onClick={onClose}>Close</Button>
        <Button tone="strong" disabled={!chosen || busy} onClick={() => chosen && void restore(chosen)}>
          Restore this version
        </Button>
      </DialogEnd>
    </Dialog>
  );
}

/** The boards of a version, each on its first step. */
function Looked({ at }: { at: string }) {
  const [seen, setSeen] = useState<Lesson | string | null>(null);
  useEffect(() => {
    let gone = false;
    fetch(at, { signal: AbortSignal.timeout(TOO_LONG_MS) })
      .then(async (answer) => VersionAnswer.parse(await answer.json()))
      .then(
        (answer) => !gone && setSeen(answer.kind === "version" ? answer.lesson : answer.message),
        () => !gone && setSeen(UNREACHED),
      );
    return () => {
      gone = true;
    };
  }, [at]);
  if (seen === null) return <Busy />;
  if (typeof seen === "string") return <p className="font-medium text-wrong">{seen}</p>;
  return (
    <section aria-label="This version" className="min-h-0 min-w-0 flex-1 overflow-y-auto">
      <h3 className="text-large font-bold">{seen.title}</h3>
      <ol className="mt-3 grid gap-3 sm:grid-cols-2">
        {seen.boards.map((board, i) => (
          <li key={board.id} className="rounded-card bg-mist p-3">
            <div className="aspect-[1040/600]">
              <DrawnHere of={board.id} board={board} at={1} room={ROOM} theme={ORDINARY} from="here" />
            </div>
            <p className="mt-2 truncate font-semibold">
              {i + 1} {board.title}
            </p>
            <p className="text-small text-quiet">{manyOf(board.stair.length, "step")}</p>
          </li>
        ))}
      </ol>
    </section>
  );
}
