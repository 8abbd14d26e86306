"use client";

import { Slider as Radix } from "radix-ui";

type Props = {
  label: string;
  value: number;
  min: number;
  max: number;
  onChange: (value: number) => void;
  /** Called when the hand lets go. */
  onDone?: () => void;
};

/** A slider for a whole number. */
export function Slider({ label, value, min, max, onChange, onDone }: Props) {
  return (
    <Radix.Root
      value={[value]}
      min={min}
      max={max}
      step={1}
      onValueChange={([next]) => next !== undefined && onChange(next)}
      onValueCommit={() => onDone?.()}
      className="relative flex h-touch w-full touch-none items-center select-none"
    >
      <Radix.Track className="h-2 grow rounded-full bg-rule">
        <Radix.Range className="absolute h-2 rounded-full bg-ink" />
      </Radix.Track>
      <Radix.Thumb
        aria-label={label}
        className="block size-press rounded-full border-3 border-ink bg-board text-center font-numeral text-large leading-[38px] font-bold"
      >
        {value}
      </Radix.Thumb>
    </Radix.Root>
  );
}
