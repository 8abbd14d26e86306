"use client";

import type { ReactNode } from "react";
import { later } from "./later";
import { type OpensFrom, useOpener } from "./opener";

const Panel = later(() => import("./popover-panel").then((part) => part.PopoverPanel));

/** Loads what popovers open with. */
export const bringPopovers = () => Panel.bring();

export type PopoverProps = {
  button: OpensFrom;
  label: string;
  children: ReactNode;
  align?: "start" | "center" | "end";
  side?: "top" | "left" | "right";
  /** Looks like part of the rail. */
  tone?: "board" | "rail";
  /** A touch inside closes it. */
  closesWithin?: boolean;
  /** Whether it is open, if that is controlled from outside. */
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
};

/** A small panel that opens from a button and closes at a touch elsewhere. */
export function Popover(props: PopoverProps) {
  const { asked, alone } = useOpener(props.button, "dialog", [Panel], props.onOpenChange);
  return asked ? <Panel {...props} /> : alone;
}
