"use client";

import { Switch as Radix } from "radix-ui";
import { useId } from "react";

type Props = { label: string; on: boolean; onChange: (on: boolean) => void; disabled?: boolean };

/** A switch between on and off. */
export function Switch({ label, on, onChange, disabled = false }: Props) {
  const id = useId();
  return (
    <div className="flex min-h-press items-center justify-between gap-3">
      <label htmlFor={id} className="flex-1 cursor-pointer font-semibold">
        {label}
      </label>
      <Radix.Root
        id={id}
        disabled={disabled}
        checked={on}
        onCheckedChange={onChange}
        className="h-8 w-14 shrink-0 rounded-full border-2 border-quiet disabled:opacity-40 bg-board p-0.5 data-[state=checked]:border-ink data-[state=checked]:bg-rail"
      >
        <Radix.Thumb className="block size-6 rounded-full bg-quiet data-[state=checked]:translate-x-6 data-[state=checked]:bg-stair motion-safe:transition-transform" />
      </Radix.Root>
    </div>
  );
}
