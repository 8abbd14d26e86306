import { type Checked, schema } from "../schema";

/** Maximum number of views on a board, and in its layout. */
export const MAX_VIEWS = 6;
export const MAX_PLACED = 4;

/** Minimum share of a board that a view can have. */
export const MIN_SHARE = 0.2;

/**
 * How the views share a board: side by side, or one above the other, with the part that the first one has, so that three
 * or four are a large one and small ones; or four in a square.
 */
export const Layout = schema((z) =>
  z.object({
    run: z.enum(["beside", "above", "square"]),
    share: z.number().check(z.minimum(MIN_SHARE), z.maximum(1 - MIN_SHARE)),
  }),
);
export type Layout = Checked<typeof Layout>;
