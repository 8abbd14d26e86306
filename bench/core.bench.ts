import { writeFileSync } from "node:fs";
import { test } from "vitest";
import { watchMarks } from "@/core/count/watch";
import { act, climb, openBoard, sceneOf } from "@/core/lesson/board-state";
import { newBoard, newLesson } from "@/core/lesson/new-lesson";
import { readLesson } from "@/core/lesson/read-lesson";
import { writeLessonFile } from "@/core/lesson/write-lesson";
import { randomOf } from "@/core/puzzle/draw";
import { makeTimesPuzzle, PUZZLE_ROWS } from "@/core/puzzle/make-times-puzzle";
import { verdictOf } from "@/core/puzzle/times-puzzle";
import { cellState } from "@/core/scene/cell-state";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { holdsOf } from "@/core/set/holds";
import { ruleOf } from "@/core/set/rule";
import { type ChartSettings, cellOf, chartNumbers, plainChart } from "@/core/surface/chart";

type Figure = { name: string; value: number; unit: string; budget: number };

/** The median time of many runs, in milliseconds, after some that do not count. */
function median(run: () => unknown, runs = 60): number {
  for (let i = 0; i < 10; i += 1) run();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(times.length / 2)]!;
}

const large = plainChart("1", "1", 30, { by: "rows", rows: 40 });
const quarters: ChartSettings = { ...large, first: "-50", difference: "1/4" };
const mark = (n: number): Move => ({ do: "mark", ink: "sun", numbers: [String(1 + (n % 1200))] });
const beats = (count: number) => Array.from({ length: count }, (_, i) => [mark(i)]);

test("measures core", () => {
  // Plain work of the same kind: what this machine takes to put 5,000 numbers into a map.
  const base = median(() => {
    const map = new Map<string, number>();
    for (let i = 0; i < 5000; i += 1) map.set(String(i % 1200), i);
    return map;
  });
  const moves = Array.from({ length: 5000 }, (_, i) => mark(i));
  const folding = median(() => fold(EMPTY_SCENE, moves));

  const stair = Array.from({ length: 10 }, (_, i) => ({
    id: `${i}`,
    title: "Step",
    question: "",
    answer: "",
    beats: beats(40),
  }));
  const board = { ...newBoard("b", "Board", large), stair };
  const top = stair.reduce((state) => climb(state), openBoard(board));
  const touched = beats(400).reduce((state, beat) => act(state, [beat]), top);

  const lesson = newLesson({ title: "Long", forClass: "" }, board);
  const text = writeLessonFile("x", {
    ...lesson,
    boards: Array.from({ length: 10 }, (_, i) => ({ ...board, id: `${i}` })),
  });

  const figures: Figure[] = [
    { name: "Node: fold 5,000 moves", value: folding, unit: "ms", budget: 8 },
    {
      name: "Node: fold 5,000 moves ÷ filling a map 5,000 times",
      value: folding / base,
      unit: "times",
      budget: 6,
    },
    {
      name: "Node: a scene of 400 touches on 10 climbed steps",
      value: median(() => sceneOf(touched)),
      unit: "ms",
      budget: 4,
    },
    {
      name: "Node: the numbers of 1,200 places",
      value: median(() => chartNumbers({ ...large })),
      unit: "ms",
      budget: 10,
    },
    {
      name: "Node: the numbers of 1,200 places in quarters",
      value: median(() => chartNumbers({ ...quarters })),
      unit: "ms",
      budget: 20,
    },
    {
      name: "Node: the place of a number",
      value: median(() => cellOf(large, "777"), 2000),
      unit: "ms",
      budget: 0.1,
    },
    {
      name: "Node: read a lesson of 4,000 beats",
      value: median(() => readLesson(JSON.parse(text)), 30),
      unit: "ms",
      budget: 150,
    },
  ];
  // A count of 1,200 beats with marks that follow it, and rules in three inks over as many places.
  const counted: Move[] = Array.from({ length: 1200 }, (_, i) => [
    { do: "jump" as const, by: "1" },
    { do: "mark" as const, ink: "sun" as const, numbers: [String(i + 1)] },
  ]).flat();
  const rules: Move[] = (["sun", "sea", "kelp"] as const).map((ink, i) => ({
    do: "mark",
    ink,
    numbers: ruleOf({ kind: "multiples", not: false, of: String(i + 2) }),
  }));
  const marked = fold(EMPTY_SCENE, rules);
  const numbers = chartNumbers(large);
  const slips = numbers.filter((_, i) => i % 6 === 5 && i !== 101).slice(0, 120);
  const puzzles = median(() => {
    for (let i = 0; i < 100; i += 1) makeTimesPuzzle(1 + (i % 10), PUZZLE_ROWS[i % 4]!, randomOf(i));
  }, 30);
  figures.push(
    {
      name: "Node: fold a count of 1,200 beats with its marks",
      value: median(() => fold(EMPTY_SCENE, counted), 30),
      unit: "ms",
      budget: 12,
    },
    {
      name: "Node: what 1,200 places show under three rules, asked again",
      value: median(() => numbers.map((number) => cellState(marked, number))),
      unit: "ms",
      budget: 2,
    },
    {
      name: "Node: the numbers that a new rule holds among 1,200",
      value: median(() =>
        numbers.filter(holdsOf(ruleOf({ kind: "multiples", not: false, of: "7" }), () => 0)),
      ),
      unit: "ms",
      budget: 10,
    },
    {
      name: "Node: look for a slip in 120 marks",
      value: median(() => watchMarks(slips)),
      unit: "ms",
      budget: 8,
    },
    { name: "Node: make 1,000 fair puzzles", value: puzzles * 10, unit: "ms", budget: 1000 },
    {
      name: "Node: decide a puzzle of one clue near 10¹²",
      value: median(
        () =>
          verdictOf({ clues: [{ row: 0, column: 0, value: 999_999_999_989 }], asked: { row: 1, column: 1 } }),
        10,
      ),
      unit: "ms",
      budget: 50,
    },
  );
  writeFileSync(".tmp/bench-core.json", JSON.stringify(figures));
});
