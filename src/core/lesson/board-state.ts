import { fold } from "../scene/fold";
import type { Act, Move } from "../scene/move";
import { EMPTY_SCENE, type Scene } from "../scene/scene";
import type { Board, Pace, Step } from "./board";
import { MAX } from "./bounds";

/**
 * A board and how far its stair is climbed. `live[k]` holds what was done by hand while k steps were climbed, an
 * act for each touch. Immutable; every function here gives a new one, or the same one where there is nothing to do.
 */
export type BoardState = {
  readonly board: Board;
  readonly climbed: number;
  readonly live: readonly (readonly Act[])[];
  /** The question of the next step stands already, and its moves wait. Says nothing where that step does not ask first. */
  readonly asked?: true | undefined;
};

/** A board at the start of its stair, with no live acts. */
export function openBoard(board: Board): BoardState {
  return { board, climbed: 0, live: [] };
}

const NO_ACTS: readonly Act[] = [];

/** The live acts on the current step. */
export function liveHere(state: BoardState): readonly Act[] {
  return state.live[state.climbed] ?? NO_ACTS;
}

/** The states before each live act on the current step, the earliest first; of the latest `max` acts at most. */
export function beforeActs(state: BoardState, max: number): BoardState[] {
  const acts = liveHere(state);
  const first = Math.max(0, acts.length - max);
  return acts.slice(first).map((_, i) => withLive(state, acts.slice(0, first + i)));
}

/** Whether there are live acts on the current step or below it. */
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

/** All moves that led to the board's current scene, in order: its opening, then steps and live acts. */
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

/** The current step; undefined at the start of the stair. */
export function currentStep(state: BoardState): Step | undefined {
  return state.board.stair[state.climbed - 1];
}

/** Whether a step asks its question before its moves are made. */
export const asksFirst = (step: Step | undefined): boolean =>
  step?.asks === "first" && step.question !== "" && step.beats.length > 0;

/** Whether the question of the next step stands, and its moves wait. */
export const isAsking = ({ board, climbed, asked }: BoardState): boolean =>
  asked === true && asksFirst(board.stair[climbed]);

/** The step whose question stands: the next one if it asks first and is asking, else the current one. */
export const stepAsked = (state: BoardState): Step | undefined =>
  isAsking(state) ? state.board.stair[state.climbed] : currentStep(state);

/** The pace of the current step: its own, else the board's. */
export function paceOf(state: BoardState): Pace {
  return currentStep(state)?.pace ?? (state.board.climbEvery > 0 ? "paced" : "at-once");
}

/** Climbs one step, if there is one; a step that asks first takes two climbs, one for its question. */
export function climb(state: BoardState): BoardState {
  if (!isAsking(state) && asksFirst(state.board.stair[state.climbed])) return { ...state, asked: true };
  return standOn(state, state.climbed + 1);
}

/** Steps down, if possible. Climbing and stepping down again leaves everything as it was. */
export function stepDown(state: BoardState): BoardState {
  if (isAsking(state)) return standOn(state, state.climbed);
  const below = standOn(state, state.climbed - 1);
  return below !== state && asksFirst(currentStep(state)) ? { ...below, asked: true } : below;
}

/** Goes to step `level`, 0 for the start of the stair; the same state if there is no such step. */
export function standOn(state: BoardState, level: number): BoardState {
  const { asked, ...here } = state;
  if (level < 0 || level > state.board.stair.length) return state;
  return level === state.climbed && !asked ? state : { ...here, climbed: level };
}

/** Adds a live act to the current step. */
export function act(state: BoardState, beats: Act): BoardState {
  return beats.length === 0 ? state : withLive(state, bounded([...liveHere(state), beats]));
}

/** Live acts as many as can be kept: of more, the older ones become one act. A sitting may last a year. */
export const bounded = (acts: readonly Act[]): readonly Act[] =>
  acts.length <= MAX.liveActs
    ? acts
    : [acts.slice(0, -MAX.liveActs / 2).flat(), ...acts.slice(-MAX.liveActs / 2)];

/** Appends beats to the latest live act: a drag or a count that continues. */
export function extendAct(state: BoardState, beats: Act): BoardState {
  const acts = liveHere(state);
  const last = acts.at(-1);
  if (!last || beats.length === 0) return act(state, beats);
  return withLive(state, [...acts.slice(0, -1), [...last, ...beats]]);
}

/** Back to prepared: drops the live acts on the current step and below it. */
export function backToStep(state: BoardState): BoardState {
  if (!hasLive(state)) return state;
  return { ...state, live: state.live.map((acts, level) => (level <= state.climbed ? [] : acts)) };
}

function withLive(state: BoardState, acts: readonly Act[]): BoardState {
  const { climbed, live } = state;
  return { ...state, live: [...levels(live, climbed), acts, ...live.slice(climbed + 1)] };
}

/** The acts of the first `count` levels, padded with empty ones. */
export function levels(live: BoardState["live"], count: number): (readonly Act[])[] {
  return Array.from({ length: count }, (_, level) => live[level] ?? []);
}
