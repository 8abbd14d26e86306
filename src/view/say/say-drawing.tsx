import type { ReactNode } from "react";
import { isMarkSeen, shadingOf } from "@/core/lesson/shading-of";
import { chartOf } from "@/core/lesson/views-of";
import { inksAt } from "@/core/scene/scene";
import { NOTHING_SAID } from "@/core/scene/slices/saying";
import { type Fit, fitOf } from "@/core/set/fit";
import { inksOf } from "@/core/set/ink";
import { latticeGrid } from "@/core/set/lattice";
import type { Rule } from "@/core/set/rule";
import { ruleWords } from "@/core/set/rule-words";
import { sentenceParts } from "@/core/set/sentence-parts";
import { clamp, type DrawingProps, grown } from "../drawing";
import { INK_STYLE } from "../ink/ink-style";
import { SmallChart, Square, type Tone } from "../pattern/small-chart";
import { Said } from "../said";
import { Touchable } from "../touchable";
import { GAP, HEARD, highOf, lastHeard, MAX_SAID, sizeOf } from "./say-layout";

type Props = DrawingProps<"say"> & {
  /** The handler for a touched part of the sentence, and the part being chosen. */
  onPart?: (condition: number, part: string) => void;
  chosen?: { condition: number; part: string } | null;
  /** Shown instead of the second chart while a part is being chosen. */
  choosing?: ReactNode;
  onUnhear?: (at: number) => void;
};

const MAX_TRIES_SHOWN = 3;
/** The class's sentence, the chart that it shades, and how the two charts fit. */
export function SayDrawing({ view, board, scene, size, theme, onPart, chosen, choosing, onUnhear }: Props) {
  const { sentence, tried, heard } = scene.said[view.id] ?? NOTHING_SAID;
  const largest = clamp(
    grown(theme, 20),
    Math.min(size.height * 0.05, size.width * 0.042),
    grown(theme, theme.strong ? 36 : 30),
  );
  const text = sizeOf(sentence, size, largest);
  const sentenceHigh = highOf(sentence, size.width, text);
  const kept = view.heard === "shown" ? lastHeard(heard, size, text, sentenceHigh) : { from: 0, high: 0 };
  const chart = chartOf(board);
  const shading = chart && shadingOf(chart, scene, null, isMarkSeen(board, scene));
  const shaded = new Set(shading?.shaded);
  const [some] = shaded;
  const ink = some === undefined ? "plum" : inksOf(inksAt(scene, some))[0]!;
  const last = tried.at(-1);
  const fit = last && shading ? fitOf(last, shading.numbers, shaded) : null;
  const before = tried.slice(0, -1).slice(-MAX_TRIES_SHOWN).reverse();
  const room = {
    width: size.width,
    height: size.height - sentenceHigh - (kept.high > 0 ? kept.high + GAP : 0) - GAP,
  };
  return (
    <div className="flex size-full flex-col gap-3" style={{ fontSize: text }}>
      <div
        className="flex shrink-0 flex-wrap items-center gap-x-[0.35em] gap-y-2 font-semibold"
        data-part="sentence"
      >
        <span>Numbers that</span>
        <Sentence rule={sentence} onPart={onPart} chosen={chosen ?? null} />
      </div>
      {kept.high > 0 && (
        <ul className="flex shrink-0 flex-wrap gap-2" style={{ fontSize: text * HEARD }}>
          {kept.from > 0 && (
            <li className="px-1 py-2 text-quiet" data-part="heard-before">
              {kept.from} more before
            </li>
          )}
          {heard.slice(kept.from).map((words, i) => {
            const at = kept.from + i;
            return (
              <li key={at}>
                <Touchable
                  name={onUnhear ? `Remove: ${words}` : words}
                  onTouch={onUnhear && (() => onUnhear(at))}
                  className="block rounded-button bg-mist px-3 py-2 text-left"
                >
                  “{words}”
                </Touchable>
              </li>
            );
          })}
        </ul>
      )}
      <div className="min-h-0 flex-1">
        {choosing ??
          (!shading || shaded.size === 0 ? (
            <Said theme={theme} size={room}>
              Shade some numbers on the chart. Then say what they have in common.
            </Said>
          ) : (
            <Below
              fit={fit}
              last={last ?? null}
              before={before}
              shading={shading}
              shaded={shaded}
              color={INK_STYLE[ink].figure}
              text={text}
              room={room}
            />
          ))}
      </div>
    </div>
  );
}

type SentenceProps = {
  rule: Rule | null;
  onPart: Props["onPart"];
  chosen: { condition: number; part: string } | null;
};

/** A sentence word by word; those that can be another are tiles. */
function Sentence({ rule, onPart, chosen }: SentenceProps) {
  const tile =
    "flex min-h-[1.9em] items-center justify-center rounded-button border-2 px-[0.5em] leading-tight min-w-14";
  const parts = rule ? sentenceParts(rule) : [];
  const adds = rule === null ? 0 : rule.conditions.length;
  return (
    <>
      {parts.map((part, i) =>
        "word" in part ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: a word is where it stands in the sentence.
          <span key={i} className="text-quiet">
            {part.word}
          </span>
        ) : (
          <Touchable
            key={`${part.condition} ${part.part}`}
            name={part.text}
            data-tile={part.part}
            onTouch={onPart && (() => onPart(part.condition, part.part))}
            className={`${tile} ${chosen?.condition === part.condition && chosen.part === part.part ? "border-ink bg-lit" : "border-rule bg-mist"} ${part.part === "what" || part.part === "verb" || part.part === "join" ? "" : "font-numeral font-bold"}`}
          >
            {part.text}
          </Touchable>
        ),
      )}
      {adds < MAX_SAID && (
        <Touchable
          name={rule === null ? "Choose the words" : "Another condition"}
          onTouch={onPart && (() => onPart(adds, "new"))}
          className={`${tile} border-dashed border-quiet text-quiet`}
        >
          {rule === null ? "…" : "+"}
        </Touchable>
      )}
    </>
  );
}

type BelowProps = {
  fit: Fit | null;
  last: Rule | null;
  before: readonly Rule[];
  shading: NonNullable<ReturnType<typeof shadingOf>>;
  shaded: ReadonlySet<string>;
  color: string;
  text: number;
  room: { width: number; height: number };
};

/** The height of a line of the counts, in its type size, and of an earlier try; and the width of the counts. */
const [COUNT_LINE, TRY_LINE, COUNT_WIDE] = [1.9, 1.1, 8.2];
/** In a low room the lines of the counts are this close to each other. */
const [CLOSE, COUNT] = [1.45, 1.35];
/** The counts move below the chart if that makes it this much larger. */
const CLEARLY = 1.15;

/** The second chart, as the sentence that was tried last shades it, how that fits, and the tries before it. */
function Below({ fit, last, before, shading, shaded, color, text, room }: BelowProps) {
  const { squares, numbers } = shading;
  const tones = new Map<string, Tone>();
  for (const number of fit?.fits ?? []) tones.set(number, "shaded");
  for (const number of fit?.missing ?? []) tones.set(number, "missing");
  for (const number of fit?.tooMany ?? []) tones.set(number, "tooMany");
  const high = Math.max(32, room.height);
  const { rows, columns } = latticeGrid(squares);
  const wideAt = (side: number, height: number) => Math.min(side, (height * columns) / rows);
  const exact = fit !== null && fit.missing.length + fit.tooMany.length === 0;
  const lines = exact ? 4 : 3;
  const side = Math.max(80, room.width - Math.min(text * 9, room.width * 0.4) - 24);
  // In a narrow room the counts stand below the chart.
  const under = high - lines * COUNT_LINE * text;
  const isUnder = wideAt(room.width, under) > CLEARLY * wideAt(side, high);
  const chart = isUnder ? { width: room.width, height: under } : { width: side, height: high };
  const beside = isUnder ? room.width : room.width - wideAt(side, high) - 24;
  const below = isUnder ? high - (wideAt(room.width, under) * rows) / columns - GAP : high;
  // The tries stand beside the counts if there is room for both, otherwise smaller below them.
  const inTwo = below < lines * COUNT_LINE * text && beside > text * 19;
  const many = inTwo ? 3 : lines;
  const counts = Math.min(text, below / (many * CLOSE), beside / COUNT_WIDE);
  const gap = clamp(CLOSE - COUNT, below / (many * counts) - COUNT, COUNT_LINE - COUNT);
  const triesHigh = below - (inTwo ? (exact ? COUNT_LINE : 0) : lines * COUNT_LINE) * counts;
  const triesWide = inTwo ? beside - counts * 10 : beside;
  let left = triesHigh - TRY_LINE * 1.4 * counts;
  const tries = before
    .map((rule) => tryWords(rule, fitOf(rule, numbers, shaded)))
    .filter((words) => {
      left -= Math.ceil((words.length * counts * 0.42) / triesWide) * TRY_LINE * counts;
      return left >= 0;
    });
  return (
    <div className={`flex size-full items-start ${isUnder ? "flex-col gap-3" : "gap-6"}`}>
      <SmallChart
        squares={squares}
        toneAt={(index) => tones.get(numbers[index]!) ?? "plain"}
        width={chart.width}
        height={chart.height}
        color={color}
        name={
          fit
            ? `What the sentence shades: ${fit.fits.length} fit, ${fit.missing.length} still missing, ${fit.tooMany.length} too many`
            : "What the sentence shades: nothing yet"
        }
      />
      <div
        className={`flex min-w-0 flex-1 ${inTwo ? "gap-x-[1em]" : "flex-col"}`}
        style={{ fontSize: counts, rowGap: inTwo ? undefined : `${gap}em` }}
        aria-live="polite"
      >
        {fit ? (
          <div className="flex shrink-0 flex-col" style={{ rowGap: `${gap}em` }}>
            <Count tone="shaded" color={color} many={fit.fits.length} words="fit" strong={false} />
            <Count
              tone="missing"
              color={color}
              many={fit.missing.length}
              words="still missing"
              strong={fit.missing.length > 0}
            />
            <Count
              tone="tooMany"
              color={color}
              many={fit.tooMany.length}
              words="too many"
              strong={fit.tooMany.length > 0}
            />
          </div>
        ) : (
          <p className="text-quiet">Say it, and see what it says.</p>
        )}
        <div className="flex min-w-0 flex-col gap-[0.4em]">
          {exact && (
            <p className="font-bold" data-part="fits">
              It fits exactly.
            </p>
          )}
          {last !== null && tries.length > 0 && (
            <div className="text-quiet" style={{ fontSize: counts * 0.8 }}>
              <p className="font-semibold">Before</p>
              {tries.map((words, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a try is where it stands among the tries.
                <p key={i} className="leading-snug">
                  {words}
                </p>
              ))}
            </div>
          )}
        </div>
      </div>
    </div>
  );
}

/** An earlier sentence, and how it fitted. */
const tryWords = (rule: Rule, { fits, missing, tooMany }: Fit): string =>
  `“${ruleWords(rule)}” (${fits.length} fit, ${missing.length} missing${tooMany.length > 0 ? `, ${tooMany.length} too many` : ""})`;

type CountProps = {
  tone: Exclude<Tone, "plain">;
  color: string;
  many: number;
  words: string;
  strong: boolean;
};

const Count = ({ tone, color, many, words, strong }: CountProps) => (
  <p className={`flex items-center gap-[0.5em] leading-[1.35] ${strong ? "font-bold" : ""}`}>
    <svg width="1.3em" height="1.3em" viewBox="0 0 24 24" aria-hidden className="shrink-0 overflow-visible">
      <Square tone={tone} x={0} y={0} cell={24} color={color} />
      <rect width={24} height={24} rx={2} fill="none" stroke="var(--color-rule)" />
    </svg>
    <span>
      <span className="font-numeral">{many}</span> {words}
    </span>
  </p>
);
