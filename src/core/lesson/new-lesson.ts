import type { Count } from "../count/count";
import type { ChartSettings } from "../surface/chart";
import { type Board, FORMAT, type Lesson, type LessonWords, type TrailSettings, VERSION } from "./lesson";

export const NEW_COUNT: Count = { by: "2", from: "0", way: "forwards", every: 2 };
export const NEW_TRAIL: TrailSettings = { kind: "trail", numbers: true, sentence: true, ones: true };

/** A board with one chart, the panel beside it, and a stair without steps. */
export function newBoard(id: string, title: string, chart: ChartSettings): Board {
  return {
    id,
    title,
    views: [chart, NEW_TRAIL],
    count: NEW_COUNT,
    climbEvery: 0.8,
    opening: [],
    stair: [],
  };
}

/** A lesson of one board. */
export function newLesson(words: LessonWords, board: Board): Lesson {
  return { format: FORMAT, version: VERSION, ...words, boards: [board] };
}
