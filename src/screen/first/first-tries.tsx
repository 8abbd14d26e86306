"use client";

import { clsx } from "clsx";
import { Check } from "lucide-react";
import { useEffect, useState } from "react";
import { Button } from "@/kit/button";
import type { BoardScreenState } from "../store/board-store";
import { boardStateOf } from "../store/on-show";
import { useBoardStore } from "../store/use-board";

/** A thing to try, and whether it has just been done. */
const TRIES: readonly { words: string; isDone: (now: BoardScreenState, was: BoardScreenState) => boolean }[] =
  [
    {
      words: "Touch 24: it is marked",
      isDone: (now) =>
        boardStateOf(now).live.some((acts) =>
          acts.some((act) => act.some((beat) => beat.some((move) => move.do === "mark"))),
        ),
    },
    {
      words: "Press Climb: a step of the stair is shown",
      isDone: (now) => boardStateOf(now).climbed > 0,
    },
    {
      words: "Press Take back: it goes again",
      isDone: (now, was) => now.boards[now.at]!.past.length < was.boards[was.at]!.past.length,
    },
  ];

/** Above a board that is tried for the first time: three things to do, each ticked once it is done. */
export function FirstTries() {
  const store = useBoardStore();
  // A finger may have touched before the board was interactive.
  const [done, setDone] = useState<readonly boolean[]>(() => {
    const now = store.getState();
    return TRIES.map(({ isDone }) => isDone(now, now));
  });
  const [open, setOpen] = useState(true);
  useEffect(
    () =>
      store.subscribe((now, was) =>
        setDone((before) => {
          const next = before.map((is, i) => is || TRIES[i]!.isDone(now, was));
          return next.some((is, i) => is !== before[i]) ? next : before;
        }),
      ),
    [store],
  );
  if (!open) return null;
  const first = done.indexOf(false);
  return (
    <section
      aria-label="Three things to try"
      className="mx-5 mb-3 flex shrink-0 flex-wrap items-center gap-x-4 gap-y-2 rounded-card bg-board py-2 pr-2 pl-4"
    >
      {first < 0 ? (
        <p role="status" className="min-w-56 flex-1 text-large leading-snug">
          That is how you teach with it. <strong>Prepare</strong> changes the numbers and makes steps of your
          own.
        </p>
      ) : (
        <ol className="flex min-w-56 flex-1 flex-wrap gap-x-6 gap-y-1">
          {TRIES.map(({ words }, i) => (
            <li key={words} className={clsx("flex items-center gap-2.5 text-large", done[i] && "text-quiet")}>
              <span
                aria-hidden
                className={clsx(
                  "flex size-8 shrink-0 items-center justify-center rounded-full font-bold",
                  done[i] ? "bg-kelp" : i === first ? "bg-stair" : "border-2 border-rule",
                )}
              >
                {done[i] ? <Check size={19} strokeWidth={3} /> : i + 1}
              </span>
              <span className={i === first ? "font-bold" : ""}>
                {words}
                {done[i] && <span className="sr-only">, done</span>}
              </span>
            </li>
          ))}
        </ol>
      )}
      <Button onClick={() => setOpen(false)}>{first < 0 ? "Close" : "Leave it"}</Button>
    </section>
  );
}
