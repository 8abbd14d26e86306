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
  className?: string;
};

const SETTLE_MS = 450;

/** A field that changes nothing until what stands in it can be used, and says so while it cannot. */
export function CheckedField({ label, value, check, onTake, numeric, className }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const message = typed === null ? undefined : check(typed);

  const take = (text: string) => {
    clearTimeout(timer.current);
    if (check(text) !== undefined) return;
    if (text.trim() !== value) onTake(text);
    setTyped(null);
  };
  useEffect(() => () => clearTimeout(timer.current), []);

  return (
    <Field
      label={label}
      value={typed ?? value}
      message={message}
      maxLength={200}
      {...(numeric ? { inputMode: "decimal" as const } : {})}
      {...(className ? { className } : {})}
      onChange={(event) => {
        const text = event.target.value;
        setTyped(text);
        clearTimeout(timer.current);
        timer.current = setTimeout(() => {
          if (check(text) === undefined && text.trim() !== value) onTake(text);
        }, SETTLE_MS);
      }}
      onBlur={() => typed !== null && take(typed)}
      onKeyDown={(event) => {
        if (event.key === "Enter" && typed !== null) take(typed);
        if (event.key === "Escape") setTyped(null);
      }}
    />
  );
}
