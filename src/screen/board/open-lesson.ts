import type { SittingTold } from "../sitting/sitting-messages";

/** A lesson as the server hands it to the board, with the revision that the first save is based on. */
export type OpenLesson = {
  id: string;
  revision: number;
  /** The lesson as JSON text: a browser parses it a good deal faster than as part of the page's props. */
  file: string;
  /** Where it stopped with each class, the latest first. */
  sittings: readonly SittingTold[];
};
