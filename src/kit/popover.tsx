"use client";

import type { ReactNode } from "react";
import { later } from "./later";
import { type OpensFrom, useOpener } from "./opener";

const Panel = later(() => import("./popover-panel").then((part) => part.PopoverPanel));

/** Fetches what small panels open with. */
export const bringPopovers = () => Panel.bring();

export type PopoverProps = {
  button: OpensFrom;
  label: string;
  children: ReactNode;
  align?: "start" | "center" | "end";
  side?: "top" | "left" | "right";
  /** On the rail it looks like a piece of it. */
  tone?: "board" | "rail";
  /** It closes at a touch in it. */
  closesWithin?: boolean;
  /** Whether it is open, where that is for another to say. */
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
};

/** A small panel that opens from a button and closes at a touch elsewhere. */
export function Popover(props: PopoverProps) {
  const { asked, alone } = useOpener(props.button, "dialog", [Panel], props.onOpenChange);
  return asked ? <Panel {...props} /> : alone;
}
