"use client";

import { RadioGroup } from "radix-ui";

type Props<T extends string> = {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { value: T; label: string }[];
};

/** A few choices in a row, of which one holds. */
export function Segments<T extends string>({ label, value, onChange, options }: Props<T>) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={(next) => onChange(next as T)}
      className="flex gap-1 rounded-button bg-wall p-1"
    >
      {options.map((option) => (
        <RadioGroup.Item
          key={option.value}
          value={option.value}
          // A choice made by hand leaves the keyboard to the board.
          onMouseDown={(event) => event.preventDefault()}
          className="h-10 flex-1 rounded-[9px] px-2 font-semibold @max-[260px]:px-1 @max-[260px]:text-[14px] whitespace-nowrap text-quiet hover:text-ink data-[state=checked]:bg-board data-[state=checked]:text-ink data-[state=checked]:ring-1 data-[state=checked]:ring-rule"
        >
          {option.label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
