"use client";

import { X } from "lucide-react";
import { showNumber } from "@/core/number/show-number";
import { CONDITION_CHOICES, choiceOf, chooseCondition, conditionWith } from "@/core/set/choose-condition";
import type { ConditionField } from "@/core/set/conditions/condition";
import { Condition, kindOf } from "@/core/set/rule";
import type { Squares } from "@/core/set/squares";
import * as z from "@/core/zod";
import { IconButton } from "@/kit/button";
import { Select } from "@/kit/select";
import { DraftField, useBoardDrafts } from "../prepare/checked-field";

type Props = {
  condition: Condition;
  /** The squares of the chart at hand, for conditions about positions. */
  squares?: Squares | undefined;
  onChange: (condition: Condition) => void;
  onRemove?: (() => void) | undefined;
};

const VERBS = {
  are: { label: "Are or are not", yes: "are", not: "are not" },
  have: { label: "Have or do not have", yes: "have", not: "do not have" },
} as const;

/** One condition, its controls in the order in which it is read. */
export function ConditionRow({ condition, squares, onChange, onRemove }: Props) {
  const { fields, verb } = kindOf(condition);
  const parts: Readonly<Record<string, unknown>> = condition;
  const texts = Object.fromEntries(
    fields.flatMap((field) => {
      if ("numbers" in field) {
        const numbers = parts[field.part] as readonly string[];
        return [[field.part, numbers.map((number) => showNumber(number)).join(", ")]];
      }
      if (!("number" in field)) return [];
      const value = parts[field.part];
      return [[field.part, typeof value === "string" ? showNumber(value) : ""]];
    }),
  );
  // A condition of another kind has other fields; text typed for the old one must not go into them.
  const drafts = useBoardDrafts(
    choiceOf(condition),
    texts,
    (typed) => conditionWith(condition, typed),
    onChange,
  );
  const says = VERBS[verb];
  const control = (field: ConditionField) => {
    if ("word" in field) {
      return (
        // A word may be spelt like a part: from, to.
        <span key={`word ${field.word}`} className="text-quiet">
          {field.word}
        </span>
      );
    }
    const { part, label } = field;
    if ("numbers" in field)
      return <DraftField key={part} bare label={label} className="w-56" {...drafts.field(part)} />;
    if ("number" in field)
      return <DraftField key={part} bare label={label} className="w-[4.5rem]" {...drafts.field(part)} />;
    return (
      <Select
        key={part}
        label={label}
        value={String(parts[part])}
        options={field.oneOf.map((one) => ({ value: String(one), label: String(one) }))}
        onChange={(text) => {
          const value = field.oneOf.find((one) => String(one) === text);
          onChange(Condition(z).parse({ ...condition, [part]: value }));
        }}
      />
    );
  };
  return (
    <div className="flex items-start gap-1">
      <div {...drafts.group} className="flex min-w-0 flex-1 flex-wrap items-center gap-2">
        <Select
          label={says.label}
          value={condition.not ? "not" : "yes"}
          options={[
            { value: "yes", label: says.yes },
            { value: "not", label: says.not },
          ]}
          onChange={(is) => onChange({ ...condition, not: is === "not" })}
        />
        {fields.filter(isBefore).map(control)}
        <Select
          label="What the numbers are"
          value={choiceOf(condition)}
          options={CONDITION_CHOICES}
          onChange={(choice) => onChange(chooseCondition(choice, condition, squares))}
        />
        {fields.filter((field) => !isBefore(field)).map(control)}
      </div>
      {onRemove && (
        <IconButton name="Remove this condition" onClick={onRemove}>
          <X aria-hidden size={19} />
        </IconButton>
      )}
    </div>
  );
}

const isBefore = (field: ConditionField) => "before" in field && field.before === true;
