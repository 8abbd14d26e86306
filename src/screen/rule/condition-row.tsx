"use client";

import { X } from "lucide-react";
import { INKS } from "@/core/lesson/ink";
import { readNumber } from "@/core/number/read-number";
import { showNumber } from "@/core/number/show-number";
import { Condition } from "@/core/set/rule";
import { IconButton } from "@/kit/button";
import { Select } from "@/kit/select";
import { INK_LOOK } from "@/view/ink/ink-look";
import { CheckedField } from "../board/checked-field";
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
  const number = (part: string, label: string, optional = false) => (
    <NumberInSentence
      key={`${condition.kind} ${part}`}
      condition={condition}
      part={part}
      label={label}
      optional={optional}
      onChange={onChange}
    />
  );
  return (
    <div className="flex items-start gap-1">
      <div className="flex min-w-0 flex-1 flex-wrap items-center gap-2">
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
            {number("from", "From, if you like", true)}
            <Word>to</Word>
            {number("to", "To, if you like", true)}
          </>
        )}
        {condition.kind === "counting" && (
          <>
            {number("by", "Counting in")}
            <Word>from</Word>
            {number("from", "From")}
            <Word>to</Word>
            {number("to", "To, if you like", true)}
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
        <IconButton name="Leave this condition out" onClick={onRemove}>
          <X aria-hidden size={19} />
        </IconButton>
      )}
    </div>
  );
}

const Word = ({ children }: { children: string }) => <span className="text-quiet">{children}</span>;

type NumberProps = {
  condition: Condition;
  part: string;
  label: string;
  optional: boolean;
  onChange: (condition: Condition) => void;
};

function NumberInSentence({ condition, part, label, optional, onChange }: NumberProps) {
  const value = (condition as Record<string, unknown>)[part];
  const read = (typed: string): { next?: Condition; message?: string | undefined } => {
    if (optional && typed.trim() === "") {
      const { [part]: _, ...rest } = condition as Record<string, unknown>;
      return { next: rest as Condition };
    }
    const number = readNumber(typed);
    if (!number.ok) return { message: number.message };
    const checked = Condition.safeParse({ ...condition, [part]: number.text });
    return checked.success ? { next: checked.data } : { message: checked.error.issues[0]?.message };
  };
  return (
    <CheckedField
      bare
      numeric
      label={label}
      value={typeof value === "string" ? showNumber(value) : ""}
      className="w-[4.5rem]"
      check={(typed) => read(typed).message}
      onTake={(typed) => {
        const { next } = read(typed);
        if (next) onChange(next);
      }}
    />
  );
}
