"use client";

import { Popover as Radix } from "radix-ui";
import type { ReactNode } from "react";

type Props = {
  button: ReactNode;
  label: string;
  children: ReactNode;
  align?: "start" | "center" | "end";
  side?: "top" | "left" | "right";
  /** Whether it is open, where that is for another to say. */
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
};

/** A small panel that opens from a button and closes at a touch elsewhere. */
export function Popover({ button, label, children, align = "end", side = "top", ...opening }: Props) {
  return (
    <Radix.Root {...opening}>
      <Radix.Trigger asChild>{button}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          aria-label={label}
          align={align}
          side={side}
          sideOffset={side === "top" ? 28 : 12}
          collisionPadding={12}
          // The panel itself takes the keyboard: a field would open the keyboard of a touch display.
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            (event.currentTarget as HTMLElement).focus();
          }}
          className="rises z-50 w-88 outline-none max-w-[calc(100vw-24px)] rounded-card border border-rule bg-board p-5 text-ink"
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
