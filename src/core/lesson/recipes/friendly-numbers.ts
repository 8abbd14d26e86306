import { wayTo } from "../../count/bridge";
import { exact } from "../../number/exact";
import type { Beat } from "../../scene/move";
import * as z from "../../zod";
import { asking, jump, lineFor, say, start, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe, whole } from "./recipe";

const Fields = z.object({
  kind: z.literal("friendly-numbers"),
  from: whole(-10_000, 10_000),
  to: whole(-10_000, 10_000),
});
type Inputs = z.infer<typeof Fields>;

const jumpsOf = ({ from, to }: Inputs): number[] =>
  (wayTo(exact(from), exact(to), "gathered") ?? []).map(Number);

/** How far it is from one number to another, by way of friendly numbers. */
export const friendlyNumbers = recipe<Inputs>({
  kind: "friendly-numbers",
  schema: Fields.check(
    makesStair((inputs: Inputs) =>
      jumpsOf(inputs).length >= 2
        ? null
        : `From ${say(inputs.from)} to ${say(inputs.to)} there is no friendly number to stop at. Choose other numbers, such as 27 and 70.`,
    ),
  ),
  starts: { kind: "friendly-numbers", from: 27, to: 70 },
  name: "Through friendly numbers",
  about: "How far is it? The class goes by way of whole tens and hundreds and adds the jumps.",
  fields: [
    { part: "from", label: "From", whole: { min: -10_000, max: 10_000 } },
    { part: "to", label: "To", whole: { min: -10_000, max: 10_000 } },
  ],
  write(inputs) {
    const { from, to } = inputs;
    const jumps = jumpsOf(inputs);
    let at = from;
    const stops = jumps.map((by) => (at += by));
    const back = to < from ? " back" : "";
    const far = (by: number) => say(Math.abs(by));
    const steps = jumps.map((by, i): RecipeStep => {
      const before = i === 0 ? from : stops[i - 1]!;
      const beats: Beat[] = i === 0 ? [] : [[jump(jumps[i - 1]!)]];
      return step(
        `To ${say(stops[i]!)}`,
        `How far is it${back} from ${say(before)} to ${say(stops[i]!)}?`,
        far(by),
        beats,
      );
    });
    return {
      title: `From ${say(from)} to ${say(to)}`,
      views: [view(lineFor([from, to]))],
      steps: [
        asking("unmarked", [stops[0]!], {
          title: `From ${say(from)}`,
          question: `We want to go${back} from ${say(from)} to ${say(to)}. Which friendly number comes first?`,
          answer: say(stops[0]!),
          beats: [[start(from)]],
        }),
        ...steps,
        step(
          "In all",
          `How far is it from ${say(from)} to ${say(to)} in all?`,
          `${jumps.map(far).join(" + ")} = ${far(to - from)}`,
          [[jump(jumps.at(-1)!)]],
        ),
      ],
    };
  },
});
