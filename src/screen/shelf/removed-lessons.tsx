"use client";

import { Undo2 } from "lucide-react";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { boardsOf, type ShelfLesson } from "./shelf-lesson";
import { useDoor } from "./use-door";

/** The lessons taken off the shelf. Each can be put back. */
export function RemovedLessons({ lessons }: { lessons: ShelfLesson[] }) {
  const [busy, ask] = useDoor();
  return (
    <>
      <h1 className="mb-2 text-[32px] leading-tight font-bold">Removed lessons</h1>
      <p className="mb-8 text-lg text-quiet">
        {lessons.length === 0
          ? "No removed lessons."
          : "They are kept here, and go back on the shelf as they were."}
      </p>
      <ul className="flex flex-col gap-3">
        {lessons.map(({ id, title, forClass, boards, taught }) => (
          <li key={id} className="flex items-center gap-4 rounded-card border border-rule px-5 py-4">
            <div className="min-w-0 flex-1">
              <h2 className="truncate text-xl font-bold">{title}</h2>
              <p className="text-quiet">{[boardsOf(boards), forClass, taught].filter(Boolean).join(" · ")}</p>
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
