"use client";

import { cloneElement, type KeyboardEvent, type MouseEvent, type ReactElement, useState } from "react";
import { secondPress } from "./second-press";

type Opens = "menu" | "dialog" | "listbox";
type Opening = { "aria-haspopup"?: Opens; "aria-expanded"?: boolean; "data-state"?: string };
/** A button that something opens from. */
export type OpensFrom = ReactElement<
  Opening & { onClick?: (event: MouseEvent) => void; onKeyDown?: (event: KeyboardEvent) => void }
>;

/** Keys that open it, besides those that press any button. */
const OPENING_KEYS: Readonly<Record<Opens, readonly string[]>> = {
  menu: ["ArrowDown"],
  dialog: [],
  listbox: ["ArrowDown", "ArrowUp"],
};

type Needed = { readonly bring: () => Promise<unknown>; readonly isThere: () => boolean };

/**
 * Whether what opens from a button was asked for and has been loaded; and the plain button until then. A board has a
 * dozen of them, and most are never opened in a lesson.
 * @param needed what must be loaded for it to open
 * @param onAsk is called when it is asked for
 */
export function useOpener(
  button: OpensFrom,
  what: Opens,
  needed: readonly Needed[],
  onAsk?: (open: true) => void,
): { asked: boolean; alone: OpensFrom } {
  const [asked, setAsked] = useState(false);
  const open = () => {
    onAsk?.(true);
    setAsked(true);
  };
  const ask = () => {
    if (needed.every((part) => part.isThere())) open();
    else void Promise.all(needed.map((part) => part.bring())).then(open);
  };
  const alone = cloneElement(button, {
    "aria-haspopup": what,
    "aria-expanded": false,
    "data-state": "closed",
    onClick: ({ clientX, clientY, timeStamp }) => {
      secondPress.opened = { clientX, clientY, timeStamp };
      ask();
    },
    onKeyDown: (event) => {
      if (!OPENING_KEYS[what].includes(event.key)) return;
      event.preventDefault();
      ask();
    },
  });
  return { asked, alone };
}
