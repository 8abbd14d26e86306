"use client";

import { Plus, X } from "lucide-react";
import { useState } from "react";
import { holdsOf } from "@/core/set/holds";
import { type Rule, ruleOf, textOf } from "@/core/set/rule";
import { shortWords } from "@/core/set/rule-words";
import { chartNumbers, plainChart } from "@/core/surface/chart";
import { MAX_CARDS, squaresOfCards } from "@/core/views/kinds/cards";
import type { ViewOf } from "@/core/views/view";
import { Button, IconButton } from "@/kit/button";
import { PatternCard } from "@/view/cards/cards-drawing";
import { RuleBuilder } from "../../rule/rule-builder";
import { useLay } from "../../store/use-board";

/** The cards of a view, each with its picture, and how to make another one. */
export function CardsFields({ view }: { view: ViewOf<"cards"> }) {
  const lay = useLay(view);
  const [rule, setRule] = useState<Rule>(() => ruleOf({ kind: "multiples", not: false, of: "3" }));
  const squares = squaresOfCards(view);
  const { columns, rows, first } = view;
  const held = chartNumbers(plainChart(String(first), "1", columns, { by: "rows", rows })).filter(
    holdsOf(rule, () => 0),
  );
  return (
    <div className="flex flex-col gap-3">
      <ul aria-label="Cards" className="flex flex-col gap-2">
        {view.cards.map((card, i) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: a card is where it stands; two may be alike.
            key={`${i} ${textOf(card)}`}
            className="flex items-center gap-3 rounded-button border border-rule py-1.5 pr-1 pl-2"
          >
            <PatternCard
              rule={card}
              squares={squares}
              side={44}
              color="var(--color-ink)"
              name={`Card ${i + 1}`}
            />
            <span className="min-w-0 flex-1 leading-snug font-semibold first-letter:uppercase">
              {shortWords(card)}
            </span>
            <IconButton
              name={`Remove card ${i + 1}`}
              disabled={view.cards.length === 1}
              onClick={() => lay(({ cards }) => ({ cards: cards.toSpliced(i, 1) }))}
            >
              <X aria-hidden size={19} />
            </IconButton>
          </li>
        ))}
      </ul>
      <div className="flex items-start gap-3">
        <PatternCard rule={rule} squares={squares} side={72} color="var(--color-ink)" name="The next card" />
        <div className="min-w-0 flex-1">
          <RuleBuilder rule={rule} onChange={setRule} held={held} squares={squares} />
        </div>
      </div>
      <Button
        tone="strong"
        disabled={view.cards.length >= MAX_CARDS || held.length === 0}
        onClick={() => lay(({ cards }) => ({ cards: [...cards, rule] }))}
      >
        <Plus aria-hidden size={18} /> Add this card
      </Button>
    </div>
  );
}
