import type { ReactNode } from "react";
import { UNSORTED } from "@/core/scene/slices/sorting";
import { holdsOf } from "@/core/set/holds";
import { INKS } from "@/core/set/ink";
import type { Rule } from "@/core/set/rule";
import { shortWords } from "@/core/set/rule-words";
import type { Squares } from "@/core/set/squares";
import { squaresOfCards } from "@/core/views/kinds/cards";
import { clamp, type DrawingProps, grown } from "../drawing";
import { INK_STYLE } from "../ink/ink-style";
import { SmallChart } from "../pattern/small-chart";
import { Touchable } from "../touchable";
import { answerText } from "./answer-text";
import { BESIDE, GAP, layOutCards } from "./lay-out-cards";

type Props = DrawingProps<"cards"> & {
  /** What makes a card one that can be taken to a family. */
  card?: (id: number, place: number, card: ReactNode) => ReactNode;
  /** What makes a family one in which cards can be laid; null is where the others lie. */
  family?: (index: number | null, family: ReactNode) => ReactNode;
  onTell?: (id: number, told: boolean) => void;
  onName?: (family: number) => void;
};

/** The colour of the cards of a family, so that it is seen from afar which belong together. */
const colorOf = (family: number | null) =>
  family === null ? "var(--color-ink)" : INK_STYLE[INKS[(family + 2) % INKS.length]!].figure;

/** Pattern cards in their families, and those not sorted yet. */
export function CardsDrawing({ view, scene, size, theme, card, family, onTell, onName }: Props) {
  const { homes, names, told } = scene.sorted[view.id] ?? UNSORTED;
  const squares = squaresOfCards(view);
  const lies = homes.filter(({ family: at }) => at < view.families);
  const others = view.cards.filter(({ id }) => !lies.some(({ card: laid }) => laid === id));
  const inFamily = (at: number) =>
    lies
      .filter((one) => one.family === at)
      .flatMap((one) => view.cards.find(({ id }) => id === one.card) ?? []);
  const placeOf = (id: number) => view.cards.findIndex((one) => one.id === id) + 1;
  const families = Array.from({ length: view.families }, (_, i) => i);
  // Once every card lies in a family, the others need no room.
  const columns = others.length > 0 || view.families === 0 ? [null, ...families] : families;
  const text = clamp(grown(theme, 17), size.height * 0.036, grown(theme, 24));
  const all = columns.map((at) => (at === null ? others : inFamily(at)));
  const piles = columns.map((at, i) => ({ many: all[i]!.length, isFamily: at !== null }));
  const { stacked, wide, side, answer } = layOutCards(piles, size, theme, text);
  return (
    <div className={`flex size-full ${stacked ? "flex-col" : ""}`} style={{ gap: GAP }}>
      {columns.map((at, i) => {
        const pile = (
          <section
            aria-label={at === null ? "Cards in no family" : names[at] || `Family ${at + 1}`}
            className={`flex size-full gap-2 rounded-card p-3 ${stacked && at !== null ? "" : "flex-col"} ${at === null ? "" : "border-2 border-rule bg-mist"}`}
          >
            {at !== null && (
              <Touchable
                name={names[at] ? `Name of family ${at + 1}: ${names[at]}` : `Name family ${at + 1}`}
                onTouch={onName && (() => onName(at))}
                className={`flex min-h-11 items-center justify-start text-left leading-tight font-bold wrap-anywhere ${stacked ? "shrink-0" : "w-full"}`}
                style={
                  stacked
                    ? { width: BESIDE * size.width - GAP, fontSize: Math.min(text, size.width / 15) }
                    : { fontSize: Math.min(text, Math.max(11, wide[i]! / 9)) }
                }
              >
                {names[at] || <span className="text-quiet">What do they share?</span>}
              </Touchable>
            )}
            <div className="flex min-h-0 flex-1 flex-wrap content-start" style={{ gap: GAP }}>
              {all[i]!.map(({ id, rule }) => {
                const drawn = (
                  <PatternCard
                    rule={rule}
                    squares={squares}
                    side={side}
                    color={colorOf(at)}
                    name={`Card ${placeOf(id)}`}
                  />
                );
                return (
                  <div key={id} className="flex flex-col gap-1.5" data-card={id}>
                    {card ? card(id, placeOf(id), drawn) : drawn}
                    <Answer
                      name={`Rule of card ${placeOf(id)}, covered`}
                      rule={rule}
                      told={told.includes(id)}
                      width={side}
                      height={answer}
                      text={text}
                      onTouch={onTell && (() => onTell(id, !told.includes(id)))}
                    />
                  </div>
                );
              })}
            </div>
          </section>
        );
        return (
          <div
            key={at ?? "others"}
            className="min-h-0 min-w-0"
            style={{ [stacked ? "height" : "width"]: wide[i]! }}
          >
            {family ? family(at, pile) : pile}
          </div>
        );
      })}
    </div>
  );
}

type CardProps = { rule: Rule; squares: Squares; side: number; color: string; name: string };

/** A small chart shaded by a rule. */
export function PatternCard({ rule, squares, side, color, name }: CardProps) {
  const holds = holdsOf(rule, () => 0);
  const first = Number(squares.first);
  return (
    <span className="flex items-center justify-center" style={{ width: side, height: side }}>
      <SmallChart
        squares={squares}
        toneAt={(index) => (holds(String(first + index)) ? "shaded" : "plain")}
        width={side}
        height={side}
        color={color}
        name={name}
      />
    </span>
  );
}

type AnswerProps = {
  /** What it is called while it is covered. */
  name: string;
  rule: Rule;
  told: boolean;
  width: number;
  height: number;
  text: number;
  onTouch: (() => void) | undefined;
};

/** The rule of a card, under its cover until it is told. */
function Answer({ name, rule, told, width, height, text, onTouch }: AnswerProps) {
  const words = shortWords(rule);
  return (
    <Touchable
      name={told ? words : name}
      data-part="rule"
      onTouch={onTouch}
      className={`flex items-center justify-center overflow-hidden rounded-button px-1 text-center leading-tight font-semibold ${told ? "bg-board ring-1 ring-rule" : "bg-cover"}`}
      style={{ width, height, fontSize: answerText(words, { width, height }, text) }}
    >
      {told ? <span className="first-letter:uppercase">{words}</span> : ""}
    </Touchable>
  );
}
