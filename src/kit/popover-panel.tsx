"use client";

import { clsx } from "clsx";
import { Popover as Radix } from "radix-ui";
import { useState } from "react";
import type { PopoverProps } from "./popover";
import { useSecondPress } from "./use-second-press";

const TONES = {
  board: "w-88 max-w-[calc(100vw-1.5rem)] border border-rule bg-board p-5 text-ink",
  rail: "flex bg-rail p-2",
} as const;

/** What opens from a button. It is loaded when first asked for, and is open then. */
export function PopoverPanel(props: PopoverProps) {
  const {
    button,
    label,
    children,
    align = "end",
    side = "top",
    tone = "board",
    closesWithin = false,
  } = props;
  const { open: told, onOpenChange } = props;
  const [isOpen, setOpen] = useState(true);
  useSecondPress();
  const open = told ?? isOpen;
  const change = onOpenChange ?? setOpen;
  return (
    <Radix.Root open={open} onOpenChange={change}>
      <Radix.Trigger asChild>{button}</Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          aria-label={label}
          align={align}
          side={side}
          sideOffset={side === "top" ? 28 : 12}
          collisionPadding={12}
          // The panel itself takes the focus: a field would open the on-screen keyboard of a touch display.
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            (event.currentTarget as HTMLElement).focus();
          }}
          onClick={closesWithin ? () => change(false) : undefined}
          className={clsx("rises z-50 rounded-card outline-none", TONES[tone])}
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
