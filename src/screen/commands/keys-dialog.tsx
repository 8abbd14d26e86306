"use client";

import { Dialog } from "@/kit/dialog";
import type { Command } from "./commands";
import { keyLabel } from "./key-label";
import { isWithShift } from "./use-keys";

type Props = { open: boolean; onOpenChange: (open: boolean) => void; commands: readonly Command[] };

/** Every key of the board and what it does. */
export function KeysDialog({ open, onOpenChange, commands }: Props) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Keys"
      description="Once a square has the keyboard, the arrow keys move from square to square, and Enter touches it; held down on a cover, Enter shows you what is under it. Escape gives the arrow keys back."
      size="wide"
    >
      <dl className="columns-1 gap-10 sm:columns-2">
        {commands
          .filter(({ keys }) => keys.length > 0)
          .map((command) => (
            <div
              key={command.name}
              className="flex min-h-press break-inside-avoid items-center justify-between gap-4"
            >
              <dt>{command.name}</dt>
              <dd className="flex gap-1.5 whitespace-nowrap">
                {command.keys.map((key) => (
                  <kbd
                    key={key}
                    className="rounded-button border border-rule bg-mist px-2 py-0.5 font-sans text-small font-semibold"
                  >
                    {isWithShift(command, key) ? "Shift+" : ""}
                    {keyLabel(key)}
                  </kbd>
                ))}
              </dd>
            </div>
          ))}
      </dl>
    </Dialog>
  );
}
