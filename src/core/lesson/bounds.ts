// Kept apart from the schemas, so that a page that only counts boards need not load them all.
/** The name and version that a lesson file carries. */
export const FORMAT = "yellow-stair-lesson";
export const VERSION = 5;

/** Bounds of a lesson: far above a year's use, low enough that no file can freeze a page. */
export const MAX = {
  boards: 40,
  removed: 12,
  sheets: 20,
  steps: 60,
  beatsInStep: 1200,
  movesInOpening: 5000,
  /** Live acts of a step that can be told apart; older ones are joined. */
  liveActs: 2000,
  /** Beats of one live act: of a long count, or of older acts that were joined. */
  beatsInAct: 100_000,
  title: 120,
  text: 400,
  label: 30,
  labels: 8,
} as const;
