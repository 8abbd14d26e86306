import { type Checked, schema } from "../../schema";
import { MAX_SQUARES, MAX_WIDTH } from "../squares";

/** The mirror lines that a picture may have: upright, level, and the diagonals down to the right and to the left. */
export const MIRRORS = ["upright", "level", "down-right", "down-left"] as const;
export type Mirror = (typeof MIRRORS)[number];

const Rows = schema((z) => z.int().check(z.minimum(0), z.maximum(MAX_SQUARES)));
const Columns = schema((z) => z.int().check(z.minimum(-MAX_WIDTH), z.maximum(MAX_WIDTH)));

/** A symmetry: a mirror, half a turn, a quarter turn, or sliding by rows and columns. */
export const Symmetry = schema((z) =>
  z.discriminatedUnion("kind", [
    z.object({ kind: z.literal("mirror"), line: z.enum(MIRRORS) }),
    z.object({ kind: z.literal("turn"), by: z.enum(["half", "quarter"]) }),
    z.object({ kind: z.literal("slide"), down: Rows(z), right: Columns(z) }),
  ]),
);
export type Symmetry = Checked<typeof Symmetry>;

/** Whether two symmetries are the same. */
export const sameSymmetry = (a: Symmetry, b: Symmetry): boolean =>
  Object.values(a).join() === Object.values(b).join();
