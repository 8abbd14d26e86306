"use client";

import { ToggleGroup } from "radix-ui";

type Props<T extends string> = {
  label: string;
  value: readonly T[];
  onChange: (value: T[]) => void;
  options: readonly { value: T; label: string }[];
};

/** A few toggles in a row. */
export function Toggles<T extends string>({ label, value, onChange, options }: Props<T>) {
  return (
    <ToggleGroup.Root
      type="multiple"
      aria-label={label}
      value={[...value]}
      onValueChange={(next) => onChange(next as T[])}
      className="flex gap-1.5"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          onMouseDown={(event) => event.preventDefault()}
          className="h-press flex-1 rounded-button border border-edge px-2 font-semibold whitespace-nowrap text-quiet hover:border-ink hover:text-ink data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-board"
        >
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
