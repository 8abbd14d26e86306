import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import {
  inksIn,
  isCovered,
  type PlaceState,
  placeState,
  standsOut,
  writtenIn,
} from "@/core/scene/place-state";
import type { Scene } from "@/core/scene/scene";
import { hasInk, INKS, type Ink } from "@/core/set/ink";
import { INK_HOME, splitInks } from "@/core/surface/ink-split";
import { MOST_TIMES, placeKey } from "@/core/surface/place-key";
import { productAt, type TimesSettings, type WindowAt } from "@/core/surface/times-grid";
import { numeralSize } from "../chart/chart-layout";
import { INK_CORNERS, INK_LOOK } from "../ink/ink-look";
import { STRIP, stripsOf, type TimesLayout } from "./times-layout";

/** The colours and typefaces of the page, read once before a window moves. */
export type Palette = { color: (token: string) => string; numerals: string };

export function readPalette(element: HTMLElement): Palette {
  const style = getComputedStyle(element);
  const known = new Map<string, string>();
  return {
    color: (token) => {
      const name = token.replace(/^var\((.+)\)$/, "$1");
      const color = known.get(name) ?? style.getPropertyValue(name).trim();
      known.set(name, color);
      return color;
    },
    numerals: style.getPropertyValue("--font-numeral").trim() || "sans-serif",
  };
}

/**
 * Paints a times grid as it moves: the same places and inks as those at rest, on a canvas, so that a frame costs the
 * same however fast the window slides. `at` need not be whole.
 */
export function paintTimes(
  context: CanvasRenderingContext2D,
  times: TimesSettings,
  layout: TimesLayout,
  scene: Scene,
  at: WindowAt,
  palette: Palette,
): void {
  const { cellWidth: w, cellHeight: h, rows, columns, width, height } = layout;
  const strips = stripsOf(times);
  const { color, numerals } = palette;
  const [firstRow, firstColumn] = [Math.floor(at.row), Math.floor(at.column)];
  const x = (column: number) => strips.left + (column - at.column) * w;
  const y = (row: number) => strips.top + (row - at.row) * h;
  const shownRows = indexes(firstRow, rows + 1);
  const shownColumns = indexes(firstColumn, columns + 1);
  context.clearRect(0, 0, width + strips.left + 2, height + strips.top + 2);
  context.textAlign = "center";
  context.textBaseline = "alphabetic";

  const name = (index: number, middleX: number, middleY: number, covered: boolean) => {
    if (!covered) {
      context.fillText(showNumber(String(index)), middleX, middleY + layout.name * 0.35);
      return;
    }
    box(context, middleX - 18, middleY - 14, 36, 28, 8);
    context.fill();
  };
  context.fillStyle = color("--color-quiet");
  context.font = `700 ${layout.name}px ${numerals}`;
  if (times.columnNames !== "absent") {
    clipped(context, strips.left, 0, width, STRIP.names, () => {
      for (const column of shownColumns)
        name(column, x(column) + w / 2, STRIP.names / 2, times.columnNames === "covered");
    });
  }
  if (times.rowNames !== "absent") {
    clipped(context, 0, strips.top, STRIP.rowNames, height, () => {
      for (const row of shownRows)
        name(row, STRIP.rowNames / 2, y(row) + h / 2, times.rowNames === "covered");
    });
  }
  clipped(context, strips.left, strips.top, width, height, () => {
    context.fillStyle = color("--color-board");
    context.fillRect(strips.left, strips.top, width, height);
    // Most places are plain; they are painted together, since a change of typeface costs more than a numeral.
    context.fillStyle = color("--color-ink");
    context.font = `400 ${layout.numeral}px ${numerals}`;
    const plain = isPlain(scene);
    const special: (() => void)[] = [];
    const down = h / 2 + layout.numeral * 0.35;
    for (const row of shownRows) {
      for (const column of shownColumns) {
        const state = plain ? 0 : placeState(scene, placeKey(row, column));
        const [left, top] = [x(column), y(row)];
        if (state === 0) context.fillText(productAt(row, column), left + w / 2, top + down);
        else
          special.push(() => paintPlace(context, layout, state, productAt(row, column), left, top, palette));
      }
    }
    for (const paint of special) paint();
    context.strokeStyle = color("--color-rule");
    context.lineWidth = 1;
    context.beginPath();
    for (const row of shownRows) {
      context.moveTo(strips.left, y(row));
      context.lineTo(strips.left + width, y(row));
    }
    for (const column of shownColumns) {
      context.moveTo(x(column), strips.top);
      context.lineTo(x(column), strips.top + height);
    }
    context.stroke();
  });
}

/** Whether no place of a scene looks other than plain. */
const isPlain = ({ laid, written, hushed }: Scene) =>
  laid.rules.length === 0 && laid.touched.size === 0 && written.size === 0 && !hushed;

function paintPlace(
  context: CanvasRenderingContext2D,
  layout: TimesLayout,
  state: PlaceState,
  number: NumberKey,
  x: number,
  y: number,
  { color, numerals }: Palette,
): void {
  const { cellWidth: w, cellHeight: h } = layout;
  const covered = isCovered(state);
  const written = covered ? writtenIn(state) : undefined;
  const inks = covered && layout.covers === "solid" ? 0 : inksIn(state);
  if (inks !== 0) paintInks(context, layout, inks, x, y, color);
  if (covered && layout.covers === "solid") {
    const inset = Math.min(w, h) * 0.08;
    box(context, x + inset, y + inset, w - 2 * inset, h - 2 * inset, Math.min(w, h) * 0.16);
    context.fillStyle = color(written === undefined ? "--color-ink" : "--color-board");
    context.fill();
  }
  const shown = covered ? written : number;
  if (shown === undefined) return;
  const text = showNumber(shown);
  const size = numeralSize(layout, text, !covered && standsOut(state));
  context.fillStyle = color(covered ? "--color-by-hand" : "--color-ink");
  context.font = `${inks !== 0 || covered || standsOut(state) ? 700 : 400} ${size}px ${numerals}`;
  context.fillText(text, x + w / 2, y + h / 2 + size * 0.35);
}

function paintInks(
  context: CanvasRenderingContext2D,
  layout: TimesLayout,
  inks: number,
  x: number,
  y: number,
  color: Palette["color"],
): void {
  const { cellWidth: w, cellHeight: h, shape } = layout;
  for (const { ink, region } of splitInks(inks)) {
    path(
      context,
      region.map(([u, v]) => [x + u * w, y + v * h]),
    );
    context.fillStyle = color(INK_LOOK[ink].ground);
    context.fill();
  }
  const inset = { x: shape * 1.75, y: shape * 1.4 };
  for (const ink of INKS) {
    if (!hasInk(inks, ink)) continue;
    const [u, v] = INK_HOME[ink];
    figure(context, ink, x + inset.x + u * (w - 2 * inset.x), y + inset.y + v * (h - 2 * inset.y), shape);
    context.fillStyle = color(INK_LOOK[ink].figure);
    context.fill();
  }
}

function figure(context: CanvasRenderingContext2D, ink: Ink, x: number, y: number, radius: number): void {
  if (ink !== "sun") {
    path(
      context,
      INK_CORNERS[ink].map(([dx, dy]) => [x + dx * radius, y + dy * radius]),
    );
    return;
  }
  context.beginPath();
  context.arc(x, y, radius * 0.95, 0, 2 * Math.PI);
}

function path(context: CanvasRenderingContext2D, points: readonly (readonly [number, number])[]): void {
  context.beginPath();
  for (const [x, y] of points) context.lineTo(x, y);
  context.closePath();
}

function box(context: CanvasRenderingContext2D, x: number, y: number, w: number, h: number, r: number): void {
  context.beginPath();
  context.roundRect(x, y, w, h, r);
}

function clipped(
  context: CanvasRenderingContext2D,
  x: number,
  y: number,
  w: number,
  h: number,
  paint: () => void,
): void {
  context.save();
  context.beginPath();
  context.rect(x, y, w, h);
  context.clip();
  paint();
  context.restore();
}

/** Rows or columns from one on, as far as the grid goes. */
function indexes(first: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => first + i).filter((index) => index <= MOST_TIMES);
}
