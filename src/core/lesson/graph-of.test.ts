import { expect, test } from "vitest";
import { fold } from "../scene/fold";
import type { Move } from "../scene/move";
import { EMPTY_SCENE } from "../scene/scene";
import { ruleOf } from "../set/rule";
import { HUNDRED_CHART } from "../surface/chart";
import { graphOf } from "./graph-of";
import { newBoard } from "./new-lesson";
import { regionName, regionsOf } from "./regions";
import { chartOfWidth, isMarkSeen, shadingOf, widthMoves } from "./shading-of";
import { chartOf } from "./views-of";

const board = newBoard("b", "Board", HUNDRED_CHART);
const sceneOf = (...moves: Move[]) => fold(EMPTY_SCENE, moves);
const multiples = (of: string) => ruleOf({ kind: "multiples", not: false, of });
const shows = (what: "trail" | "marks" | "ones" | "factors", to = 12) => ({ shows: what, from: 1, to });
const jumps = (...by: string[]): Move[] => by.map((each) => ({ do: "jump", by: each }));

test("a trail is a point for each number, by position; a covered one keeps its position", () => {
  const scene = sceneOf({ do: "start", number: "4" }, ...jumps("6", "6", "-3"), {
    do: "cover",
    numbers: ["16"],
  });
  expect(graphOf(shows("trail"), board, scene).series).toEqual([
    {
      ink: "sea",
      points: [
        { number: "4", x: 1, y: 4, covered: false },
        { number: "10", x: 2, y: 10, covered: false },
        { number: "16", x: 3, y: 16, covered: true },
        { number: "13", x: 4, y: 13, covered: false },
      ],
    },
  ]);
});

test("two trails are two sequences in two inks, and each ink's marks are one", () => {
  const two = sceneOf(
    { do: "start", number: "0" },
    ...jumps("2", "2"),
    { do: "set-aside", ink: "coral" },
    { do: "start", number: "1" },
    ...jumps("1"),
  );
  const { series } = graphOf(shows("trail"), board, two);
  expect(series.map(({ points }) => points.map(({ y }) => y))).toEqual([
    [1, 2],
    [0, 2, 4],
  ]);
  expect(new Set(series.map(({ ink }) => ink)).size).toBe(2);
  const marked = sceneOf(
    { do: "mark", ink: "sun", numbers: multiples("25") },
    { do: "mark", ink: "plum", numbers: ["3", "1"] },
  );
  const marks = graphOf(shows("marks"), board, marked).series;
  expect(marks.map(({ ink, points }) => [ink, ...points.map(({ y }) => y)])).toEqual([
    ["sun", 25, 50, 75, 100],
    ["plum", 1, 3],
  ]);
});

// The ones digits of multiples of 6 come round after five: common practice, no source.
test("ones digits come round", () => {
  const scene = sceneOf({ do: "start", number: "0" }, ...jumps(...Array(10).fill("6")));
  const { series, max } = graphOf(shows("ones"), board, scene);
  expect(series[0]!.points.map(({ y }) => y)).toEqual([0, 6, 2, 8, 4, 0, 6, 2, 8, 4, 0]);
  expect(max).toBe(9);
});

// OEIS A000005, the number of divisors; the values are written from memory.
test("how many factors the numbers to 12 have", () => {
  const { as, series } = graphOf(shows("factors"), board, EMPTY_SCENE);
  expect(as).toBe("bars");
  expect(series[0]!.points.map(({ y }) => y)).toEqual([1, 2, 2, 3, 2, 4, 2, 4, 3, 4, 2, 6]);
});

test("sets of marks: in both, in one only, in neither; covered numbers are counted and not named", () => {
  const scene = sceneOf(
    { do: "mark", ink: "sun", numbers: multiples("4") },
    { do: "mark", ink: "sea", numbers: multiples("6") },
    { do: "cover", numbers: ["12"] },
  );
  // A solid cover hides the marks too.
  expect(regionsOf(board, scene)).toMatchObject({ inks: ["sun", "sea"], hidden: 1 });
  expect(graphOf(shows("marks"), board, scene).series.map(({ points }) => points.length)).toEqual([24, 15]);
  const open = { ...board, views: [{ ...chartOf(board)!, covers: "empty" as const }] };
  const { inks, regions, hidden } = regionsOf(open, scene);
  expect([inks, hidden]).toEqual([["sun", "sea"], 0]);
  const named = [...regions].map(([set, { numbers, covered }]) => [
    regionName(set, inks),
    numbers.length,
    covered,
  ]);
  // By counting: 25 multiples of 4, 16 of 6, 8 of 12 up to 100.
  expect(named.sort()).toEqual([
    ["In both", 7, 1],
    ["In neither", 67, 0],
    ["In sea only", 8, 0],
    ["In sun only", 17, 0],
  ]);
  const three = ["sun", "coral", "sea"] as const;
  expect([0, 1, 3, 7].map((set) => regionName(set, three))).toEqual([
    "In none of them",
    "In sun only",
    "In sun and coral",
    "In all three",
  ]);
});

test("what was marked and unmarked by touch stays so while the width changes, and while it changes again", () => {
  const chart = chartOf(board)!;
  const { squares } = shadingOf(chart, EMPTY_SCENE, "sun");
  const column = ruleOf({ kind: "lane", not: false, lane: "column", nth: "1", on: squares });
  const before = sceneOf(
    { do: "mark", ink: "sun", numbers: column },
    { do: "mark", ink: "sun", numbers: ["8"] },
    { do: "unmark", ink: "sun", numbers: ["71"] },
  );
  expect(shadingOf(chart, before, "sun").shaded).toEqual([
    "1",
    "8",
    "11",
    "21",
    "31",
    "41",
    "51",
    "61",
    "81",
    "91",
  ]);
  // In rows of seven the first column holds 8 and 71; in rows of nine neither.
  let [view, scene] = [chart, before];
  const shadedIn = (columns: number) => {
    scene = fold(scene, widthMoves(view, scene, columns, before));
    view = chartOfWidth(view, columns);
    return shadingOf(view, scene, "sun").shaded;
  };
  const firsts = (columns: number) =>
    Array.from({ length: 100 }, (_, i) => i + 1).filter((n) => n !== 71 && (n === 8 || n % columns === 1));
  for (const columns of [7, 9, 5, 10]) expect(shadedIn(columns)).toEqual(firsts(columns).map(String));
});

test("a chart of another width has the same numbers, and its rules about squares are about it", () => {
  const chart = chartOf(board)!;
  const first = shadingOf(chart, EMPTY_SCENE, "sun");
  const column = ruleOf({ kind: "lane", not: false, lane: "column", nth: "1", on: first.squares });
  const before = sceneOf(
    { do: "mark", ink: "sun", numbers: column },
    { do: "draw-symmetry", view: chart.id, symmetry: { kind: "turn", by: "half" }, on: true },
  );
  expect(shadingOf(chart, before, "sun").shaded).toHaveLength(10);
  const after = fold(before, widthMoves(chart, before, 7));
  const wide = chartOfWidth(chart, 7);
  expect(after.settings.views?.[chart.id]).toEqual(wide);
  const { numbers, shaded } = shadingOf(wide, after, "sun");
  expect([numbers.length, shaded.length, shaded[1]]).toEqual([100, 15, "8"]);
  // A mirror drawn over the chart of another width is gone.
  expect(after.symmetries[chart.id]).toEqual([]);
  // In class, what lies under a solid cover stays secret.
  const covered = fold(after, [{ do: "cover", numbers: ["1", "8"] }]);
  expect(shadingOf(wide, covered, "sun", isMarkSeen(board, covered)).shaded).toHaveLength(13);
  // In another ink than the one in hand: whatever is marked.
  expect(shadingOf(wide, after, "plum")).toMatchObject({ ink: null, shaded });
});
