import type { NumberKey } from "@/core/number/exact";
import { inFractions } from "@/core/number/fraction-text";
import {
  type CellState,
  hasCounter,
  inksIn,
  isCovered,
  isWrong,
  standsOut,
  writtenIn,
} from "@/core/scene/cell-state";
import { hasInk } from "@/core/set/ink";
import { INK_HOME, splitInks } from "@/core/surface/ink-split";
import { clamp } from "../drawing";
import { inkFigure } from "../ink/ink-figure";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import type { Shape } from "../shape";
import { BEFORE_FRACTION, DIGIT, type FaceLayout, numeralSize, OF_FRACTION, textIn } from "./chart-layout";

type At = { layout: FaceLayout; x: number; y: number };

/**
 * What a cell shows: its inks and its numeral. A solid cover shows neither, an empty place its inks; what was written
 * in a covered cell has a colour of its own.
 */
export function faceShapes(at: At, number: NumberKey, state: CellState): Shape[] {
  if (hasCounter(state)) return counterShapes(at);
  const covered = isCovered(state);
  const written = covered ? writtenIn(state) : undefined;
  const wrong = isWrong(state) ? [wrongLine(at)] : [];
  if (covered && at.layout.covers === "solid") {
    if (written === undefined) return [coverShape(at, "cover cover-laid")];
    return [slipShape(at), ...numeral(at, written, "by-hand"), ...wrong];
  }
  const inks = inksIn(state);
  const shown = covered ? written : number;
  // Without numerals to be read, a shading is as strong as possible.
  const bare = shown === undefined;
  const look = covered ? "by-hand" : standsOut(state) ? "out" : inks ? "marked" : "plain";
  return [
    ...(inks === 0 ? [] : inkShapes(at, inks, bare)),
    ...(shown === undefined ? [] : numeral(at, shown, look, hasInk(inks, BELOW))),
    ...wrong,
  ];
}

/** The ink of counters that lie on numbers. */
const COUNTERS = "kelp";

/** A counter that lies on a cell: it shows nothing of what is under it. */
export function counterShapes({ layout, x, y }: At): Shape[] {
  const { cellWidth: w, cellHeight: h } = layout;
  const radius = Math.min(w, h) * 0.4;
  const middle = { x: x + w / 2, y: y + h / 2 };
  const { ground, figure } = INK_STYLE[COUNTERS];
  return [
    {
      tag: "circle",
      attributes: {
        cx: round(middle.x),
        cy: round(middle.y),
        r: round(radius),
        fill: ground,
        stroke: figure,
        "stroke-width": round(Math.max(1.5, radius * 0.12)),
      },
    },
    inkFigure({ ink: COUNTERS, ...middle, radius: radius * 0.34 }),
  ];
}

/** Shapes stand at their ink's home, inset from the edge by their own size and a little more. */
const INSET = { x: 1.75, y: 1.4 };

/** The grounds and shapes of a cell's inks; `bare` if there is no numeral on them. */
export function inkShapes({ layout, x, y }: At, inks: number, bare = false): Shape[] {
  const { cellWidth: w, cellHeight: h, shape } = layout;
  const split = splitInks(inks);
  const inset = { x: shape * INSET.x, y: shape * INSET.y };
  const grounds = split.map(({ ink, region }): Shape => {
    const points = region.map(([u, v]) => `${round(x + u * w)},${round(y + v * h)}`).join(" ");
    return {
      tag: "polygon",
      attributes: { points, fill: bare ? INK_STYLE[ink].figure : INK_STYLE[ink].ground },
    };
  });
  const figures = split.map(({ ink }) => {
    const [u, v] = INK_HOME[ink];
    return inkFigure({
      ink,
      x: x + inset.x + u * (w - 2 * inset.x),
      y: y + inset.y + v * (h - 2 * inset.y),
      radius: bare ? shape * 1.3 : shape,
      ...(bare ? { color: INK_STYLE[ink].ground } : {}),
    });
  });
  return [...grounds, ...figures];
}

type NumeralStyle = "plain" | "marked" | "out" | "by-hand";

const NUMERAL = "font-numeral";

/** Whether a shape of a cell is its numeral, or a part of it: a fraction has a bar. */
export const isOfNumeral = ({ attributes }: Shape): boolean => attributes.class === NUMERAL;

/** The ink whose shape stands below the numeral; those of the others stand in the corners. */
const BELOW = "plum";
/** How far a numeral reaches above and below its middle, in its size; and the gap that it keeps to the edge of its cell. */
const FOOT = 0.35;
const EDGE = 0.06;

/** How much higher a whole number stands so that the shape below it is clear, as far as its cell allows. */
function liftOf({ cellHeight, shape, write }: FaceLayout, size: number): number {
  if (write) return 0;
  const foot = cellHeight / 2 + size * FOOT;
  const top = cellHeight / 2 - size * FOOT;
  const clear = cellHeight - (INSET.y + 1) * shape;
  return clamp(0, foot - clear, Math.max(0, top - cellHeight * EDGE));
}

function numeral({ layout, x, y }: At, number: NumberKey, look: NumeralStyle, plum = false): Shape[] {
  const size = numeralSize(layout, number, look === "out");
  const lifted = plum ? liftOf(layout, size) : 0;
  const middle = { x: x + layout.cellWidth / 2, y: y + layout.cellHeight / 2 - lifted };
  const fill = look === "by-hand" ? "var(--color-by-hand)" : "currentColor";
  const digits = (text: string, at: number, foot: number, high: number): Shape => ({
    tag: "text",
    attributes: {
      x: round(at),
      y: round(foot),
      "font-size": round(high),
      "font-weight": look === "plain" ? 400 : 700,
      "text-anchor": "middle",
      class: NUMERAL,
      fill,
    },
    text,
  });
  const { whole, over, under } = layout.write ? inFractions(number) : NO_FRACTION;
  if (under === "") return [digits(textIn(layout, number), middle.x, middle.y + size * FOOT, size)];
  const small = size * OF_FRACTION;
  const bar = Math.max(over.length, under.length) * DIGIT * small;
  const before = whole.length * DIGIT * size;
  const left = middle.x - (before + (whole ? size * BEFORE_FRACTION : 0) + bar) / 2;
  const right = left + before + (whole ? size * BEFORE_FRACTION : 0);
  const line = { d: `M${round(right)} ${round(middle.y)}h${round(bar)}`, stroke: fill };
  return [
    { tag: "path", attributes: { ...line, class: NUMERAL, "stroke-width": round(Math.max(1.5, size / 16)) } },
    ...(whole ? [digits(whole, left + before / 2, middle.y + size * FOOT, size)] : []),
    digits(over, right + bar / 2, middle.y - size * 0.13, small),
    digits(under, right + bar / 2, middle.y + size * 0.73, small),
  ];
}

const NO_FRACTION = { whole: "", over: "", under: "" };

/** A wavy line under a number that does not belong: seen in any light, and by every eye. */
export function wrongLine({ layout, x, y }: At): Shape {
  const { cellWidth: w, cellHeight: h } = layout;
  const [wave, height] = [w / 8, Math.min(Math.max(60, h) / 15, h / 12)];
  const from = x + w / 2 - 2 * wave;
  const d = `M${round(from)} ${round(y + h * 0.86)}${`q${round(wave / 2)} ${round(height)} ${round(wave)} 0q${round(wave / 2)} ${round(-height)} ${round(wave)} 0`.repeat(2)}`;
  return {
    tag: "path",
    attributes: { d, fill: "none", stroke: "var(--color-wrong)", "stroke-width": Math.max(2, h / 18) },
  };
}

/** A solid cover, a little smaller than its cell. */
export function coverShape(at: At, look: string): Shape {
  return inset(at, { class: look, fill: "var(--color-cover)" });
}

/** A slip laid over a solid cover, to write on. */
export function slipShape(at: At): Shape {
  return inset(at, {
    class: "cover",
    fill: "var(--color-board)",
    stroke: "var(--color-ink)",
    "stroke-width": round(Math.max(60, at.layout.cellHeight) / 30),
  });
}

function inset({ layout, x, y }: At, look: Shape["attributes"]): Shape {
  const { cellWidth: w, cellHeight: h } = layout;
  const edge = Math.min(w, h) * 0.08;
  return {
    tag: "rect",
    attributes: {
      x: round(x + edge),
      y: round(y + edge),
      width: round(w - 2 * edge),
      height: round(h - 2 * edge),
      rx: round(Math.min(w, h) * 0.16),
      ...look,
    },
  };
}
