import type { Lesson } from "@/core/lesson/lesson";
import type { SittingTold } from "../sitting/sitting-messages";

/** A lesson as the server hands it to the board, with the revision that the first save is based on. */
export type OpenLesson = {
  id: string;
  revision: number;
  lesson: Lesson;
  /** Where it stopped with each class, the latest first. */
  sittings: readonly SittingTold[];
};
