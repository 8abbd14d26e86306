"use client";

import { useEffect, useRef, useState } from "react";
import { keyOf, type NumberKey } from "@/core/number/exact";
import { readNumber } from "@/core/number/read-number";
import { Button } from "@/kit/button";
import { NumberKeys } from "@/kit/number-keys";

type Props = {
  onDone: (says: NumberKey) => void;
  /** Why a number is not accepted, or null. */
  refuses?: (says: NumberKey) => string | null;
  label?: string;
  /** The label of the button that finishes. */
  done?: string;
  /** Wide and low. */
  wide?: boolean;
  /** As wide as what it stands in. */
  fills?: boolean;
};

/** A number typed with fingers, or with the keyboard. */
export function NumberPad(props: Props) {
  const { onDone, refuses, label = "Answer", done: word = "Write it", wide = false, fills = false } = props;
  const [typed, setTyped] = useState("");
  const [message, setMessage] = useState("");
  const field = useRef<HTMLInputElement>(null);
  // The field does not open the on-screen keyboard, so that it can be focused for the keyboard on the table.
  useEffect(() => field.current?.focus(), []);
  const done = () => {
    const read = readNumber(typed);
    if (!read.ok) return setMessage(read.message);
    const says = keyOf(read.value);
    const refused = refuses?.(says);
    if (refused) return setMessage(refused);
    onDone(says);
    setTyped("");
  };
  return (
    <form
      className={`flex flex-col gap-2 ${fills ? "w-full" : wide ? "w-full max-w-md" : "w-64"}`}
      onSubmit={(event) => {
        event.preventDefault();
        done();
      }}
    >
      <input
        ref={field}
        aria-label={label}
        inputMode="none"
        value={typed}
        maxLength={12}
        autoComplete="off"
        onChange={(event) => setTyped(event.target.value)}
        className="h-touch w-full rounded-button border-2 border-edge text-center font-numeral text-title font-bold text-by-hand"
      />
      <p aria-live="polite" className="text-small font-medium text-wrong empty:hidden">
        {message}
      </p>
      <NumberKeys
        wide={wide}
        onKey={(key) => {
          setMessage("");
          setTyped((was) => (key === "back" ? was.slice(0, -1) : (was + key).slice(0, 12)));
        }}
      >
        <Button type="submit" tone="stair" className="h-touch px-2">
          {word}
        </Button>
      </NumberKeys>
    </form>
  );
}
