import type { SittingTold } from "../sitting/sitting-messages";

/** A lesson as the server hands it to the board, with the revision that the first save is based on. */
export type OpenLesson = {
  id: string;
  revision: number;
  /** The lesson as its file has it: a browser reads it a good deal faster than as part of the page. */
  file: string;
  /** Where it stopped with each class, the latest first. */
  sittings: readonly SittingTold[];
};
