"use client";

import { Check } from "lucide-react";
import { Select as Radix } from "radix-ui";
import { useState } from "react";
import { CLOSED, OpensSign, type Option, type SelectProps } from "./closed-select";
import { openedIn } from "./opened-in";
import { useSecondPress } from "./use-second-press";

/**
 * A list and the button that it opens from. It is loaded when first asked for, and is open then. Only an open list can
 * be chosen from: a letter pressed on a closed one is a shortcut of the board, and must not also change the value.
 */
export function SelectList({ label, value, onChange, options, placeholder }: SelectProps<string>) {
  const [open, setOpen] = useState(true);
  useSecondPress();
  return (
    <Radix.Root
      open={open}
      onOpenChange={setOpen}
      value={value}
      onValueChange={(next) => open && onChange(next)}
    >
      <Radix.Trigger aria-label={label} className={CLOSED}>
        <Radix.Value placeholder={placeholder} />
        <OpensSign />
      </Radix.Trigger>
      <Radix.Portal container={openedIn()}>
        <Radix.Content
          position="popper"
          sideOffset={6}
          collisionPadding={12}
          className="z-50 max-h-[min(26.25rem,var(--radix-select-content-available-height))] overflow-hidden rounded-card border border-rule bg-board p-1.5 text-ink"
        >
          <Radix.Viewport>
            {options.map((option) =>
              "options" in option ? (
                <Radix.Group key={option.name}>
                  <Radix.Label className="px-3 pt-3 pb-1 text-small text-quiet">{option.name}</Radix.Label>
                  {option.options.map((one) => (
                    <Item key={one.value} option={one} />
                  ))}
                </Radix.Group>
              ) : (
                <Item key={option.value} option={option} />
              ),
            )}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

const Item = ({ option }: { option: Option<string> }) => (
  <Radix.Item
    value={option.value}
    className="flex min-h-press cursor-pointer items-center justify-between gap-4 rounded-button px-3 font-semibold outline-none data-[highlighted]:bg-wall data-[highlighted]:shadow-[inset_0_0_0_2px_var(--color-ink)]"
  >
    <Radix.ItemText>{option.label}</Radix.ItemText>
    <Radix.ItemIndicator>
      <Check aria-hidden size="1.0625rem" />
    </Radix.ItemIndicator>
  </Radix.Item>
);
