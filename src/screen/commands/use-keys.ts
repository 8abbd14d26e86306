"use client";

import { useLayoutEffect } from "react";
import type { Command } from "./commands";

const FIND = "Ctrl+K";
/** Keys that do something else together with Shift. All others come as the sign that Shift makes of them. */
const SHIFTED = /^(z|Ctrl\+Z|Arrow\w+)$/;

/** Whether a command is run by this key together with Shift. */
export const isWithShift = (command: Command, key: string): boolean =>
  Boolean(command.shift) && SHIFTED.test(key);

/**
 * Runs commands by their keys, except while typing, choosing from a list or in a dialog.
 * @param over whether a window is open over the board: then only the finder of commands can be asked for
 */
export function useKeys(commands: readonly Command[], over: boolean): void {
  useLayoutEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey) return;
      const { key, shiftKey, target } = event;
      const name =
        event.ctrlKey || event.metaKey
          ? `Ctrl+${key.toUpperCase()}`
          : key.length === 1
            ? key.toLowerCase()
            : key;
      if (name !== FIND && (over || isTaken(target, key))) return;
      const command = commands.find(
        (one) => one.keys.includes(name) && (!SHIFTED.test(name) || Boolean(one.shift) === shiftKey),
      );
      if (!command) return;
      event.preventDefault();
      // A key held down, or a clicker that sticks, must not run up the whole stair.
      if (!event.repeat) command.run();
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [commands, over]);
}

/** Whether the focused element needs this key for itself. */
function isTaken(target: EventTarget | null, key: string): boolean {
  if (!(target instanceof Element)) return false;
  if (
    // A list that has just opened may not have the focus yet.
    document.querySelector("[role=listbox]") ||
    target.closest(
      "input, textarea, select, [contenteditable], [role=dialog], [role=menu], [role=radiogroup]",
    )
  )
    return true;
  return (key === " " || key === "Enter") && target.closest("button, a") !== null;
}
