import { type Checked, schema } from "../schema";
import type * as z from "../zod";
import { MAX_AT_ONCE, own } from "./own";
import type { Draft, MoveKind } from "./slice";
import { SLICES } from "./slices";

type Kind = (typeof SLICES)[number]["moves"][number] | (typeof own.moves)[number];

/** The smallest acts on a board. Every move is plain data; each stands in the slice that it is mainly about. */
export type Move = Checked<Kind["schema"]>;

/** All kinds of move, slice by slice. */
export const MOVES = [...SLICES, own].flatMap(({ moves }) => [
  ...moves,
]) as unknown as readonly MoveKind<Move>[];

export const Move = schema(
  (z) =>
    z.discriminatedUnion(
      "do",
      MOVES.map((kind) => kind.schema(z)) as unknown as [z.ZodMiniObject],
    ) as unknown as z.ZodMiniType<Move>,
);

const kinds = new Map<string, MoveKind<Move>>(MOVES.map((kind) => [kind.do, kind]));

/** What a move does to a scene. */
export const applyMove = (draft: Draft, move: Move): void => kinds.get(move.do)!.apply(draft, move);

/** The moves that happen at one moment: a number marked and the count gone on to it. */
export const Beat = schema((z) => z.array(Move(z)).check(z.minLength(1), z.maxLength(MAX_AT_ONCE)));
export type Beat = Checked<typeof Beat>;

/** What one touch, one drag or one run of the count does; its beats are taken back together. */
export type Act = readonly Beat[];
