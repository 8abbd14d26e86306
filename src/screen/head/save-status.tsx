"use client";

import { Check, CloudOff, TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";
import type { SaveState } from "../save/saver";

type Props = { state: SaveState; quiet: boolean; showUnsaved: () => void };

/** Whether the lesson is saved. In class it is shown only when it is not. */
export function SaveStatus({ state, quiet, showUnsaved }: Props) {
  const calm = state.kind === "saved" || state.kind === "saving";
  return (
    <div role="status" className={`text-small whitespace-nowrap ${quiet && calm ? "sr-only" : ""}`}>
      {words(state, showUnsaved)}
    </div>
  );
}

function words(state: SaveState, showUnsaved: () => void): ReactNode {
  const alarm = "flex items-center gap-1.5 font-semibold text-wrong";
  switch (state.kind) {
    case "saved":
      return (
        <span className="flex items-center gap-1 text-quiet">
          <Check aria-hidden size="1.0625rem" /> Saved
        </span>
      );
    case "saving":
      return <span className="text-quiet">Saving…</span>;
    case "waiting":
      return (
        <span
          className={alarm}
          title={
            state.kept
              ? "Your work is kept in this browser until it can be saved."
              : "This browser cannot keep your work. Leave this page open until it is saved."
          }
        >
          <CloudOff aria-hidden size="1.0625rem" /> Not saved yet, trying again
        </span>
      );
    case "stale":
      return (
        <button type="button" className={`${alarm} underline`} onClick={showUnsaved}>
          <TriangleAlert aria-hidden size="1.0625rem" /> Not saved: changed elsewhere
        </button>
      );
    case "refused":
      return (
        <button type="button" className={`${alarm} underline`} onClick={showUnsaved}>
          <TriangleAlert aria-hidden size="1.0625rem" /> Not saved
        </button>
      );
    default:
      return state satisfies never;
  }
}
