"use client";

import { useState } from "react";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";

type Props = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  keepCopy: () => Promise<void>;
  showSaved: () => void;
};

/** Another window has saved this lesson: nothing is merged and nothing lost without the teacher's word. */
export function StaleDialog({ open, onOpenChange, keepCopy, showSaved }: Props) {
  const [fault, setFault] = useState<string | null>(null);
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Changed in another window"
      description="This lesson was saved from another window after this one opened it. What you changed here is still here, but it is not saved."
    >
      {fault && <p className="mb-2 font-medium text-wrong">{fault}</p>}
      <DialogEnd>
        <Button onClick={showSaved}>Show the saved lesson</Button>
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
