import { MAX_STROKES, Note, Stroke, type Stroke as StrokeType } from "../pen";
import { type ExamplesOf, move, type Slice, type Some } from "../slice";
import { orNull, someInk, someTarget, someView } from "./examples";

/** What is drawn and noted over the views, in the order in which it was. */
export type Drawing = { readonly strokes: readonly StrokeType[]; readonly notes: readonly Note[] };

const moves = [
  /**
   * A stroke by hand.
   * @example { "do": "pen", "stroke": { "id": "s1", "view": "chart", "number": "24", "ink": "sea", "tool": "pen", "points": [0, 0, 120, 40] } }
   */
  move(
    "pen",
    (z) => ({ stroke: Stroke(z) }),
    (draft, { stroke }) => {
      if (draft.strokes.length < MAX_STROKES) draft.strokes = [...draft.strokes, stroke];
    },
  ),
  /**
   * A note, or another text for one.
   * @example { "do": "note", "note": { "id": "n1", "view": "chart", "number": "24", "ink": "sea", "x": 0, "y": 0, "text": "half way" } }
   */
  move(
    "note",
    (z) => ({ note: Note(z) }),
    (draft, { note }) => {
      draft.notes = [...draft.notes.filter(({ id }) => id !== note.id), note].slice(-MAX_STROKES);
    },
  ),
  /**
   * Takes strokes and notes away.
   * @example { "do": "rub", "ids": ["s1"] }
   */
  move(
    "rub",
    (z) => ({
      ids: z.array(z.string().check(z.maxLength(16))).check(z.minLength(1), z.maxLength(MAX_STROKES)),
    }),
    (draft, { ids }) => {
      const gone = new Set(ids);
      draft.strokes = draft.strokes.filter(({ id }) => !gone.has(id));
      draft.notes = draft.notes.filter(({ id }) => !gone.has(id));
    },
  ),
  /**
   * Takes all strokes and notes away.
   * @example { "do": "wipe-pen" }
   */
  move(
    "wipe-pen",
    () => ({}),
    (draft) => {
      draft.strokes = [];
      draft.notes = [];
    },
  ),
] as const;

export const drawing: Slice<Drawing, typeof moves> = { initial: { strokes: [], notes: [] }, moves };

const someId = (some: Some) => some.one(["a", "b", "c", "d"]);
const anchor = (some: Some) => ({
  id: someId(some),
  view: someView(some),
  number: orNull(some, () => someTarget(some)),
  ink: someInk(some),
});
const somewhere = (some: Some) => some.whole(-2000, 2000);

export const drawingExamples: ExamplesOf<typeof moves> = {
  pen: (some) => ({
    stroke: {
      ...anchor(some),
      tool: some.one(["pen", "highlighter"]),
      points: some.list(() => [somewhere(some), somewhere(some)], 1, 4).flat(),
    },
  }),
  note: (some) => ({
    note: { ...anchor(some), x: somewhere(some), y: somewhere(some), text: "count in sixes" },
  }),
  rub: (some) => ({ ids: some.list(() => someId(some), 1, 2) }),
  "wipe-pen": () => ({}),
};
