"use client";

import { Plus } from "lucide-react";
import type { NumberKey } from "@/core/number/exact";
import { manyOf } from "@/core/number/many-of";
import { showNumber } from "@/core/number/show-number";
import { firstOnly } from "@/core/set/choose-condition";
import { asksForInks, MAX_CONDITIONS, type Rule } from "@/core/set/rule";
import { listNumbers, ruleWords } from "@/core/set/rule-words";
import type { Squares } from "@/core/set/squares";
import { Button } from "@/kit/button";
import { Segments } from "@/kit/segments";
import { DraftField, useBoardDrafts } from "../prepare/checked-field";
import { ConditionRow } from "./condition-row";
import { useSeen } from "./use-seen";

type Props = {
  rule: Rule;
  onChange: (rule: Rule) => void;
  /** The squares of the chart at hand, for conditions about positions. */
  squares?: Squares | undefined;
  /** The numbers of the board that the rule holds. */
  held: readonly NumberKey[];
};

/** A rule as a sentence of plain controls, with the numbers it holds counted below. */
export function RuleBuilder({ rule, onChange: onRule, held, squares }: Props) {
  // Rules about marks cannot be limited to their first numbers, which are counted without a board.
  const onChange = (next: Rule) =>
    onRule(next.first && asksForInks(next) ? { ...next, first: undefined } : next);
  const { conditions, join } = rule;
  const many = conditions.length > 1;
  const shown = useSeen()(held);
  return (
    <div className="flex flex-col gap-2.5">
      <p className="font-semibold">Numbers that</p>
      {conditions.map((condition, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a condition is where it stands in the sentence.
        <div key={index} className="flex flex-col gap-2.5">
          {index > 0 &&
            (index === 1 ? (
              <Segments
                label="All conditions, or any of them"
                value={join}
                options={[
                  { value: "and", label: "and also" },
                  { value: "or", label: "or" },
                ]}
                onChange={(next) => onChange({ ...rule, join: next })}
              />
            ) : (
              <p className="text-quiet">{join === "and" ? "and also" : "or"}</p>
            ))}
          <ConditionRow
            condition={condition}
            squares={squares}
            onChange={(next) => onChange({ ...rule, conditions: conditions.with(index, next) })}
            onRemove={
              many ? () => onChange({ ...rule, conditions: conditions.toSpliced(index, 1) }) : undefined
            }
          />
        </div>
      ))}
      {conditions.length < MAX_CONDITIONS && (
        <Button
          tone="quiet"
          className="self-start px-2"
          onClick={() => onChange({ ...rule, conditions: [...conditions, { kind: "even", not: false }] })}
        >
          <Plus aria-hidden size={18} /> Another condition
        </Button>
      )}
      {!asksForInks(rule) && <OnlyTheFirst rule={rule} onChange={onChange} />}
      <output className="block rounded-button bg-mist px-3.5 py-2.5 text-small leading-snug">
        <span className="block font-semibold first-letter:uppercase">{ruleWords(rule)}</span>
        <span className="text-quiet">
          {held.length === 0
            ? "No number on this board."
            : `${manyOf(held.length, "number")}${shown.length === held.length ? `: ${listNumbers(held, 8)}` : ""}`}
        </span>
      </output>
    </div>
  );
}

/** Limits a rule to its first numbers: how many, and from which one on; all of them if nothing is typed. */
function OnlyTheFirst({ rule, onChange }: Pick<Props, "rule" | "onChange">) {
  const { first } = rule;
  const shown = { many: first ? String(first.many) : "", from: first ? showNumber(first.from) : "1" };
  const drafts = useBoardDrafts(
    "first",
    shown,
    (typed) => firstOnly({ ...shown, ...typed }),
    (next) => onChange({ ...rule, first: next }),
  );
  return (
    <div {...drafts.group} className="flex flex-wrap items-center gap-2">
      <span className="text-quiet">only the first</span>
      <DraftField bare label="Only the first, optional" className="w-[4.5rem]" {...drafts.field("many")} />
      <span className="text-quiet">from</span>
      <DraftField bare label="Counted from" className="w-[4.5rem]" {...drafts.field("from")} />
    </div>
  );
}
