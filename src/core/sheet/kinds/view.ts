import { Count } from "../../count/count-settings";
import { Move } from "../../scene/move";
import { movesMadeOn } from "../../scene/own";
import { KINDS } from "../../views/kinds";
import { View, type ViewSettings } from "../../views/view";
import * as z from "../../zod";
import { onPaper } from "../on-paper";
import { sheetKind } from "../sheet-kind";

/** Maximum number of moves that a view brings along from its board: more than a whole lesson has. */
export const MAX_BROUGHT = 5_000;
/** Maximum number of other views of a board. */
const MAX_BESIDE = 5;

/**
 * A view as it stood on a board, with its marks and covers; what was covered is shown where the answers stand.
 * - `count`: the count of its board, which stops and the numbers so far are about
 * - `beside`: the views of its board on which numbers are laid out, which say how numbers are written and which are meant
 */
export const ViewSheet = z.object({
  kind: z.literal("view"),
  view: View(z),
  moves: z.array(Move(z)).check(z.maxLength(MAX_BROUGHT)),
  size: z.enum(["large", "small"]),
  count: z.optional(z.pick(Count(z), { by: true, from: true, way: true })),
  beside: z.optional(z.array(View(z)).check(z.maxLength(MAX_BESIDE))),
});
export type ViewSheet = z.infer<typeof ViewSheet>;

/** The view that is drawn has the id "view" on paper; another with that id gets one of its own. */
const renamed = (one: View): View => (one.id === "view" ? ({ ...one, id: "beside" } as View) : one);

export const view = sheetKind<ViewSheet>({
  kind: "view",
  schema: ViewSheet as never,
  starts: {
    kind: "view",
    view: { ...KINDS.line.starts, id: "line" },
    moves: [],
    size: "large",
  },
  name: "From the board",
  fields: [
    {
      part: "size",
      label: "Size",
      options: [
        { value: "large", label: "Large" },
        { value: "small", label: "Small" },
      ],
    },
  ],
  drawn: () => false,
  make({ view: one, moves, size, count, beside }) {
    // It stands alone here, so what it keeps for itself is all there is.
    const { id, own: _, ...rest } = one;
    const settings = rest as ViewSettings;
    const question = movesMadeOn(one, moves).map((move) =>
      "view" in move && move.view === id ? ({ ...move, view: "view" } as Move) : move,
    );
    return {
      instruction: "",
      across: size === "large" ? 1 : 2,
      tasks: [
        {
          view: {
            settings,
            question,
            reveals: true,
            ...(count ? { count } : {}),
            ...(beside ? { beside: beside.map(renamed) } : {}),
            ...onPaper(settings, "view"),
          },
        },
      ],
    };
  },
});
