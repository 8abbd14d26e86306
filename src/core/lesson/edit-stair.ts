import type { Beat, Move } from "../scene/move";
import type { Board, Pace, Step, StepWords } from "./board";
import { type BoardState, bounded, hasLive, levels, liveHere, movesIn } from "./board-state";
import { withSetting } from "./board-with";
import { MAX } from "./bounds";

/** Why the live acts cannot be kept as a new step; null if they can. */
export function whyNotKept(state: BoardState): string | null {
  if (state.board.stair.length >= MAX.steps) return `A stair has room for ${MAX.steps} steps.`;
  return whyNotRecorded(state);
}

/** Why the live acts cannot take the place of what a step does; null if they can. */
export function whyNotRecorded(state: BoardState): string | null {
  if (liveHere(state).flat().length <= MAX.beatsInStep) return null;
  return "This is more than one step can hold. Take some of it back, and keep it in two steps.";
}

/** Whether a step and the next one, if there is one, can be joined to one. */
export function canBeJoined({ stair }: Board, level: number): boolean {
  const [step, next] = [stair[level - 1], stair[level]];
  return !!step && !!next && step.beats.length + next.beats.length <= MAX.beatsInStep;
}

/** Why the live acts at the start of the stair cannot become the board's opening; null if they can. */
export function whyNotOpened(state: BoardState): string | null {
  const moves = state.board.opening.length + movesIn(liveHere(state)).length;
  if (moves <= MAX.movesInOpening) return null;
  return "This is more than a board can open with. Take some of it back, or keep it as steps.";
}

/** Keeps the live acts on the current step as a new step above it. The scene stays the same. */
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
 * Keeps the live acts at the start of the stair as the board's opening; live settings become its settings. The scene
 * stays the same.
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
 * Replaces what a step does by the live acts just below it; its words stay. The board then stands on that step, and the
 * scene is the same.
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

/** Duplicates a step, right after itself. */
export function duplicateStep(state: BoardState, level: number, id: string): BoardState {
  const { board, climbed, live } = state;
  const step = board.stair[level - 1];
  if (!step || board.stair.length >= MAX.steps) return state;
  return {
    board: { ...board, stair: board.stair.toSpliced(level, 0, { ...step, id }) },
    climbed: climbed > level ? climbed + 1 : climbed,
    live: live.length > level ? [...live.slice(0, level + 1), [], ...live.slice(level + 1)] : live,
  };
}

/** Removes a step; its live acts go to the step below. */
export function removeStep(state: BoardState, level: number): BoardState {
  const { board, climbed, live } = state;
  if (level < 1 || level > board.stair.length) return state;
  const joined = bounded([...(live[level - 1] ?? []), ...(live[level] ?? [])]);
  return {
    board: { ...board, stair: board.stair.toSpliced(level - 1, 1) },
    climbed: climbed >= level ? climbed - 1 : climbed,
    live: [...levels(live, level - 1), joined, ...live.slice(level + 1)],
  };
}

/** Inserts an empty step with given words above `level`. */
export function insertStep(state: BoardState, level: number, words: StepWords, id: string): BoardState {
  const { board, climbed, live } = state;
  if (level < 0 || level > board.stair.length || board.stair.length >= MAX.steps) return state;
  const step: Step = { id, ...words, beats: [] };
  return {
    board: { ...board, stair: board.stair.toSpliced(level, 0, step) },
    climbed: climbed > level ? climbed + 1 : climbed,
    live: [...levels(live, level + 1), [], ...live.slice(level + 1)],
  };
}

/**
 * Splits a step: the first keeps the beats before `at`, the second gets the others and the question. Live acts stay
 * above both.
 */
export function splitStep(state: BoardState, level: number, at: number, id: string): BoardState {
  const { board, climbed, live } = state;
  const step = board.stair[level - 1];
  if (!step || at < 1 || at >= step.beats.length || board.stair.length >= MAX.steps) return state;
  const { note: _, asks: __, ...bare } = step;
  const first: Step = { ...bare, question: "", answer: "", beats: step.beats.slice(0, at) };
  const second: Step = { ...step, id, beats: step.beats.slice(at) };
  return {
    board: { ...board, stair: board.stair.toSpliced(level - 1, 1, first, second) },
    climbed: climbed >= level ? climbed + 1 : climbed,
    live: [...levels(live, level), [], ...live.slice(level)],
  };
}

/**
 * Joins a step with the next one: it does what both did, and asks the second question if there is one. Live acts
 * between them come after both.
 */
export function joinSteps(state: BoardState, level: number): BoardState {
  const { board, climbed, live } = state;
  const [step, next] = [board.stair[level - 1], board.stair[level]];
  if (!step || !next || !canBeJoined(board, level)) return state;
  const { asks: _, ...rest } = step;
  const { question, answer, asks } = next.question === "" ? step : next;
  const notes = [step.note, next.note].filter(Boolean).join(" ").slice(0, MAX.text);
  const joined: Step = {
    ...rest,
    question,
    answer,
    beats: [...step.beats, ...next.beats],
    ...(asks ? { asks } : {}),
    ...(notes === "" ? {} : { note: notes }),
  };
  const between = bounded([...(live[level] ?? []), ...(live[level + 1] ?? [])]);
  return {
    board: { ...board, stair: board.stair.toSpliced(level - 1, 2, joined) },
    climbed: climbed > level ? climbed - 1 : climbed,
    live: [...levels(live, level), between, ...live.slice(level + 2)],
  };
}

/** Replaces the beats of a step; its words stay. Empty beats are left out. */
export const changeBeats = (state: BoardState, level: number, beats: readonly Beat[]): BoardState =>
  changeStep(state, level, (step) => ({
    ...step,
    beats: beats.filter((beat) => beat.length > 0).slice(0, MAX.beatsInStep),
  }));

/** Sets the pace of a step; null for the board's. */
export const paceStep = (state: BoardState, level: number, pace: Pace | null): BoardState =>
  changeStep(state, level, ({ pace: _, ...step }) => (pace === null ? step : { ...step, pace }));

/** Sets whether a step asks its question before its moves are made, or with them. */
export const timeQuestion = (state: BoardState, level: number, asks: Step["asks"]): BoardState =>
  changeStep(state, level, ({ asks: _, ...step }) => (asks ? { ...step, asks } : step));

function changeStep(state: BoardState, level: number, change: (step: Step) => Step): BoardState {
  const { board } = state;
  const step = board.stair[level - 1];
  return step ? { ...state, board: { ...board, stair: board.stair.with(level - 1, change(step)) } } : state;
}

/** Moves a step; the board stays on the step that it stood on. */
export function putStepAt(state: BoardState, from: number, to: number): BoardState {
  let now = state;
  for (let level = from; level !== to; level += Math.sign(to - from)) {
    now = moveStep(now, level, to > from ? 1 : -1);
  }
  return now;
}

/** Replaces the words of a step. */
export const rewordStep = (state: BoardState, level: number, words: StepWords): BoardState =>
  changeStep(state, level, ({ note: _, asks: __, ...step }) => ({ ...step, ...words }));

/** Swaps the step at `level` with its neighbour above or below. */
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
