import { Beat } from "../scene/move";
import { schema } from "../schema";
import { MAX } from "./bounds";

/** The live acts, one for each touch, by the number of steps climbed. */
export const LiveActs = schema((z) =>
  z
    .array(z.array(z.array(Beat(z)).check(z.maxLength(MAX.beatsInAct))).check(z.maxLength(MAX.liveActs)))
    .check(z.maxLength(MAX.steps + 1)),
);
