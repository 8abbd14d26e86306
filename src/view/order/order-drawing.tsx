import type { ReactNode } from "react";
import { decidingWords, digitsOfTyped } from "@/core/number/deciding";
import { exact, keyOfText } from "@/core/number/exact";
import { isFraction } from "@/core/number/fraction-text";
import { piecesOf } from "@/core/number/pieces";
import { type Pieces as PiecesOfPlace, PLACE_KEYS, type Place } from "@/core/number/place-value";
import { placeKey } from "@/core/number/place-words";
import { showNumber } from "@/core/number/show-number";
import { isCoveredPart } from "@/core/scene/covered-part";
import { isCoveredAt, type Scene } from "@/core/scene/scene";
import { AS_GIVEN } from "@/core/scene/slices/ordering";
import type { ViewOf } from "@/core/views/view";
import { clamp, type DrawingProps, grown, type Size, type Theme } from "../drawing";
import { UNKNOWN } from "../number/number-chip";
import { placeStyle } from "../place-value/place-style";
import { Sign } from "../problems/sign";
import { hasBlocks, StopPieces } from "../stops/stop-pieces";
import { Touchable } from "../touchable";
import { fitSentence } from "../trail/fitting";

type Props = DrawingProps<"order"> & {
  /** Wraps a card so that it can be moved; its key is its index among the numbers of the view. */
  card?: (index: number, card: ReactNode) => ReactNode;
  /** The sign that is chosen next, and what chooses it. */
  onDeciding?: () => void;
  sign?: { at: number; onTouch: (at: number) => void };
};

/** The numbers of a view in their current order, by their index among its numbers. */
export function rowOf(view: ViewOf<"order">, scene: Pick<Scene, "ordered">): number[] {
  const { order } = scene.ordered[view.id] ?? AS_GIVEN;
  const given = view.numbers.map((_, i) => i);
  return order && order.length === given.length ? [...order] : given;
}

const GAP = 12;
const SIGN = 60;
/** What a place tells has no title. */
const NO_TITLE = { across: 0, down: 0 };

/** Numbers in a row, digit by digit in the colours of their places, the place being compared lit. */
export function OrderDrawing({ view, scene, size, theme, card, sign, onDeciding }: Props) {
  const { signs, place } = scene.ordered[view.id] ?? AS_GIVEN;
  const row = rowOf(view, scene);
  const between = view.signs === "shown" ? grown(theme, SIGN) : GAP;
  const count = row.length;
  const values = view.numbers.map((text) => exact(text));
  const digits = digitsOfTyped(view.numbers);
  const places = digits?.places ?? [];
  const lit = place === null ? null : PLACE_KEYS.indexOf(place) - 3;
  const anyCovered = view.numbers.some((text) => isCoveredAt(scene, keyOfText(text)));
  const hasPieces = view.pieces !== "none" && digits !== null;
  const inPieces = values.map((value) => piecesOf(value) ?? []);
  const named = !inPieces.every(hasBlocks);
  const covered = isCoveredPart(scene, view.id, "pieces", view.pieces === "covered");
  const tells = lit !== null && places.includes(lit) && !anyCovered;
  // The class is first asked what a place tells.
  const asked = isCoveredPart(scene, view.id, "deciding", true);
  const told = clamp(40, size.height * 0.13, grown(theme, 64));
  const words = tells && !asked ? decidingWords(values, lit) : "";
  const usual = clamp(18, told * 0.45, grown(theme, 28));
  const saying = fitSentence(words.length, usual, { width: size.width - 40, height: told }, NO_TITLE).size;
  // A covered number does not reveal its length.
  const lengths = view.numbers.map((text) =>
    isCoveredAt(scene, keyOfText(text)) ? UNKNOWN.whole.length : showNumber(text).length,
  );
  const longest = Math.max(1.2, 0.72 * Math.max(...lengths));
  const all = { width: size.width, height: size.height - told - 8 };
  const max = grown(theme, theme.strong ? 120 : 96);
  const beside = besideEachOther(count, between, all, longest, hasPieces, theme);
  const below = belowEachOther(count, all, longest, hasPieces);
  // A sign between two numbers is read across.
  const stacked =
    view.signs !== "shown" && Math.min(max, below.numeral) > 1.25 * Math.min(max, beside.numeral);
  const { wide, high, pieces, ...sized } = stacked ? below : beside;
  const numeral = Math.min(sized.numeral, max);
  return (
    <div className="flex size-full flex-col items-center justify-center gap-2">
      <div
        className={`flex items-stretch justify-center ${stacked ? "flex-col" : ""}`}
        style={stacked ? {} : { height: high }}
      >
        {row.map((index, at) => {
          const text = view.numbers[index]!;
          const number = keyOfText(text);
          const hidden = isCoveredAt(scene, number);
          const drawn = (
            <span
              data-ordered={index}
              className={`flex ${stacked ? "" : "flex-col"} items-center justify-evenly rounded-card border-2 ${hidden ? "border-ink bg-cover" : "border-rule bg-mist"}`}
              style={{ width: wide, height: high }}
            >
              {!hidden && <Digits text={text} lit={lit} size={numeral} />}
              {!hidden && hasPieces && (
                <Pieces
                  pieces={inPieces[index] ?? []}
                  told={named}
                  size={pieces(numeral)}
                  covered={covered}
                  theme={theme}
                />
              )}
            </span>
          );
          return (
            <span key={index} className={`flex items-stretch ${stacked ? "flex-col" : ""}`}>
              {card ? card(index, drawn) : drawn}
              {at < count - 1 && stacked && <span style={{ height: GAP }} />}
              {at < count - 1 && !stacked && (
                <Between
                  width={between}
                  height={Math.min(grown(theme, 64), high)}
                  shown={view.signs === "shown"}
                  at={at}
                  sign={signs[at] ?? null}
                  waits={sign?.at === at}
                  onTouch={sign && (() => sign.onTouch(at))}
                />
              )}
            </span>
          );
        })}
      </div>
      <div className="flex items-center justify-center" style={{ minHeight: told }}>
        {tells && (
          <Touchable
            name={asked ? "What this place tells, covered" : words}
            data-part="deciding"
            onTouch={onDeciding}
            className={`flex items-center justify-center rounded-card px-5 text-center leading-tight font-semibold ${asked ? "bg-cover" : "text-quiet"}`}
            style={{ fontSize: saying, minHeight: told * 0.8, minWidth: asked ? 320 : undefined }}
          >
            {words}
          </Touchable>
        )}
      </div>
    </div>
  );
}

/** The size of a card and of its numeral, and of the room for its pieces beside such a numeral. */
type Cards = { wide: number; high: number; numeral: number; pieces: (numeral: number) => Size };

function besideEachOther(
  count: number,
  between: number,
  { width, height }: Size,
  longest: number,
  hasPieces: boolean,
  theme: Theme,
): Cards {
  const wide = Math.min(grown(theme, 340), (width - between * (count - 1)) / count);
  const high = Math.min(height, grown(theme, hasPieces ? 520 : 240));
  return {
    wide,
    high,
    numeral: Math.min((wide - 20) / longest, high * (hasPieces ? 0.3 : 0.6)),
    pieces: (numeral) => ({ width: wide - 24, height: Math.max(30, high - numeral * 1.3 - 30) }),
  };
}

/** In a narrow room the cards lie below each other, each with its pieces beside its number. */
function belowEachOther(count: number, { width, height }: Size, longest: number, hasPieces: boolean): Cards {
  const high = (height - GAP * (count - 1)) / count;
  const forNumber = width * (hasPieces ? 0.55 : 1);
  return {
    wide: width,
    high,
    numeral: Math.min((forNumber - 20) / longest, high * 0.6),
    pieces: (numeral) => ({ width: Math.max(30, width - numeral * longest - 36), height: high - 16 }),
  };
}

/** A number digit by digit; the one at the place that is lit stands on its card. */
function Digits({ text, lit, size }: { text: string; lit: Place | null; size: number }) {
  if (isFraction(text))
    return (
      <span className="font-numeral" style={{ fontSize: size }}>
        <Sign text={showNumber(text)} size={size} bold />
      </span>
    );
  const pieces = piecesOf(exact(text));
  if (!pieces)
    return (
      <span className="font-numeral leading-none font-bold" style={{ fontSize: size }}>
        {showNumber(text)}
      </span>
    );
  return (
    <span className="flex items-center font-numeral leading-none font-bold" style={{ fontSize: size }}>
      {pieces.map(({ place, count }) => (
        <span key={place} className="flex items-baseline">
          {place === -1 && <span>.</span>}
          <span
            data-digit={placeKey(place)}
            data-lit={lit === place || undefined}
            className="rounded-button text-center"
            style={{
              width: size * 0.68,
              paddingBlock: size * 0.1,
              color: lit === null || lit === place ? placeStyle(place).text : "var(--color-quiet)",
              background: lit === place ? placeStyle(place).ground : undefined,
              boxShadow: lit === place ? `0 0 0 ${Math.max(4, size / 24)}px var(--color-stair)` : undefined,
            }}
          >
            {count}
          </span>
          {place > 0 && place % 3 === 0 && <span className="text-quiet">,</span>}
        </span>
      ))}
    </span>
  );
}

type PiecesProps = {
  pieces: readonly PiecesOfPlace[];
  told: boolean;
  size: Size;
  covered: boolean;
  theme: Theme;
};

function Pieces({ pieces, told, size, covered, theme }: PiecesProps) {
  return (
    <span data-part="pieces" className={`rounded-button ${covered ? "bg-cover" : ""}`} style={size}>
      {covered ? "" : <StopPieces pieces={pieces} told={told} wanting={null} size={size} theme={theme} />}
    </span>
  );
}

type BetweenProps = {
  width: number;
  height: number;
  shown: boolean;
  at: number;
  sign: string | null;
  waits: boolean;
  onTouch: (() => void) | undefined;
};

/** The room between two numbers, with the sign that is chosen there. */
function Between({ width, height, shown, at, sign, waits, onTouch }: BetweenProps) {
  if (!shown) return <span style={{ width }} />;
  return (
    <span className="flex items-center justify-center" style={{ width }}>
      <Touchable
        name={sign ? `Sign ${at + 1}: ${sign}` : `Sign ${at + 1}, not chosen`}
        data-sign={String(at)}
        onTouch={onTouch}
        className={`flex items-center justify-center rounded-button font-numeral leading-none font-bold ${sign ? "" : "border-3 border-dashed border-rule"} ${waits ? "bg-lit ring-3 ring-stair" : ""}`}
        style={{ width: width - 10, height, fontSize: Math.min(width * 0.7, height * 0.8) }}
      >
        {sign ?? ""}
      </Touchable>
    </span>
  );
}
