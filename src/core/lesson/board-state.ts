import { fold } from "../scene/fold";
import type { Act, Move } from "../scene/move";
import { EMPTY_SCENE, type Scene } from "../scene/scene";
import { withSetting } from "./board-with";
import { type Board, MOST, type Step, type StepWords } from "./lesson";

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

function* movesOf({ board, climbed, live }: BoardState, played: number): Generator<Move> {
  yield* board.opening;
  yield* movesIn(live[0] ?? []);
  for (let level = 1; level <= climbed; level += 1) {
    const beats = board.stair[level - 1]?.beats ?? [];
    const playing = level === climbed && played < beats.length;
    yield* (playing ? beats.slice(0, played) : beats).flat();
    if (!playing) yield* movesIn(live[level] ?? []);
  }
}

const movesIn = (acts: readonly Act[]): Move[] => acts.flat(2);

/** The step that the board stands on; undefined at the foot of the stair. */
export function currentStep(state: BoardState): Step | undefined {
  return state.board.stair[state.climbed - 1];
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

/** Why what was done by hand cannot be kept as one more step; null where it can. */
export function whyNotKept(state: BoardState): string | null {
  if (state.board.stair.length >= MOST.steps) return `A stair has room for ${MOST.steps} steps.`;
  if (liveHere(state).flat().length > MOST.beatsInStep) {
    return "This is more than one step can hold. Take some of it back, and keep it in two steps.";
  }
  return null;
}

/** Why what was done by hand at the foot of the stair cannot be the way the board opens; null where it can. */
export function whyNotOpened(state: BoardState): string | null {
  const moves = state.board.opening.length + movesIn(liveHere(state)).length;
  if (moves <= MOST.movesInOpening) return null;
  return "This is more than a board can open with. Take some of it back, or keep it as steps.";
}

/** What was done by hand on this step as a step of its own, above it. The scene stays the same. */
export function keepAsStep(state: BoardState, words: StepWords, id: string): BoardState {
  const { board, climbed, live } = state;
  const step: Step = { id, ...words, beats: liveHere(state).flat() };
  return {
    board: { ...board, stair: board.stair.toSpliced(climbed, 0, step) },
    climbed: climbed + 1,
    live: [...levels(live, climbed), [], [], ...live.slice(climbed + 1)],
  };
}

/**
 * What was done by hand at the start of the board as the way it opens; what was set by hand is what it is set to. The
 * scene stays the same.
 */
export function keepAsOpening(state: BoardState): BoardState {
  if (state.climbed > 0 || !hasLive(state)) return state;
  const { board, live } = state;
  const isSet = (move: Move) => move.do === "set";
  const moves = [...board.opening, ...movesIn(liveHere(state))];
  const set = moves.flatMap((move) => (move.do === "set" ? [move.setting] : []));
  return {
    ...state,
    board: { ...set.reduce(withSetting, board), opening: moves.filter((move) => !isSet(move)) },
    live: [[], ...live.slice(1)],
  };
}

/**
 * A step that does what was done by hand just below it, in the place of what it did; its words stay. The board stands on
 * it then, and the scene is the same.
 */
export function recordOver(state: BoardState, level: number): BoardState {
  const { board, climbed, live } = state;
  const step = board.stair[level - 1];
  if (!step || climbed !== level - 1 || liveHere(state).length === 0) return state;
  return {
    board: { ...board, stair: board.stair.with(level - 1, { ...step, beats: liveHere(state).flat() }) },
    climbed: level,
    live: [...levels(live, climbed), [], [], ...live.slice(level + 1)],
  };
}

/** A step once more, after itself. */
export function duplicateStep(state: BoardState, level: number, id: string): BoardState {
  const { board, climbed, live } = state;
  const step = board.stair[level - 1];
  if (!step || board.stair.length >= MOST.steps) return state;
  return {
    board: { ...board, stair: board.stair.toSpliced(level, 0, { ...step, id }) },
    climbed: climbed > level ? climbed + 1 : climbed,
    live: live.length > level ? [...live.slice(0, level + 1), [], ...live.slice(level + 1)] : live,
  };
}

/** The stair without a step; what was done by hand on it goes to the step below. */
export function removeStep(state: BoardState, level: number): BoardState {
  const { board, climbed, live } = state;
  if (level < 1 || level > board.stair.length) return state;
  const joined = [...(live[level - 1] ?? []), ...(live[level] ?? [])];
  return {
    board: { ...board, stair: board.stair.toSpliced(level - 1, 1) },
    climbed: climbed >= level ? climbed - 1 : climbed,
    live: [...levels(live, level - 1), joined, ...live.slice(level + 1)],
  };
}

/** A step with other words. */
export function rewordStep(state: BoardState, level: number, words: StepWords): BoardState {
  const { board } = state;
  return {
    ...state,
    board: {
      ...board,
      stair: board.stair.map((step, i) => (i === level - 1 ? { ...step, ...words } : step)),
    },
  };
}

/** Two neighbouring steps in the other order: the step at `level` goes one up or one down. */
export function moveStep(state: BoardState, level: number, by: 1 | -1): BoardState {
  const { stair } = state.board;
  const [step, other] = [stair[level - 1], stair[level - 1 + by]];
  if (!step || !other) return state;
  return {
    ...state,
    board: { ...state.board, stair: stair.with(level - 1, other).with(level - 1 + by, step) },
    climbed: state.climbed === level ? level + by : state.climbed === level + by ? level : state.climbed,
  };
}

function withLive(state: BoardState, acts: readonly Act[]): BoardState {
  const { climbed, live } = state;
  return { ...state, live: [...levels(live, climbed), acts, ...live.slice(climbed + 1)] };
}

/** The acts of the first `count` levels, with empty ones where nothing was done yet. */
function levels(live: BoardState["live"], count: number): (readonly Act[])[] {
  return Array.from({ length: count }, (_, level) => live[level] ?? []);
}
