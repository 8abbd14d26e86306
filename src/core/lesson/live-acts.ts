import { Beat } from "../scene/move";
import { schema } from "../schema";
import { MAX } from "./bounds";

const MAX_ACTS = 2000;

/** What was done by hand, an act for each touch, by how many steps were climbed. */
export const LiveActs = schema((z) =>
  z
    .array(z.array(z.array(Beat(z)).check(z.maxLength(MAX_ACTS))).check(z.maxLength(MAX_ACTS)))
    .check(z.maxLength(MAX.steps + 1)),
);
