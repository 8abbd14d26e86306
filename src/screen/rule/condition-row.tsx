"use client";

import { X } from "lucide-react";
import { INKS } from "@/core/lesson/ink";
import { readNumber } from "@/core/number/read-number";
import { showNumber } from "@/core/number/show-number";
import { Condition } from "@/core/set/rule";
import { IconButton } from "@/kit/button";
import { Select } from "@/kit/select";
import { INK_LOOK } from "@/view/ink/ink-look";
import { DraftField, useBoardDrafts } from "../board/checked-field";
import { conditionOf, KINDS, kindOf } from "./condition-kinds";

type Props = {
  condition: Condition;
  onChange: (condition: Condition) => void;
  onRemove?: (() => void) | undefined;
};

const DIGITS = Array.from({ length: 10 }, (_, digit) => ({ value: String(digit), label: String(digit) }));

/** One condition, its controls in the order in which it is read. */
export function ConditionRow({ condition, onChange, onRemove }: Props) {
  const has = condition.kind === "digit";
  const texts = Object.fromEntries(
    NUMBERS.map((part) => {
      const value = (condition as Record<string, unknown>)[part];
      return [part, typeof value === "string" ? showNumber(value) : ""];
    }),
  ) as Record<NumberPart, string>;
  // A condition of another kind has other fields: what was typed for the old one is not for them.
  const drafts = useBoardDrafts(
    kindOf(condition),
    texts,
    (typed) => conditionWith(condition, typed),
    onChange,
  );
  const number = (part: NumberPart, label: string) => (
    <DraftField bare label={label} className="w-[4.5rem]" {...drafts.field(part)} />
  );
  return (
    <div className="flex items-start gap-1">
      <div {...drafts.group} className="flex min-w-0 flex-1 flex-wrap items-center gap-2">
        <Select
          label={has ? "Have or do not have" : "Are or are not"}
          value={condition.not ? "not" : "yes"}
          options={[
            { value: "yes", label: has ? "have" : "are" },
            { value: "not", label: has ? "do not have" : "are not" },
          ]}
          onChange={(is) => onChange({ ...condition, not: is === "not" })}
        />
        <Select
          label="What the numbers are"
          value={kindOf(condition)}
          options={KINDS}
          onChange={(kind) => onChange(conditionOf(kind, condition))}
        />
        {condition.kind === "multiples" && (
          <>
            {number("of", "Multiples of")}
            <Word>from</Word>
            {number("from", "From, optional")}
            <Word>to</Word>
            {number("to", "To, optional")}
          </>
        )}
        {condition.kind === "counting" && (
          <>
            {number("by", "Counting in")}
            <Word>from</Word>
            {number("from", "From")}
            <Word>to</Word>
            {number("to", "To, optional")}
          </>
        )}
        {condition.kind === "between" && (
          <>
            {number("from", "From")}
            <Word>and</Word>
            {number("to", "To")}
          </>
        )}
        {(condition.kind === "less" || condition.kind === "more") && number("than", "Than")}
        {condition.kind === "digit" && (
          <Select
            label="Digit"
            value={String(condition.digit)}
            options={DIGITS}
            onChange={(digit) => onChange({ ...condition, digit: Number(digit) })}
          />
        )}
        {condition.kind === "ink" && (
          <Select
            label="Ink"
            value={condition.ink}
            options={INKS.map((ink) => ({ value: ink, label: INK_LOOK[ink].name.toLowerCase() }))}
            onChange={(ink) => onChange({ ...condition, ink })}
          />
        )}
      </div>
      {onRemove && (
        <IconButton name="Remove this condition" onClick={onRemove}>
          <X aria-hidden size={19} />
        </IconButton>
      )}
    </div>
  );
}

const Word = ({ children }: { children: string }) => <span className="text-quiet">{children}</span>;

const NUMBERS = ["of", "by", "from", "to", "than"] as const;
type NumberPart = (typeof NUMBERS)[number];

/** The condition with numbers as typed; one that may be left out is left out where its field is empty. */
function conditionWith(condition: Condition, typed: { readonly [part in NumberPart]?: string }) {
  const next: Record<string, unknown> = { ...condition };
  for (const [part, text] of Object.entries(typed) as [NumberPart, string][]) {
    const isOptional =
      condition.kind === "multiples" ? part !== "of" : condition.kind === "counting" && part === "to";
    delete next[part];
    if (isOptional && text.trim() === "") continue;
    const read = readNumber(text);
    if (!read.ok) return { ok: false as const, message: read.message, at: part };
    next[part] = read.text;
  }
  const made = Condition.safeParse(next);
  return made.success
    ? { ok: true as const, value: made.data }
    : { ok: false as const, message: made.error.issues[0]!.message };
}
