"use client";

import { RadioGroup } from "radix-ui";
import { Fragment } from "react";

type Props = {
  /** The choices that all rows share, each the head of a column. */
  options: readonly { value: string; label: string }[];
  rows: readonly { label: string; value: string; onChange: (value: string) => void }[];
};

/** Several choices between the same few values: a row each, under heads that are shown once. */
export function ChoiceRows({ options, rows }: Props) {
  const columns = { gridTemplateColumns: `repeat(${options.length}, minmax(0, 1fr))` };
  return (
    <div className="grid max-w-110 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1">
      <span />
      <div aria-hidden className="grid gap-1 px-0.5 text-center text-small text-quiet" style={columns}>
        {options.map(({ value, label }) => (
          <span key={value}>{label}</span>
        ))}
      </div>
      {rows.map(({ label, value, onChange }) => (
        <Fragment key={label}>
          <span className="text-small leading-tight font-semibold">{label}</span>
          <RadioGroup.Root
            aria-label={label}
            value={value}
            onValueChange={onChange}
            className="grid gap-1 rounded-button bg-wall p-0.5"
            style={columns}
          >
            {options.map((option) => (
              <RadioGroup.Item
                key={option.value}
                value={option.value}
                aria-label={option.label}
                // A choice made by hand leaves the keyboard to the board.
                onMouseDown={(event) => event.preventDefault()}
                className="group focus-close grid h-press min-w-17 place-items-center rounded-button data-[state=checked]:bg-board data-[state=checked]:ring-1 data-[state=checked]:ring-rule"
              >
                {/* The word of the current choice, so that it can be read even when the heads are scrolled away. */}
                <span className="hidden px-1 text-small font-semibold group-data-[state=checked]:block">
                  {option.label}
                </span>
                <span className="size-2 rounded-full border-2 border-edge group-hover:border-ink group-data-[state=checked]:hidden" />
              </RadioGroup.Item>
            ))}
          </RadioGroup.Root>
        </Fragment>
      ))}
    </div>
  );
}
