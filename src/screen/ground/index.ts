/*
 * What boards and their pictures are built on, from the bottom up. Setting all of it up at once would hold up a page, so each
 * part is brought for itself, and in turn. Each brings the next, so that no chunk has what an earlier one has brought.
 */
const numbers = () => import("./numbers");
const rules = () => numbers().then(({ next }) => next());
const views = () => rules().then(({ next }) => next());
const moves = () => views().then(({ next }) => next());
const store = () => moves().then(({ board }) => board());

/** The ground of all that knows boards. */
export const GROUND: readonly { readonly bring: () => Promise<unknown> }[] = [
  { bring: numbers },
  { bring: rules },
  { bring: views },
  { bring: moves },
];

/** The ground of the board screen, and what opens a lesson on it. */
export const BOARD_GROUND = [...GROUND, { bring: store }];
export const bringBegin = () => store().then(({ next }) => next());

/** The dialog that makes a lesson. */
export const bringNewLesson = () => moves().then(({ newLesson }) => newLesson());
