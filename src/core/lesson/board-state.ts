import { fold } from "../scene/fold";
import type { Act, Move } from "../scene/move";
import { EMPTY_SCENE, type Scene } from "../scene/scene";
import type { Board, Pace, Step } from "./board";

/**
 * A board and how far its stair is climbed. `live[k]` holds what was done by hand while k steps were climbed, an
 * act for each touch. Immutable; every function here gives a new one, or the same one where there is nothing to do.
 */
export type BoardState = {
  readonly board: Board;
  readonly climbed: number;
  readonly live: readonly (readonly Act[])[];
};

/** A board at the foot of its stair, with nothing done by hand. */
export function openBoard(board: Board): BoardState {
  return { board, climbed: 0, live: [] };
}

const NO_ACTS: readonly Act[] = [];

/** What was done by hand on the step that the board stands on. */
export function liveHere(state: BoardState): readonly Act[] {
  return state.live[state.climbed] ?? NO_ACTS;
}

/** Whether anything was done by hand on this step or below it. */
export function hasLive(state: BoardState): boolean {
  return state.live.slice(0, state.climbed + 1).some((acts) => acts.length > 0);
}

/**
 * The scene of a board: its opening, then step by step the prepared moves and what was done by hand on that step,
 * in the order in which it happened. `played` is how many beats of the topmost step have been played so far;
 * while it is still being climbed, what was done on it before waits.
 */
export function sceneOf(state: BoardState, played = Number.POSITIVE_INFINITY): Scene {
  return fold(EMPTY_SCENE, movesOf(state, played));
}

/** All moves that led to where a board stands, in their order: its opening, then steps and what was done by hand. */
export function* movesOf(
  { board, climbed, live }: BoardState,
  played = Number.POSITIVE_INFINITY,
): Generator<Move> {
  yield* board.opening;
  yield* movesIn(live[0] ?? []);
  for (let level = 1; level <= climbed; level += 1) {
    const beats = board.stair[level - 1]?.beats ?? [];
    const playing = level === climbed && played < beats.length;
    yield* (playing ? beats.slice(0, played) : beats).flat();
    if (!playing) yield* movesIn(live[level] ?? []);
  }
}

export const movesIn = (acts: readonly Act[]): Move[] => acts.flat(2);

/** The step that the board stands on; undefined at the foot of the stair. */
export function currentStep(state: BoardState): Step | undefined {
  return state.board.stair[state.climbed - 1];
}

/** How the step that the board stands on is climbed: as it says itself, else as its board does. */
export function paceOf(state: BoardState): Pace {
  return currentStep(state)?.pace ?? (state.board.climbEvery > 0 ? "paced" : "at-once");
}

/** One step up, if there is one. */
export function climb(state: BoardState): BoardState {
  return standOn(state, state.climbed + 1);
}

/** One step down, if there is one. Climbing and stepping down again leaves all as it was. */
export function stepDown(state: BoardState): BoardState {
  return standOn(state, state.climbed - 1);
}

/** On step `level`, 0 for the foot of the stair; the same state where there is no such step. */
export function standOn(state: BoardState, level: number): BoardState {
  if (level === state.climbed || level < 0 || level > state.board.stair.length) return state;
  return { ...state, climbed: level };
}

/** One act more on this step. */
export function act(state: BoardState, beats: Act): BoardState {
  return beats.length === 0 ? state : withLive(state, [...liveHere(state), beats]);
}

/** More beats for the latest act on this step: a drag or a count that goes on. */
export function extendAct(state: BoardState, beats: Act): BoardState {
  const acts = liveHere(state);
  const last = acts.at(-1);
  if (!last || beats.length === 0) return act(state, beats);
  return withLive(state, [...acts.slice(0, -1), [...last, ...beats]]);
}

/** The step as prepared: nothing done by hand on it or below it. */
export function backToStep(state: BoardState): BoardState {
  if (!hasLive(state)) return state;
  return { ...state, live: state.live.map((acts, level) => (level <= state.climbed ? [] : acts)) };
}

function withLive(state: BoardState, acts: readonly Act[]): BoardState {
  const { climbed, live } = state;
  return { ...state, live: [...levels(live, climbed), acts, ...live.slice(climbed + 1)] };
}

/** The acts of the first `count` levels, with empty ones where nothing was done yet. */
export function levels(live: BoardState["live"], count: number): (readonly Act[])[] {
  return Array.from({ length: count }, (_, level) => live[level] ?? []);
}
