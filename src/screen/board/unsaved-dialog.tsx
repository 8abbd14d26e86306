"use client";

import { useState } from "react";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import type { SaveState } from "../save/saver";

type Props = {
  state: SaveState;
  hidden: boolean;
  onHide: () => void;
  keepCopy: () => Promise<void>;
  showSaved: () => void;
};

/** The lesson cannot be saved where it was: nothing is merged and nothing lost without the teacher's word. */
export function UnsavedDialog({ state, hidden, onHide, keepCopy, showSaved }: Props) {
  const [fault, setFault] = useState<string | null>(null);
  const stale = state.kind === "stale";
  const refused = state.kind === "refused";
  return (
    <Dialog
      open={(stale || refused) && !hidden}
      onOpenChange={(open) => !open && onHide()}
      title={stale ? "Changed in another window" : "Not saved"}
      description={`${
        stale
          ? "This lesson was saved from another window after this one opened it."
          : refused
            ? state.message
            : ""
      } What you changed here is still here, but it is not saved.`}
    >
      {fault && <p className="mb-2 font-medium text-wrong">{fault}</p>}
      <DialogEnd>
        {stale && <Button onClick={showSaved}>Show the saved lesson</Button>}
        <Button
          look="strong"
          onClick={() =>
            keepCopy().catch(() =>
              setFault("The copy could not be saved. Check that Yellow Stair is running, then try again."),
            )
          }
        >
          Keep this one as a copy
        </Button>
      </DialogEnd>
    </Dialog>
  );
}
