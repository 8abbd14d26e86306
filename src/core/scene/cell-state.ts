import type { NumberKey } from "../number/exact";
import type { InkSet } from "../set/ink";
import { numberOf, type Target } from "../surface/cell-key";
import { layersOn } from "./laid";
import { ALL_LAYERS, hasLayer, inksOfLayers, layerBit } from "./layer";
import type { Scene } from "./scene";

/**
 * Everything a scene says about one number in one small value, so that a cell can tell at a glance whether anything
 * about it has changed: its layers in the lowest bits, then whether it is in focus, asked for, or wrong; and what is
 * written in it.
 */
export type CellState = number | `${number} ${NumberKey}`;

const FOCUS = ALL_LAYERS + 1;
/** What is written here was checked and is wrong. */
const WRONG = FOCUS << 1;
/** The class looks for the number of this cell. */
const ASKED = WRONG << 1;

/** Everything a scene says about a number or a cell. */
export function cellState(scene: Scene, number: Target): CellState {
  return withTalk(faceState(scene, number), talkState(scene, number));
}

/** What a cell shows: all but whether it is talked about. */
export function faceState(scene: Scene, number: Target): CellState {
  const bits =
    layersOn(scene.laid, number) | (scene.hushed && scene.focus === number ? layerBit("cover") : 0);
  const says = scene.written.size > 0 ? scene.written.get(number) : undefined;
  if (says === undefined) return bits;
  return `${bits | (scene.checked && says !== numberOf(number) ? WRONG : 0)} ${says}`;
}

/** Whether a cell is talked about: in focus, or asked for. */
type TalkState = number;

function talkState({ focus, asked }: Scene, number: Target): TalkState {
  const isAskedFor = asked !== null && asked.as === "place" && asked.number === number;
  return (focus === number ? FOCUS : 0) | (isAskedFor ? ASKED : 0);
}

/** What a cell shows, and whether it is talked about. */
function withTalk(face: CellState, talk: TalkState): CellState {
  if (typeof face === "number") return face | talk;
  return talk === 0 ? face : `${bitsOf(face) | talk} ${writtenIn(face) ?? ""}`;
}

const bitsOf = (state: CellState): number => (typeof state === "number" ? state : Number.parseInt(state, 10));

export const inksIn = (state: CellState): InkSet => inksOfLayers(bitsOf(state));
export const isCovered = (state: CellState): boolean => hasLayer(bitsOf(state), "cover");
export const standsOut = (state: CellState): boolean => hasLayer(bitsOf(state), "stand-out");
/** The state of a number in a view without counters: everything but its counter. */
export const withoutCounter = (state: CellState): CellState =>
  hasCounter(state)
    ? typeof state === "number"
      ? state & ~layerBit("counter")
      : `${bitsOf(state) & ~layerBit("counter")} ${writtenIn(state) ?? ""}`
    : state;

export const hasCounter = (state: CellState): boolean => hasLayer(bitsOf(state), "counter");
export const isFocus = (state: CellState): boolean => (bitsOf(state) & FOCUS) !== 0;

export const isWrong = (state: CellState): boolean => (bitsOf(state) & WRONG) !== 0;
export const isAsked = (state: CellState): boolean => (bitsOf(state) & ASKED) !== 0;

/** What was written in the cell by hand, if anything. */
export const writtenIn = (state: CellState): NumberKey | undefined =>
  typeof state === "number" ? undefined : state.slice(state.indexOf(" ") + 1);
