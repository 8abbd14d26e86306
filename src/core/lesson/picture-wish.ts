import { type Checked, schema } from "../schema";
import { ViewId } from "../views/view-id";

/** Most pixels that a picture is wide or high. */
export const MOST_PIXELS = 4_000;

/** What a picture of a board is to be like. */
export const PictureWish = schema((z) =>
  z.object({
    /** One view, or the whole board. */
    view: z.nullable(ViewId(z)),
    covers: z.boolean(),
    marks: z.boolean(),
    ground: z.enum(["white", "none"]),
    as: z.enum(["svg", "png"]),
    /** The longer side of a PNG, in pixels. */
    longest: z.int().check(z.minimum(16), z.maximum(MOST_PIXELS)),
    /** Laid out as on an upright screen. */
    upright: z.boolean(),
    /** Drawn for the back of the room. */
    strong: z.boolean(),
  }),
);
export type PictureWish = Checked<typeof PictureWish>;
