"use client";

import { useLayoutEffect } from "react";
import type { Command } from "./commands";

/** Keys that do something else together with Shift. All others come as the sign that Shift makes of them. */
const SHIFTED = /^(z|Arrow\w+)$/;

/** Runs commands by their keys, except while typing, choosing from a list or in a dialog. */
export function useKeys(commands: readonly Command[]): void {
  useLayoutEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey) return;
      const find = commands.find((command) => command.keys.includes("Ctrl+K"));
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") {
        event.preventDefault();
        find?.run();
        return;
      }
      if (event.ctrlKey || event.metaKey || isTaken(event.target, event.key)) return;
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const command = commands.find(
        (one) => one.keys.includes(key) && (SHIFTED.test(key) ? Boolean(one.shift) === event.shiftKey : true),
      );
      if (!command) return;
      event.preventDefault();
      // A key held down, or a clicker that sticks, must not run up the whole stair.
      if (!event.repeat) command.run();
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, [commands]);
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
