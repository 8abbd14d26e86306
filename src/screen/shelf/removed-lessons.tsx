"use client";

import { Undo2 } from "lucide-react";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { useEarlyPresses } from "@/kit/use-early-presses";
import { boardsOf, type ShelfLesson } from "./shelf-lesson";
import { useDoor } from "./use-door";

type Props = { lessons: readonly Omit<ShelfLesson, "picture">[]; total: number; days: number };

/** The lessons taken off the shelf. Each can be put back, for some days. */
export function RemovedLessons({ lessons, total, days }: Props) {
  const [busy, ask] = useDoor();
  useEarlyPresses();
  return (
    <>
      <h1 className="mb-2 text-head leading-tight font-bold">Removed lessons</h1>
      <p className="mb-8 text-large text-quiet">
        {lessons.length === 0
          ? "No removed lessons."
          : `They are kept for ${days} days, and go back on the shelf as they were.`}
        {total > lessons.length && ` The latest ${lessons.length} of ${total} are shown.`}
      </p>
      <ul className="flex flex-col gap-3">
        {lessons.map(({ id, title, forClass, boards, taught, goes }) => (
          <li key={id} className="flex items-center gap-4 rounded-card border border-rule px-5 py-4">
            <div className="min-w-0 flex-1">
              <h2 className="truncate text-large font-bold">{title}</h2>
              <p className="text-quiet">
                {[boardsOf(boards), forClass, taught, goes].filter(Boolean).join(" · ")}
              </p>
            </div>
            <Button
              disabled={busy}
              aria-label={`Put back ${title}`}
              onClick={() => ask({ do: "put-back", id }, () => say(`“${title}” put back.`))}
            >
              <Undo2 aria-hidden size={19} /> Put back
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
