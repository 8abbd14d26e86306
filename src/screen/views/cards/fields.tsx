"use client";

import { BookmarkPlus, Plus, Trash2, X } from "lucide-react";
import { type ReactNode, useState } from "react";
import { cardsNamed } from "@/core/lesson/cards-named";
import { chartOf } from "@/core/lesson/views-of";
import { inksAt } from "@/core/scene/scene";
import { ruleOn } from "@/core/set/choose-condition";
import { MAX_PICKED } from "@/core/set/conditions/picked";
import { holdsOf } from "@/core/set/holds";
import { type Rule, ruleOf, sameRule } from "@/core/set/rule";
import { shortWords } from "@/core/set/rule-words";
import type { Squares } from "@/core/set/squares";
import { chartNumbers, plainChart } from "@/core/surface/chart";
import { MAX_CARDS, squaresOfCards, withCard } from "@/core/views/kinds/cards";
import type { ViewOf } from "@/core/views/view";
import { Button, IconButton } from "@/kit/button";
import { PatternCard } from "@/view/cards/cards-drawing";
import { useLibrary } from "../../library/use-library";
import { RuleBuilder } from "../../rule/rule-builder";
import { boardStateOf } from "../../store/on-show";
import { pickBoard, pickScene, useBoard, useBoardStore, useLay } from "../../store/use-board";

/** The cards of a view, how to make another one, and the library in which they are kept for other lessons. */
export function CardsFields({ view }: { view: ViewOf<"cards"> }) {
  const lay = useLay(view);
  const store = useBoardStore();
  const [rule, setRule] = useState<Rule>(() => ruleOf({ kind: "multiples", not: false, of: "3" }));
  const [kept, ask] = useLibrary();
  const squares = squaresOfCards(view);
  const { columns, rows, first } = view;
  const held = chartNumbers(plainChart(String(first), "1", columns, { by: "rows", rows })).filter(
    holdsOf(rule, () => 0),
  );
  const board = useBoard(pickBoard);
  const scene = useBoard(pickScene);
  // A card made by hand: shaded by touch on the chart of the board.
  const chart = chartOf(board);
  const shaded = chart ? chartNumbers(chart).filter((number) => inksAt(scene, number) !== 0) : [];
  const full = view.cards.length >= MAX_CARDS;
  const add = (card: Rule) => {
    const named = cardsNamed(boardStateOf(store.getState()), view.id);
    lay(({ cards }) => ({ cards: withCard(cards, ruleOn(card, squares), named) }));
  };
  const isKept = (card: Rule) => kept?.some((one) => sameRule(one.rule, card)) ?? true;
  return (
    <div className="flex flex-col gap-4">
      <ul aria-label="Cards" className="flex flex-col gap-2">
        {view.cards.map(({ id, rule: card }, i) => (
          <CardRow key={id} rule={card} squares={squares} name={`Card ${i + 1}`}>
            <IconButton
              name={isKept(card) ? `Card ${i + 1} is in the library` : `Keep card ${i + 1} in the library`}
              disabled={isKept(card)}
              onClick={() => ask({ do: "keep", rule: card }, "Card kept in the library")}
            >
              <BookmarkPlus aria-hidden size="1.1875rem" />
            </IconButton>
            <IconButton
              name={`Remove card ${i + 1}`}
              disabled={view.cards.length === 1}
              onClick={() => lay(({ cards }) => ({ cards: cards.filter((one) => one.id !== id) }))}
            >
              <X aria-hidden size="1.1875rem" />
            </IconButton>
          </CardRow>
        ))}
      </ul>
      <section aria-label="Another card" className="flex flex-col gap-3 border-rule border-t pt-4">
        <RuleBuilder rule={rule} onChange={setRule} held={held} squares={squares} />
        <div className="flex items-center gap-3">
          <PatternCard rule={rule} squares={squares} side={72} color="var(--color-ink)" name="The new card" />
          <Button
            tone="strong"
            className="flex-1"
            disabled={full || held.length === 0}
            onClick={() => add(rule)}
          >
            <Plus aria-hidden size="1.125rem" /> Add this card
          </Button>
        </div>
        {shaded.length > 0 && (
          <Button
            disabled={full || shaded.length > MAX_PICKED}
            onClick={() => add(ruleOf({ kind: "picked", not: false, numbers: shaded }))}
          >
            <Plus aria-hidden size="1.125rem" /> Add what is marked on the chart
          </Button>
        )}
      </section>
      <section aria-label="Card library" className="flex flex-col gap-2 border-rule border-t pt-4">
        <h3 className="font-semibold">Card library</h3>
        {kept?.length === 0 && (
          <p className="text-small leading-snug text-quiet">
            Nothing is kept yet. Keep a card above, and it can be added to the cards of any lesson.
          </p>
        )}
        <ul className="flex flex-col gap-2">
          {kept?.map(({ id, rule: card }) => (
            <CardRow key={id} rule={ruleOn(card, squares)} squares={squares} name={shortWords(card)}>
              <IconButton name={`Add ${shortWords(card)}`} disabled={full} onClick={() => add(card)}>
                <Plus aria-hidden size="1.1875rem" />
              </IconButton>
              <IconButton
                name={`Take ${shortWords(card)} out of the library`}
                onClick={() => ask({ do: "drop", id }, "Card taken out of the library")}
              >
                <Trash2 aria-hidden size="1.125rem" />
              </IconButton>
            </CardRow>
          ))}
        </ul>
      </section>
    </div>
  );
}

type RowProps = { rule: Rule; squares: Squares; name: string; children: ReactNode };

/** A card's picture, its rule, and what can be done with it. */
const CardRow = ({ rule, squares, name, children }: RowProps) => (
  <li className="flex items-center gap-3 rounded-button border border-rule py-1.5 pr-1 pl-2">
    <PatternCard rule={rule} squares={squares} side={44} color="var(--color-ink)" name={name} />
    <span className="min-w-0 flex-1 leading-snug font-semibold first-letter:uppercase">
      {shortWords(rule)}
    </span>
    {children}
  </li>
);
