import { listWords } from "../number/list-words";
import { manyOf } from "../number/many-of";
import { type CellState, cellState, inksIn, isCovered } from "../scene/cell-state";
import { changedCells } from "../scene/changed-cells";
import { isCoveredAt, type Scene } from "../scene/scene";
import { hasInk, INKS } from "../set/ink";
import { isCellKey, numberOf, type Target } from "../surface/cell-key";
import type { Board } from "./board";
import { boardCells, textOn } from "./views-of";

/** The state of a board at one moment, as far as a screen reader announces it. */
export type Heard = {
  readonly board: Board;
  readonly climbed: number;
  /** The question of the next step stands already. */
  readonly asking: boolean;
  readonly scene: Scene;
};

/** Up to this many numbers are named; more are only counted. */
const NAMED = 6;

/**
 * What happened on a board between two moments, in a few words for a screen reader: the step climbed to and its
 * question, the number that a count has reached, what was marked, covered and shown. Covered numbers are never named:
 * everyone in the room hears it. Empty if nothing worth announcing happened.
 */
export function heardBetween(before: Heard, after: Heard): string {
  return [...stepHeard(before, after), ...countHeard(before, after), ...marksHeard(before, after)].join(" ");
}

function stepHeard(before: Heard, { board, climbed, asking }: Heard): string[] {
  if (before.climbed === climbed && before.asking === asking) return [];
  // Its question was announced before its moves.
  if (before.asking && climbed === before.climbed + 1 && !asking) return [];
  const level = asking ? climbed + 1 : climbed;
  if (level === 0) return ["Start of the board."];
  const question = board.stair[level - 1]?.question ?? "";
  return [`Step ${level} of ${board.stair.length}. ${question}`.trim()];
}

function countHeard(before: Heard, after: Heard): string[] {
  const [was, is] = [before.scene.trail, after.scene.trail];
  if (is === null) return was === null ? [] : ["The count is cleared."];
  if (was?.end === is.end && was.jumps.length === is.jumps.length) return [];
  return [isCoveredAt(after.scene, is.end) ? "Covered." : `${textOn(after.board)(is.end)}.`];
}

function marksHeard(before: Heard, after: Heard): string[] {
  const cells = changedCells(before.scene, after.scene) ?? boardCells(after.board, after.scene);
  const groups = new Map<string, Target[]>();
  const tell = (what: string, target: Target) => groups.set(what, [...(groups.get(what) ?? []), target]);
  for (const target of cells) {
    const [was, is] = [cellState(before.scene, target), cellState(after.scene, target)];
    if (was === is) continue;
    if (isCovered(was) !== isCovered(is)) tell(isCovered(is) ? "covered" : "shown", target);
    if (!isCovered(is)) for (const what of inksHeard(was, is)) tell(what, target);
  }
  return [...groups].map(([what, targets]) => `${whichHeard(after.board, what, targets)} ${what}.`);
}

function* inksHeard(was: CellState, is: CellState): Generator<string> {
  const [old, now] = [inksIn(was), inksIn(is)];
  if (old === now) return;
  for (const ink of INKS) {
    if (hasInk(now, ink) && !hasInk(old, ink)) yield `marked in ${ink}`;
    if (hasInk(old, ink) && !hasInk(now, ink)) yield `no longer marked in ${ink}`;
  }
}

/** The numbers in an announcement: only how many, if there are many or they are covered. */
function whichHeard(board: Board, what: string, targets: readonly Target[]): string {
  const names = [
    ...new Set(targets.map((target) => textOn(board)(isCellKey(target) ? numberOf(target) : target))),
  ];
  if (what !== "covered" && names.length <= NAMED) return listWords(names);
  return manyOf(targets.length, "number");
}
