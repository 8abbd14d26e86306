"use client";

import { X } from "lucide-react";
import { useState } from "react";
import { Button, IconButton } from "@/kit/button";
import type { SaveState } from "../save/saver";

type Props = {
  state: Extract<SaveState, { kind: "stale" | "refused" }>;
  onHide: () => void;
  keepCopy: () => Promise<void>;
  showSaved: () => void;
};

/**
 * The lesson cannot be saved where it was: nothing is merged and nothing lost without the teacher's word. It stands
 * above the board and takes no keyboard: what is being typed goes on, and presses nothing here.
 */
export function UnsavedBand({ state, onHide, keepCopy, showSaved }: Props) {
  const [fault, setFault] = useState<string | null>(null);
  const stale = state.kind === "stale";
  return (
    <section
      role="alert"
      aria-label={stale ? "Changed in another window" : "Not saved"}
      className="mx-5 mb-3 flex shrink-0 flex-wrap items-center gap-x-4 gap-y-2 rounded-card border-2 border-wrong bg-board py-2 pr-2 pl-5"
    >
      <p className="min-w-64 flex-1 leading-snug">
        <strong>{stale ? "Changed in another window." : "Not saved."}</strong>{" "}
        {stale ? "The lesson was saved from there since this window opened it." : state.message} What you
        changed here is still here.
        {fault && <span className="block font-medium text-wrong">{fault}</span>}
      </p>
      {stale && <Button onClick={showSaved}>Set mine aside, show the saved one</Button>}
      <Button
        look="strong"
        onClick={() =>
          keepCopy().catch(() =>
            setFault("The copy could not be saved. Check that Yellow Stair is running, then try again."),
          )
        }
      >
        Keep mine as a copy
      </Button>
      <IconButton name="Close" onClick={onHide}>
        <X aria-hidden size={20} />
      </IconButton>
    </section>
  );
}
