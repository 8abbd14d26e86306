import { landings, type Trail } from "../count/trail";
import { onesDigit } from "../number/digits";
import { exact, keyOf, type NumberKey } from "../number/exact";
import { countDivisors } from "../number/factors";
import { inksAt, isCoveredAt, type Scene } from "../scene/scene";
import { hasInk, INKS, type Ink } from "../set/ink";
import type { GraphSettings } from "../views/kinds/graph";
import type { Board } from "./board";
import { isMarkSeen } from "./shading-of";
import { boardNumbers } from "./views-of";

/** Maximum number of points in one sequence. */
const MAX_POINTS = 200;

/** A point of a graph: its number, its position, and whether it is covered. */
export type GraphPoint = {
  readonly number: NumberKey;
  /** Its position, from 1; of a bar the number itself. */
  readonly x: number;
  readonly y: number;
  readonly covered: boolean;
};
export type GraphSeries = { readonly ink: Ink; readonly points: readonly GraphPoint[] };

/** The contents of a graph: a line of points for each sequence, or bars; and what its two axes are. */
export type Graph = {
  readonly as: "points" | "bars";
  readonly series: readonly GraphSeries[];
  readonly across: string;
  readonly up: string;
  /** The largest value that the axis always reaches, so that its height does not reveal a covered one. */
  readonly max?: number;
};

type Shows = Pick<GraphSettings, "shows" | "from" | "to">;

/** The graph of a board at one moment. */
export function graphOf({ shows, from, to }: Shows, board: Board, scene: Scene): Graph {
  const isCovered = (number: NumberKey) => isCoveredAt(scene, number);
  if (shows === "factors") {
    const numbers = Array.from({ length: to - from + 1 }, (_, i) => from + i);
    const points = numbers.map((number) => ({
      number: String(number),
      x: number,
      y: countDivisors(number),
      covered: isCovered(String(number)),
    }));
    return { as: "bars", series: [{ ink: "sea", points }], across: "Number", up: "How many factors" };
  }
  const sequence = (ink: Ink, numbers: readonly NumberKey[], height: (number: NumberKey) => number) => ({
    ink,
    points: numbers.slice(0, MAX_POINTS).map((number, i) => ({
      number,
      x: i + 1,
      y: height(number),
      covered: isCovered(number),
    })),
  });
  if (shows === "marks") {
    const numbers = boardNumbers(board, scene).filter(isMarkSeen(board, scene));
    const series = INKS.map((ink) =>
      sequence(
        ink,
        numbers.filter((number) => hasInk(inksAt(scene, number), ink)),
        heightOf,
      ),
    ).filter(({ points }) => points.length > 0);
    return { as: "points", series, across: "Position", up: "Number" };
  }
  const { trail, aside } = scene;
  const height = shows === "ones" ? (number: NumberKey) => onesDigit(exact(number)) : heightOf;
  const trails: readonly [Ink, Trail | null][] = [
    [aside?.beside ?? "sea", trail],
    [aside?.ink ?? "sun", aside?.trail ?? null],
  ];
  return {
    as: "points",
    series: trails.flatMap(([ink, one]) => (one ? [sequence(ink, stopsOfTrail(one), height)] : [])),
    across: "Position",
    ...(shows === "ones" ? { up: "Ones digit", max: 9 } : { up: "Number" }),
  };
}

const heightOf = (number: NumberKey): number => {
  const { s, n, d } = exact(number);
  return Number(s * n) / Number(d);
};

const stopsOfTrail = (trail: Trail): NumberKey[] => [trail.start, ...landings(trail).map(keyOf)];
