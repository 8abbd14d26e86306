import * as z from "zod/mini";

/** The name of a view on its board: what is about one view, such as its window, names it. */
export const ViewId = z
  .string()
  .check(z.regex(/^[a-z][a-z0-9-]{0,23}$/, "A view has a name of small letters."));
export type ViewId = z.infer<typeof ViewId>;
