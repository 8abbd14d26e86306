"use client";

import { useEffect, useRef, useState } from "react";
import { Field } from "@/kit/field";

type Props = {
  label: string;
  value: string;
  /** Checks what is typed, and gives the message where it cannot be used. */
  check: (typed: string) => string | undefined;
  /** Takes what was typed and checked: a little after the last key, or at Enter, or when the field is left. */
  onTake: (typed: string) => void;
  numeric?: boolean;
  bare?: boolean;
  className?: string;
};

const SETTLE_MS = 450;

/** A field that changes nothing until what stands in it can be used, and says so while it cannot. */
export function CheckedField({ label, value, check, onTake, numeric, bare, className }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const message = typed === null ? undefined : check(typed);

  /** Takes what stands in the field, if it can be used and is new. */
  const take = () => {
    clearTimeout(timer.current);
    if (typed === null || message !== undefined) return;
    if (typed.trim() !== value) onTake(typed);
    // From here on the field shows what holds, also when that changes elsewhere.
    setTyped(null);
  };
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  // A field that is closed before it has settled still counts.
  useEffect(() => () => latest.current(), []);

  return (
    <Field
      label={label}
      value={typed ?? value}
      message={message}
      maxLength={200}
      {...(numeric ? { inputMode: "decimal" as const } : {})}
      {...(bare ? { bare } : {})}
      {...(className ? { className } : {})}
      onChange={(event) => {
        setTyped(event.target.value);
        clearTimeout(timer.current);
        timer.current = setTimeout(() => latest.current(), SETTLE_MS);
      }}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === "Enter") take();
      }}
    />
  );
}
