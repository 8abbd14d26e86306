import { landings } from "../count/trail";
import { exact, keyOf, type NumberKey } from "../number/exact";
import { numbersInText } from "../number/numbers-in-text";
import { type CellState, cellState, inksIn, isCovered, isFocus, writtenIn } from "../scene/cell-state";
import { changedCells } from "../scene/changed-cells";
import { isCoveredAt, type Scene } from "../scene/scene";
import { numberOf } from "../surface/cell-key";
import type { KindName } from "../views/view";
import type { Board } from "./board";
import { asksFirst, openBoard, sceneOf, standOn } from "./board-state";
import { placedOf, surfacesOf } from "./views-of";

/** More numbers than this at once single none of them out. */
const FEW = 12;

/** What is to be read or said has to be seen. */
const READS = /^(read|say)\b/i;

/** The kinds of view in which a landing can be read. */
const SHOWS_TRAIL: readonly KindName[] = ["line", "strip", "chart", "sentence", "trail", "way"];
/** The kinds of view that say how long jumps are, and how many. */
const TELLS_JUMPS: readonly KindName[] = ["line", "sentence", "trail"];

/**
 * The numbers of a step's answer, apart from those of its question, if its own moves show all of them as soon as it is
 * climbed: where they land and by which jumps, what they mark, lift or write, a few at a time. None for a step that asks first. Other ways
 * of telling an answer, such as a picture of it, are not found.
 */
export function toldEarly(board: Board, level: number): NumberKey[] {
  const step = board.stair[level - 1];
  if (!step || step.question === "" || READS.test(step.question) || asksFirst(step)) return [];
  const [before, after] = [level - 1, level].map((at) => sceneOf(standOn(openBoard(board), at))) as [
    Scene,
    Scene,
  ];
  const shown = new Set([...cellsShown(board, before, after), ...jumpsShown(board, before, after)]);
  const asked = numbersInText(step.question);
  const wanted = [...numbersInText(step.answer)].filter((number) => !asked.has(number));
  return wanted.every((number) => shown.has(number)) ? wanted : [];
}

const few = (numbers: readonly NumberKey[]): readonly NumberKey[] => (numbers.length > FEW ? [] : numbers);
const unsigned = (number: NumberKey): NumberKey => keyOf(exact(number).abs());

/** Numbers that stand out after some moves and did not before. */
function cellsShown(board: Board, before: Scene, after: Scene): readonly NumberKey[] {
  if (surfacesOf(board).length === 0) return [];
  const shown = [...(changedCells(before, after) ?? [])].filter((target) =>
    comesOut(cellState(before, target), cellState(after, target)),
  );
  return few(shown.map((target) => unsigned(after.written.get(target) ?? numberOf(target))));
}

const comesOut = (was: CellState, is: CellState): boolean =>
  !isCovered(is) &&
  (isCovered(was) ||
    (inksIn(is) & ~inksIn(was)) !== 0 ||
    (isFocus(is) && !isFocus(was)) ||
    (writtenIn(is) !== undefined && writtenIn(is) !== writtenIn(was)));

/** Where the jumps that some moves make land, how long they are, and how many there are by then. */
function jumpsShown(board: Board, { trail: was }: Scene, after: Scene): readonly NumberKey[] {
  const { trail } = after;
  const kinds = placedOf(board).flatMap(({ id, kind }) => (after.hidden.includes(id) ? [] : kind));
  if (!trail || !kinds.some((kind) => SHOWS_TRAIL.includes(kind))) return [];
  const old = was?.start === trail.start ? was.jumps.length : 0;
  const jumps = trail.jumps.slice(old);
  if (jumps.length === 0) return [];
  const landed = landings(trail).map(keyOf).slice(old);
  const sizes = jumps.filter((_, i) => !trail.covers[old + i]?.size);
  const isTold = kinds.some((kind) => TELLS_JUMPS.includes(kind));
  const many = isTold && new Set(trail.jumps).size === 1 ? [String(trail.jumps.length)] : [];
  return [
    ...few(landed.filter((number) => !isCoveredAt(after, number))),
    ...(isTold ? few([...new Set(sizes)]) : []),
    ...many,
  ].map(unsigned);
}
