import { writeFileSync } from "node:fs";
import { test } from "vitest";
import { act, climb, openBoard, sceneOf } from "@/core/lesson/board-state";
import type { Move } from "@/core/lesson/move";
import { newBoard, newLesson } from "@/core/lesson/new-lesson";
import { readLesson, writeLesson } from "@/core/lesson/read-lesson";
import { EMPTY_SCENE, fold } from "@/core/lesson/scene";
import { type ChartSettings, chartNumbers, placeOf } from "@/core/surface/chart";

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

const large: ChartSettings = { kind: "chart", first: "1", difference: "1", columns: 30, rows: 40 };
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
  const text = writeLesson({
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
      value: median(() => chartNumbers(large)),
      unit: "ms",
      budget: 10,
    },
    {
      name: "Node: the numbers of 1,200 places in quarters",
      value: median(() => chartNumbers(quarters)),
      unit: "ms",
      budget: 20,
    },
    {
      name: "Node: the place of a number",
      value: median(() => placeOf(large, "777"), 2000),
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
  writeFileSync(".tmp/bench-core.json", JSON.stringify(figures));
});
