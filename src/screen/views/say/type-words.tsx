"use client";

import { useState } from "react";
import { MAX_LETTERS, readRule } from "@/core/set/read-rule";
import type { Rule } from "@/core/set/rule";
import type { Squares } from "@/core/set/squares";
import { Button } from "@/kit/button";

type Props = {
  keeps: boolean;
  /** The squares of the chart that the sentence is about. */
  squares: Squares | undefined;
  onRead: (rule: Rule) => void;
  onKeep: (words: string) => void;
};

/** A sentence typed: read where its words are exact, and kept as it is where the class's own words are. */
export function TypeWords({ keeps, squares, onRead, onKeep }: Props) {
  const [words, setWords] = useState("");
  const [message, setMessage] = useState("");
  const text = words.trim();
  return (
    <form
      className="flex flex-col gap-3 rounded-button border border-rule bg-mist p-3"
      onSubmit={(event) => {
        event.preventDefault();
        const rule = readRule(text, squares);
        if (rule) return onRead(rule);
        setMessage(
          text === ""
            ? "Write a sentence first."
            : "These words are not exact enough to be shaded. Try “multiples of 6”, “end in 4” or “even and less than 20”.",
        );
      }}
    >
      <label className="flex flex-col gap-1.5 text-large font-semibold">
        Numbers that …
        <input
          value={words}
          maxLength={MAX_LETTERS}
          autoComplete="off"
          onChange={(event) => {
            setWords(event.target.value);
            setMessage("");
          }}
          className="h-touch w-full rounded-button border-2 border-edge bg-board px-3 text-large"
        />
      </label>
      <p aria-live="polite" className="text-small font-medium text-wrong empty:hidden">
        {message}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button type="submit" tone="strong" className="h-touch px-5">
          Read it
        </Button>
        {keeps && (
          <Button className="h-touch px-5" disabled={text === ""} onClick={() => onKeep(text)}>
            Keep these words
          </Button>
        )}
      </div>
    </form>
  );
}
