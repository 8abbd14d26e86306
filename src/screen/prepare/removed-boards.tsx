"use client";

import { Undo2 } from "lucide-react";
import { MAX } from "@/core/lesson/bounds";
import { manyOf } from "@/core/number/many-of";
import { Button } from "@/kit/button";
import { Dialog } from "@/kit/dialog";
import { useBoard, useBoardStore } from "../store/use-board";

/** The boards that were removed from this lesson. They stay in it, and each can be put back. */
export function RemovedBoards({ onClose }: { onClose: () => void }) {
  const removed = useBoard((state) => state.removed);
  const full = useBoard((state) => state.boards.length >= MAX.boards);
  const store = useBoardStore();
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title="Removed boards"
      description={`The last ${MAX.removed} boards that were removed. A board that is put back stands after the one on show.`}
    >
      {full && <p className="mb-3 font-medium text-wrong">A lesson has room for {MAX.boards} boards.</p>}
      <ul className="flex flex-col gap-2">
        {removed.map(({ id, title, stair }) => (
          <li key={id} className="flex items-center gap-3 rounded-button border border-rule py-2 pr-2 pl-4">
            <span className="min-w-0 flex-1">
              <span className="block truncate font-semibold">{title}</span>
              <span className="text-small text-quiet">{manyOf(stair.length, "step")}</span>
            </span>
            <Button
              disabled={full}
              aria-label={`Put back ${title}`}
              onClick={() => {
                store.getState().putBoardBack(id);
                if (removed.length === 1) onClose();
              }}
            >
              <Undo2 aria-hidden size="1.125rem" /> Put back
            </Button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
