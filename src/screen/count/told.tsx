"use client";

import { CircleDot } from "lucide-react";
import { useState } from "react";
import { TurnButton } from "@/kit/button";
import { keepKeyboard } from "@/kit/rail-button";
import { useBoard } from "../store/use-board";

/**
 * A message for the teacher alone. While preparing it is shown in full; in class, where everybody sees the one screen,
 * it is a small sign that says more when it is pressed.
 */
export function Told({ words }: { words: string }) {
  const preparing = useBoard((state) => state.preparing);
  const [asked, setAsked] = useState<string | null>(null);
  if (preparing) {
    return (
      <>
        <CircleDot aria-hidden size="0.9375rem" /> {words}
      </>
    );
  }
  const open = asked === words;
  return (
    <TurnButton
      aria-expanded={open}
      title="Something for you"
      onMouseDown={keepKeyboard}
      onClick={() => setAsked(open ? null : words)}
      className="-my-2 flex h-press min-w-11 items-center justify-center gap-1.5 rounded-button px-2 hover:bg-ink/8"
    >
      <CircleDot aria-hidden size="0.9375rem" />
      {open ? words : <span className="sr-only">Something for you</span>}
    </TurnButton>
  );
}
