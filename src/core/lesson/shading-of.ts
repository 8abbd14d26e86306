import type { NumberKey } from "../number/exact";
import { exceptionsOf, givenByTouch } from "../scene/laid";
import type { Move } from "../scene/move";
import { inksAt, isCoveredAt, type Scene } from "../scene/scene";
import { ruleOn } from "../set/choose-condition";
import { hasInk, INKS, type Ink } from "../set/ink";
import type { Squares } from "../set/squares";
import type { Target } from "../surface/cell-key";
import { type ChartSettings, chartNumbers, lastNumber, squaresOf } from "../surface/chart";
import type { ViewOf } from "../views/view";
import type { Board } from "./board";
import { chartOf } from "./views-of";

/** A chart with the numbers on it that are shaded. */
export type ShadedChart = {
  readonly view: ViewOf<"chart">;
  readonly squares: Squares;
  readonly numbers: readonly NumberKey[];
  readonly shaded: readonly NumberKey[];
  /** The ink that they are marked in; null for any ink. */
  readonly ink: Ink | null;
};

/**
 * The numbers of a board whose marks can be seen: a solid cover hides the marks of its number too, an empty square shows
 * them.
 */
export function isMarkSeen(board: Board, scene: Scene): (number: NumberKey) => boolean {
  if (chartOf(board)?.covers === "empty") return () => true;
  return (number) => !isCoveredAt(scene, number);
}

/** The shading of a chart in an ink, or in any ink if it has no number in that one. */
export function shadingOf(
  view: ViewOf<"chart">,
  scene: Scene,
  ink: Ink | null,
  isSeen: (number: NumberKey) => boolean = () => true,
): ShadedChart {
  const numbers = chartNumbers(view);
  const marked = numbers.filter((number) => inksAt(scene, number) !== 0 && isSeen(number));
  const inInk = ink === null ? [] : marked.filter((number) => hasInk(inksAt(scene, number), ink));
  const [shaded, of] = inInk.length > 0 ? [inInk, ink] : [marked, null];
  return { view, squares: squaresOf(view), numbers, shaded, ink: of };
}

/** Minimum and maximum row length for redrawing a chart to see how a pattern changes. */
export const WIDTHS = { min: 2, max: 20 } as const;

/** A chart with the same numbers in rows of another length. */
export function chartOfWidth<C extends ChartSettings>(chart: C, columns: number): C {
  const until = chart.until.by === "rows" ? ({ by: "last", last: lastNumber(chart) } as const) : chart.until;
  return { ...chart, columns, until };
}

/**
 * The moves that give a chart rows of another length. Rules about where numbers stand apply to the new chart, and
 * symmetries drawn over the old one go. Marks made and removed by touch stay.
 * @param before the scene with these touches, if the chart has had several widths since
 */
export function widthMoves(
  view: ViewOf<"chart">,
  scene: Scene,
  columns: number,
  before: Scene = scene,
): Move[] {
  const next = chartOfWidth(view, columns);
  const [was, is] = [squaresOf(view), squaresOf(next)];
  const marks = scene.laid.rules.flatMap(({ layer, rule, on }): Move[] => {
    const ink = INKS.find((one) => one === layer);
    if (!ink || !rule.conditions.some((one) => "on" in one && sameSquares(one.on, was))) return [];
    return [
      { do: "drop-rule", layer, rule },
      { do: on ? "mark" : "unmark", ink, numbers: ruleOn(rule, is) },
    ];
  });
  const numbers = chartNumbers(view);
  const again = (done: "mark" | "unmark", ink: Ink, which: Target[]): Move[] =>
    which.length === 0 ? [] : [{ do: done, ink, numbers: which }];
  const byTouch = INKS.filter((ink) => marks.some((move) => "ink" in move && move.ink === ink)).flatMap(
    (ink) => [
      ...again("mark", ink, givenByTouch(before.laid, ink, numbers)),
      ...again("unmark", ink, exceptionsOf(before.laid, ink, numbers)),
    ],
  );
  const drawn = (scene.symmetries[view.id] ?? []).map(
    (symmetry): Move => ({ do: "draw-symmetry", view: view.id, symmetry, on: false }),
  );
  return [{ do: "set", setting: { of: "view", is: next } }, ...marks, ...byTouch, ...drawn];
}

const sameSquares = (a: Squares, b: Squares) =>
  a.columns === b.columns && a.count === b.count && a.first === b.first && a.difference === b.difference;
