"use client";

import { RadioGroup } from "radix-ui";

type Props<T extends string> = {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly { value: T; label: string }[];
  /** More choices than fit in a row: in rows of five. */
  inRows?: boolean;
};

/** A few choices in a row, one of them selected; those that do not fit wrap. */
export function Segments<T extends string>(props: Props<T>) {
  const { label, value, onChange, options, inRows = false } = props;
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={(next) => onChange(next as T)}
      className={`${inRows ? "grid grid-cols-5" : "flex flex-wrap"} gap-1 rounded-button bg-wall p-1`}
    >
      {options.map((option) => (
        <RadioGroup.Item
          key={option.value}
          value={option.value}
          // A choice made by hand leaves the keyboard to the board.
          onMouseDown={(event) => event.preventDefault()}
          className="focus-close h-press flex-1 rounded-button px-2 font-semibold @max-[16.25rem]:px-1 @max-[16.25rem]:text-small whitespace-nowrap text-quiet hover:text-ink data-[state=checked]:bg-board data-[state=checked]:text-ink data-[state=checked]:ring-1 data-[state=checked]:ring-rule"
        >
          {option.label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
