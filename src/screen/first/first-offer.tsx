"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { Button } from "@/kit/button";
import type { NewLessonRequest } from "../shelf/shelf-messages";
import { useDoor } from "../shelf/use-door";
import { endFirstVisit, TRY } from "./first-visit";

const LESSON: NewLessonRequest = {
  title: "A first board",
  forClass: "",
  begins: { kind: "count-in", by: 6, from: 0, to: 60 },
};

/** On the shelf of a browser in which nobody has used Yellow Stair: three things to try, on a board of their own. */
export function FirstOffer() {
  const router = useRouter();
  const [busy, ask] = useDoor();
  const [open, setOpen] = useState(true);
  if (!open) return null;
  const end = () => {
    endFirstVisit();
    setOpen(false);
  };
  return (
    <section
      aria-label="New here"
      className="mb-6 flex flex-wrap items-center gap-x-4 gap-y-3 rounded-card border-2 border-stair-deep bg-lit py-4 pr-4 pl-6"
    >
      <p className="min-w-64 flex-1 text-large leading-snug">
        <strong className="font-bold">New here?</strong> Try three things on a board of your own. It takes two
        minutes.
      </p>
      <Button
        tone="strong"
        disabled={busy}
        onClick={() =>
          ask({ do: "create", lesson: LESSON }, (id) => {
            endFirstVisit();
            router.push(`/lesson/${id}?${TRY}`);
          })
        }
      >
        Try it
      </Button>
      <Button onClick={end}>Not now</Button>
    </section>
  );
}
