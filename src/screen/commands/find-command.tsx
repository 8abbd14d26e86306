"use client";

import { Command as Cmdk } from "cmdk";
import { useState } from "react";
import { Dialog } from "@/kit/dialog";
import type { Command } from "./commands";
import { keyLabel } from "./key-label";
import { isWithShift } from "./use-keys";

type Props = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  commands: readonly Command[];
  /** What was typed before it was there. */
  typed: () => string;
};

const MAX_LETTERS = 60;

/** Finds a command by a few letters and runs it. */
export default function FindCommand({ open, onOpenChange, commands, typed }: Props) {
  const [letters, setLetters] = useState(() => typed().slice(0, MAX_LETTERS));
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Find a command">
      <Cmdk label="Find a command" loop>
        <Cmdk.Input
          autoFocus
          maxLength={MAX_LETTERS}
          value={letters}
          onValueChange={setLetters}
          placeholder="Cover, count, climb…"
          className="mb-3 h-press w-full rounded-button border border-edge px-4 placeholder:text-quiet"
        />
        <Cmdk.List className="max-h-[50dvh] overflow-y-auto">
          <Cmdk.Empty className="px-3 py-4 text-quiet">No command has these letters.</Cmdk.Empty>
          {commands.map((command) => (
            <Cmdk.Item
              key={command.name}
              onSelect={() => {
                onOpenChange(false);
                command.run();
              }}
              className="flex min-h-press cursor-pointer items-center justify-between gap-4 rounded-button px-3 font-semibold data-[selected=true]:bg-wall"
            >
              {command.name}
              <span className="text-small font-normal text-quiet">
                {command.keys
                  .map((key) => (isWithShift(command, key) ? "Shift+" : "") + keyLabel(key))
                  .join("  ")}
              </span>
            </Cmdk.Item>
          ))}
        </Cmdk.List>
      </Cmdk>
    </Dialog>
  );
}
