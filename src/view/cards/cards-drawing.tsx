import type { ReactNode } from "react";
import { UNSORTED } from "@/core/scene/slices/sorting";
import { holdsOf } from "@/core/set/holds";
import { INKS } from "@/core/set/ink";
import type { Rule } from "@/core/set/rule";
import { shortWords } from "@/core/set/rule-words";
import type { Squares } from "@/core/set/squares";
import { squaresOfCards } from "@/core/views/kinds/cards";
import { clamp, type DrawingProps, edgesGrown, grown, type Size } from "../drawing";
import { INK_STYLE } from "../ink/ink-style";
import { SmallChart } from "../pattern/small-chart";
import { Touchable } from "../touchable";

type Props = DrawingProps<"cards"> & {
  /** What makes a card one that can be taken to a family. */
  card?: (id: number, place: number, card: ReactNode) => ReactNode;
  /** What makes a family one in which cards can be laid; null is where the others lie. */
  family?: (index: number | null, family: ReactNode) => ReactNode;
  onTell?: (id: number, told: boolean) => void;
  onName?: (family: number) => void;
};

const GAP = 10;
/** The edges of a pile, the head of a family with the room below it, and the room between a card and its answer; in pixels. */
const [EDGES, HEAD, BELOW] = [28, 52, 6];
/** The part of a narrow room that the head of a family takes, its name beside its cards. */
const BESIDE = 0.4;
const headOf = (stacked: boolean, width: number, edges: number): Size =>
  stacked ? { width: BESIDE * width, height: 0 } : { width: 0, height: HEAD * edges };
/** Minimum side of a card. */
const SMALLEST = 16;
/** A family beside others is no narrower. */
const NARROW = 120;
/** How much more room the unsorted cards may have than a family, if all cards are there. */
const MORE_ROOM = [1, 1.6, 2.2, 2.8, 3.4] as const;

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
  const piles: (number | null)[] = Array.from({ length: view.families }, (_, i) => i);
  const edges = edgesGrown(theme);
  // Once every card lies in a family, the others need no room.
  const columns = others.length > 0 || view.families === 0 ? [null, ...piles] : piles;
  const text = clamp(grown(theme, 17), size.height * 0.036, grown(theme, 24));
  const answer = clamp(26, text * 1.5, grown(theme, 52));
  const all = columns.map((at) => (at === null ? others : inFamily(at)));
  // In a narrow room the families lie below each other, where its cards can be seen so.
  const narrow = size.width < size.height && size.width / columns.length < grown(theme, NARROW);
  // The many that lie in no family have the more room, as far as all cards become larger by it.
  const laid = (stacked: boolean) =>
    MORE_ROOM.map((more) => {
      const shares = columns.map((at) => (at === null ? 1 + more * (others.length / view.cards.length) : 1));
      const along = (stacked ? size.height : size.width) - GAP * (columns.length - 1);
      const share = along / shares.reduce((sum, each) => sum + each, 0);
      const sides = all.map(({ length }, i) => {
        const [wide, high] = stacked ? [size.width, share * shares[i]!] : [share * shares[i]!, size.height];
        // Unsorted cards have no heading; in a narrow room a heading stands beside the cards.
        const head = columns[i] === null ? { width: 0, height: 0 } : headOf(stacked, wide, edges);
        return cardSide(
          Math.max(1, length),
          wide - EDGES * edges - head.width,
          high - EDGES * edges - head.height,
          answer + BELOW * edges,
        );
      });
      return { stacked, shares, share, side: Math.min(...sides, size.height * 0.5) };
    }).reduce((best, way) => (way.side > best.side ? way : best));
  const below = narrow ? laid(true) : null;
  const { stacked, shares, share, ...largest } = below && below.side >= SMALLEST ? below : laid(false);
  const side = Math.max(SMALLEST, Math.floor(largest.side));
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
                    : { fontSize: Math.min(text, Math.max(11, share / 9)) }
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
            style={{ [stacked ? "height" : "width"]: share * shares[i]! }}
          >
            {family ? family(at, pile) : pile}
          </div>
        );
      })}
    </div>
  );
}

/** The size of the cards of a pile in a room, each with its answer below it. */
function cardSide(many: number, width: number, height: number, answer: number): number {
  let best = 0;
  for (let across = 1; across <= many; across += 1) {
    const down = Math.ceil(many / across);
    const side = Math.min((width - GAP * (across - 1)) / across, (height - GAP * (down - 1)) / down - answer);
    best = Math.max(best, side);
  }
  return best;
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
      style={{ width, height, fontSize: Math.min(text, width / 9, height / 2.3) }}
    >
      {told ? <span className="first-letter:uppercase">{words}</span> : ""}
    </Touchable>
  );
}
