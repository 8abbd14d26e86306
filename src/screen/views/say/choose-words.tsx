"use client";

import { X } from "lucide-react";
import { useState } from "react";
import { showNumber } from "@/core/number/show-number";
import { CONDITION_CHOICES, choiceOf, chooseCondition, conditionWith } from "@/core/set/choose-condition";
import { MAX_PICKED, PICKED_AT_FIRST } from "@/core/set/conditions/picked";
import { Condition, kindOf, type Rule, ruleOf } from "@/core/set/rule";
import type { Squares } from "@/core/set/squares";
import * as z from "@/core/zod";
import { Button } from "@/kit/button";
import { NumberPad } from "../number-pad";

type Props = {
  rule: Rule | null;
  condition: number;
  /** "new" and "what" choose the kind, else a part of the condition. */
  part: string;
  squares: Squares | undefined;
  /** Called with the new sentence, and the part to be chosen next. */
  onRule: (rule: Rule, next?: string) => void;
  onRemove: (rule: Rule | null) => void;
  onClose: () => void;
};

const EVEN: Condition = { kind: "even", not: false };

/** The choices for a part of the sentence: kinds of number by family, a number by its keys, a digit. */
export function ChooseWords({ rule, condition, part, squares, onRule, onRemove, onClose }: Props) {
  const was = rule?.conditions[condition];
  const [message, setMessage] = useState("");
  const withCondition = (next: Condition): Rule =>
    rule === null
      ? ruleOf(next)
      : {
          ...rule,
          conditions: [...rule.conditions.slice(0, condition), next, ...rule.conditions.slice(condition + 1)],
        };
  if (part === "new" || part === "what" || !was) {
    const choose = (value: string) => {
      const next = chooseCondition(value, was ?? EVEN, squares);
      const field = kindOf(next).fields.find(
        (one) => "part" in one && !("number" in one && one.number === "optional"),
      );
      onRule(withCondition(next), field && "part" in field ? field.part : undefined);
    };
    return (
      <div className="flex size-full flex-col gap-2 overflow-y-auto rounded-button border border-rule bg-mist p-3">
        {was && rule && (
          <Button
            tone="quiet"
            className="self-end"
            onClick={() => {
              const left = rule.conditions.toSpliced(condition, 1);
              onRemove(left.length === 0 ? null : { ...rule, conditions: left });
            }}
          >
            Remove this condition
          </Button>
        )}
        {CONDITION_CHOICES.filter(({ options }) => options.some(({ value }) => mayBeSaid(value))).map(
          ({ name, options }) => (
            <section key={name} aria-label={name} className="flex flex-col gap-1.5">
              <h3 className="text-small font-semibold text-quiet">{name}</h3>
              <div className="flex flex-wrap gap-2">
                {options
                  .filter(({ value }) => mayBeSaid(value))
                  .map(({ value, label }) => (
                    <Button
                      key={value}
                      className="h-touch text-large aria-pressed:border-ink aria-pressed:bg-lit"
                      aria-pressed={was !== undefined && part === "what" && choiceOf(was) === value}
                      onClick={() => choose(value)}
                    >
                      {label.replace(/:$/, "")}
                    </Button>
                  ))}
              </div>
            </section>
          ),
        )}
      </div>
    );
  }
  const field = kindOf(was).fields.find((one) => "part" in one && one.part === part);
  if (!field || !("part" in field)) return null;
  if ("oneOf" in field) {
    return (
      <div className={`${PANEL} flex-row flex-wrap content-start`}>
        {field.oneOf.map((one) => (
          <Button
            key={one}
            className="h-touch min-w-14 font-numeral text-title"
            onClick={() => onRule(withCondition(Condition(z).parse({ ...was, [part]: one })))}
          >
            {one}
          </Button>
        ))}
      </div>
    );
  }
  if ("numbers" in field && was.kind === "picked") {
    return (
      <NameNumbers
        numbers={was.numbers}
        onNumbers={(numbers) => onRule(withCondition({ ...was, numbers }), part)}
        onClose={onClose}
      />
    );
  }
  const fields = kindOf(was).fields.flatMap((one) =>
    "part" in one && "number" in one && one.number === "required" ? [one.part] : [],
  );
  const next = fields[fields.indexOf(part) + 1];
  return (
    <div className={PANEL}>
      <p className="text-large font-semibold">{field.label}</p>
      <NumberPad
        wide
        done="Done"
        onDone={(says) => {
          const read = conditionWith(was, { [part]: says });
          if (!read.ok) return setMessage(read.message);
          onRule(withCondition(read.value), next);
        }}
      />
      <p aria-live="polite" className="text-small font-medium text-wrong empty:hidden">
        {message}
      </p>
    </div>
  );
}

const PANEL =
  "flex size-full flex-col items-start gap-2 overflow-y-auto rounded-button border border-rule bg-mist p-3";

type NumbersProps = {
  numbers: readonly string[];
  onNumbers: (numbers: string[]) => void;
  onClose: () => void;
};

/** Numbers named one by one. The starting ones are only an example: the first one typed replaces them. */
function NameNumbers({ numbers, onNumbers, onClose }: NumbersProps) {
  const isExample = numbers.join() === PICKED_AT_FIRST.join();
  return (
    <div className={PANEL}>
      <NumberPad
        wide
        done="Add"
        onDone={(says) => {
          const named = isExample ? [] : numbers.filter((number) => number !== says);
          onNumbers([...named, says].slice(-MAX_PICKED));
        }}
      />
      {!isExample && (
        <div className="flex flex-wrap gap-2">
          {numbers.map((number) => (
            <Button
              key={number}
              className="h-touch font-numeral text-large"
              aria-label={`Leave out ${showNumber(number)}`}
              disabled={numbers.length === 1}
              onClick={() => onNumbers(numbers.filter((one) => one !== number))}
            >
              {showNumber(number)} <X aria-hidden size="1.125rem" />
            </Button>
          ))}
          <Button tone="strong" className="h-touch px-5" onClick={onClose}>
            That is all
          </Button>
        </div>
      )}
    </div>
  );
}

/** A sentence says what numbers are, not which of them are marked. */
const mayBeSaid = (value: string) => !["ink", "marked", "all"].includes(value);
