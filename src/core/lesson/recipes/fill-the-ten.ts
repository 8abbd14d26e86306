import { throughTen } from "../../count/ten-frame";
import { KINDS } from "../../views/kinds";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const Fields = z.object({ kind: z.literal("fill-the-ten"), first: whole(1, 19), second: whole(1, 19) });
type Inputs = z.infer<typeof Fields>;

const FRAMES = "frames" as ViewId;

/** A sum that goes through a whole ten: the first number is filled from the second. */
export const fillTheTen = recipe<Inputs>({
  kind: "fill-the-ten",
  schema: Fields.check(
    makesStair(({ first, second }: Inputs) =>
      throughTen(first, second)
        ? null
        : `${say(first)} + ${say(second)} does not go through a whole ten. Choose numbers such as 8 and 6.`,
    ),
  ),
  starts: { kind: "fill-the-ten", first: 8, second: 6 },
  name: "Fill the ten",
  about: "Two numbers in frames. The first is filled from the second, and the rest is counted on.",
  fields: [
    { part: "first", label: "First number", whole: { min: 1, max: 19 } },
    { part: "second", label: "Second number", whole: { min: 1, max: 19 } },
  ],
  write({ first, second }) {
    const { fill, rest } = throughTen(first, second)!;
    const ten = first + fill;
    const moved = (count: number) => ({ do: "frame", view: FRAMES, first, second, moved: count }) as const;
    const frames = Math.ceil(first / 10) + Math.ceil(second / 10);
    const settings = {
      ...KINDS.frames.starts,
      frames,
      first: String(first),
      second: String(second),
      writing: "covered" as const,
    };
    return {
      title: `${say(first)} + ${say(second)} through ${say(ten)}`,
      views: [view(settings)],
      steps: [
        step("How many more?", `How many more counters fill up the frame of the ${say(first)}?`, say(fill)),
        step(
          "Fill it",
          `${say(fill)} of the ${say(second)} ${fill === 1 ? "moves" : "move"} across. How many of them are left?`,
          say(rest),
          // One counter after the other, as a hand would move them.
          Array.from({ length: fill }, (_, i) => [moved(i + 1)]),
        ),
        step(
          "In all",
          `${say(ten)} and the rest: how much is ${say(first)} + ${say(second)}?`,
          `${say(ten)} + ${say(rest)} = ${say(first + second)}`,
        ),
        step("Line by line", "", "", [[{ do: "cover-part", view: FRAMES, part: "writing", on: false }]]),
      ],
    };
  },
});
