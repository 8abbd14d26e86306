import { exact, keyOf } from "../number/exact";
import { readNumber } from "../number/read-number";
import type { Move } from "../scene/move";
import type { Board } from "./board";
import type { Lesson } from "./lesson";
import { chartOf } from "./views-of";

/** The parts of a rule or a recipe whose numbers it is about. */
const PARTS = ["by", "of", "a", "b", "each"] as const;

const numbersIn = (parts: object): string[] =>
  PARTS.flatMap((part) => {
    const value = (parts as Record<string, unknown>)[part];
    const read = typeof value === "number" || typeof value === "string" ? readNumber(String(value)) : null;
    return read?.ok ? [keyOf(read.value)] : [];
  });

/** The numbers that the rules in a move are about: the 6 of "multiples of 6". */
function inRules(move: Move): string[] {
  if (!("numbers" in move) || Array.isArray(move.numbers)) return [];
  return move.numbers.conditions.flatMap(numbersIn);
}

function boardAbout(board: Board): string[] {
  const moves = [...board.opening, ...board.stair.flatMap(({ beats }) => beats.flat())];
  // Every board has a count; it matters only if the board is about counting.
  const counted = keyOf(exact(board.count.by));
  const isCounted = moves.some((move) => move.do === "jump" && keyOf(exact(move.by).abs()) === counted);
  const difference = chartOf(board)?.difference ?? "1";
  return [
    ...(isCounted ? [counted] : []),
    ...(difference === "1" ? [] : [keyOf(exact(difference).abs())]),
    ...moves.flatMap(inRules),
    ...board.views.flatMap((view) => (view.kind === "groups" ? [String(view.each)] : [])),
    ...(board.recipe ? numbersIn(board.recipe) : []),
  ];
}

/** The numbers that a lesson is about: what is counted in, whose multiples are marked, what groups hold. Each once. */
export const numbersAbout = ({ boards }: Pick<Lesson, "boards">): string[] => [
  ...new Set(boards.flatMap(boardAbout)),
];
