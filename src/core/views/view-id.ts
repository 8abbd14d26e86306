import { type Checked, schema } from "../schema";

/** The id of a view on its board: whatever is about one view, such as its window, names it. */
export const ViewId = schema((z) =>
  z.string().check(z.regex(/^[a-z][a-z0-9-]{0,23}$/, "A view has a name of small letters.")),
);
export type ViewId = Checked<typeof ViewId>;
