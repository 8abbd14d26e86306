import { jumpBack, jumpOn, startTrail, type Trail } from "../count/trail";
import type { NumberKey } from "../number/exact";
import { type InkSet, inkBit } from "./ink";
import type { Move } from "./move";

/** What a board shows at one moment. Everything in it belongs to numbers, not to a picture of them. */
export type Scene = {
  readonly marks: ReadonlyMap<NumberKey, InkSet>;
  readonly covers: ReadonlySet<NumberKey>;
  readonly focus: NumberKey | null;
  readonly trail: Trail | null;
};

export const EMPTY_SCENE: Scene = { marks: new Map(), covers: new Set(), focus: null, trail: null };

/**
 * Folds moves into a scene, in order. The scene given is not changed. Folding one move fewer takes that move back,
 * whatever it did. Takes time in proportion to the numbers that the moves name.
 */
export function fold(scene: Scene, moves: Iterable<Move>): Scene {
  const draft: Draft = {
    marks: new Map(scene.marks),
    covers: new Set(scene.covers),
    focus: scene.focus,
    trail: scene.trail,
  };
  for (const move of moves) apply(draft, move);
  return draft;
}

type Draft = {
  marks: Map<NumberKey, InkSet>;
  covers: Set<NumberKey>;
  focus: NumberKey | null;
  trail: Trail | null;
};

function apply(draft: Draft, move: Move): void {
  switch (move.do) {
    case "mark":
      for (const number of move.numbers) setMarks(draft, number, marksOf(draft, number) | inkBit(move.ink));
      return;
    case "unmark":
      for (const number of move.numbers) setMarks(draft, number, marksOf(draft, number) & ~inkBit(move.ink));
      return;
    case "cover":
      for (const number of move.numbers) draft.covers.add(number);
      return;
    case "lift":
      for (const number of move.numbers) draft.covers.delete(number);
      return;
    case "focus":
      draft.focus = move.number;
      return;
    case "start":
      stand(draft, startTrail(move.number));
      return;
    case "jump":
      stand(draft, jumpOn(draft.trail ?? startTrail(draft.focus ?? "0"), move.by));
      return;
    case "retrace":
      if (draft.trail) stand(draft, jumpBack(draft.trail));
      return;
    case "clear-marks":
      if (move.ink === null) draft.marks.clear();
      else {
        const bit = inkBit(move.ink);
        for (const [number, set] of draft.marks) setMarks(draft, number, set & ~bit);
      }
      return;
    case "clear-trail":
      draft.trail = null;
      draft.focus = null;
      return;
    default:
      move satisfies never;
  }
}

const marksOf = (draft: Draft, number: NumberKey): InkSet => draft.marks.get(number) ?? 0;

function setMarks(draft: Draft, number: NumberKey, set: InkSet): void {
  if (set === 0) draft.marks.delete(number);
  else draft.marks.set(number, set);
}

/** The trail as it now is, with the number it has come to in focus. */
function stand(draft: Draft, trail: Trail): void {
  draft.trail = trail;
  draft.focus = trail.end;
}
