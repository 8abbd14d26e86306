import { NEW_COUNT } from "../count/count-settings";
import { newCountFor } from "../count/count-start";
import { seedOf } from "../puzzle/draw";
import type { Fill } from "../puzzle/fill-settings";
import type { Move } from "../scene/move";
import type { Numbers } from "../scene/numbers";
import { EMPTY_SCENE } from "../scene/scene";
import { ALL, sameRule } from "../set/rule";
import type { ChartSettings } from "../surface/chart";
import { KINDS } from "../views/kinds";
import type { ViewOf } from "../views/view";
import type { Board, LessonWords } from "./board";
import { FORMAT, MAX, VERSION } from "./bounds";
import { withView } from "./edit-views";
import type { Lesson } from "./lesson";
import { boardNumbers } from "./views-of";
import { writtenWords } from "./written-words";

const ALL_COVERED = { do: "cover", numbers: ALL } as const satisfies Move;

export const NEW_FILL: Fill = { by: "keypad", check: "at-once", hints: true, goal: 10 };

/** A board with one chart, the panel beside it, and a stair without steps. A chart of empty cells opens empty. */
export function newBoard(id: string, title: string, chart: ChartSettings): Board {
  return withNewCount({
    id,
    title,
    views: [
      { ...chart, id: "chart" },
      { ...KINDS.trail.starts, id: "trail" },
    ],
    layout: { run: "beside", share: 0.74 },
    count: NEW_COUNT,
    fill: NEW_FILL,
    climbEvery: 0.8,
    seed: seedOf(id),
    opening: openingOf(chart),
    stair: [],
  });
}

/** A new board whose count runs over its numbers. */
export const withNewCount = (board: Board): Board => ({
  ...board,
  count: newCountFor(boardNumbers(board, EMPTY_SCENE)),
});

/** The board with another starting chart. A chart of empty cells opens empty, any other one full. */
export function beginFrom(board: Board, chart: ViewOf<"chart">): Board {
  const rest = board.opening.filter((move) => !(move.do === "cover" && isAll(move.numbers)));
  return { ...withView(board, chart), opening: [...openingOf(chart), ...rest] };
}

const isAll = (numbers: Numbers) => !Array.isArray(numbers) && sameRule(numbers, ALL);

function openingOf(chart: ChartSettings): Move[] {
  return chart.covers === "empty" ? [ALL_COVERED] : [];
}

const COPY = " copy";
/** The title of a copy of a lesson or a board. */
export const copyTitle = (title: string): string => `${title.slice(0, MAX.title - COPY.length)}${COPY}`;

/** A lesson of one board. */
export function newLesson(words: LessonWords, board: Board): Lesson {
  return { format: FORMAT, version: VERSION, ...writtenWords(words), boards: [board] };
}
