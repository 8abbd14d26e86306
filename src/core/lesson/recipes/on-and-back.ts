import type { Beat } from "../../scene/move";
import * as z from "../../zod";
import { asking, COVER_ALL, jump, LIFT_ALL, lift, lineFor, many, say, start, step, view } from "./parts";
import { recipe, whole } from "./recipe";

const Fields = z.object({
  kind: z.literal("on-and-back"),
  from: whole(-1_000, 1_000),
  by: whole(1, 100),
  on: whole(1, 12),
  back: whole(1, 12),
});
type Inputs = z.infer<typeof Fields>;

/** Jumps on and back along a line whose numbers are covered: the class keeps count in its head. */
export const onAndBack = recipe<Inputs>({
  kind: "on-and-back",
  schema: Fields,
  starts: { kind: "on-and-back", from: 12, by: 3, on: 4, back: 2 },
  name: "On and back under a cover",
  about: "All numbers are covered. The class follows the jumps in its head and says where they land.",
  fields: [
    { part: "from", label: "Start at", whole: { min: -1_000, max: 1_000 } },
    { part: "by", label: "Jumps of", whole: { min: 1, max: 100 } },
    { part: "on", label: "Jumps on", whole: { min: 1, max: 12 } },
    { part: "back", label: "Jumps back", whole: { min: 1, max: 12 } },
  ],
  write({ from, by, on, back }) {
    const there = from + by * on;
    const end = there - by * back;
    const jumps = (count: number, size: number): Beat[] => Array.from({ length: count }, () => [jump(size)]);
    return {
      title: `On and back from ${say(from)}`,
      views: [view(lineFor([from, there, end]))],
      count: { by: String(by), from: String(from) },
      opening: [COVER_ALL, lift(from)],
      steps: [
        asking("covered", [there], {
          title: `Start at ${say(from)}`,
          question: `We make ${many(on, "jump")} of ${say(by)} on from ${say(from)}. Where will we land?`,
          answer: say(there),
          beats: [[start(from)]],
        }),
        asking("covered", [there], {
          title: "On",
          question: "We have landed. How do you know where we are?",
          answer: `${say(from)} + ${say(on)} × ${say(by)} = ${say(there)}`,
          beats: jumps(on, by),
        }),
        ...(end === from
          ? [
              step(
                "And back",
                `From ${say(there)} we make ${many(back, "jump")} of ${say(by)} back. Where will we land?`,
                `At ${say(from)}, where we started`,
                [[lift(there)]],
              ),
              step("Back", "", "", [...jumps(back, -by), [LIFT_ALL]]),
            ]
          : [
              asking("covered", [end], {
                title: "And back",
                question: `From ${say(there)} we make ${many(back, "jump")} of ${say(by)} back. Where will we land?`,
                answer: say(end),
                beats: [[lift(there)]],
              }),
              asking("covered", [end], {
                title: "Back",
                question: "We have landed again. How do you know where we are?",
                answer: `${say(there)} − ${say(back)} × ${say(by)} = ${say(end)}`,
                beats: jumps(back, -by),
              }),
              step("Look", "", "", [[LIFT_ALL]]),
            ]),
      ],
    };
  },
});
