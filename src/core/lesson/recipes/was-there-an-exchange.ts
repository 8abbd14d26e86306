import { NEW_COUNT } from "../../count/count-settings";
import { stopAt, stopQuestion } from "../../count/stops";
import { countedIn } from "../../number/counted-in";
import { NumberText } from "../../number/number-schema";
import type { Beat } from "../../scene/move";
import type { StopPart } from "../../scene/slices/parts";
import { KINDS } from "../../views/kinds";
import { MAX_STOPS } from "../../views/kinds/stops";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { say, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe, whole } from "./recipe";

const Fields = z.object({
  kind: z.literal("was-there-an-exchange"),
  by: whole(1, 1_000),
  from: whole(0, 9_000),
  way: z.enum(["forwards", "back"]),
  stops: z
    .array(NumberText(z))
    .check(
      z.minLength(1, `Write 1 to ${MAX_STOPS} numbers.`),
      z.maxLength(MAX_STOPS, `Write 1 to ${MAX_STOPS} numbers.`),
    ),
});
type Inputs = z.infer<typeof Fields>;

const STOPS = "stops" as ViewId;
const countOf = ({ by, from, way }: Inputs) => ({ ...NEW_COUNT, by: String(by), from: String(from), way });
const reached = (inputs: Inputs, stop: string) =>
  /^\d+$/.test(stop) && stopAt(countOf(inputs), String(Number(stop))) !== null;

/** Stops along a count: was there an exchange, of what for what, and if not, how many more are needed? */
export const wasThereAnExchange = recipe<Inputs>({
  kind: "was-there-an-exchange",
  schema: Fields.check(
    makesStair((inputs: Inputs) => {
      const wrong = inputs.stops.find((stop) => !reached(inputs, stop));
      const back = inputs.way === "back" ? "back " : "";
      return wrong === undefined
        ? null
        : `Counting ${back}in ${countedIn(String(inputs.by))} from ${say(inputs.from)} does not come to ${wrong}.`;
    }),
  ),
  starts: {
    kind: "was-there-an-exchange",
    by: 3,
    from: 50,
    way: "forwards",
    stops: ["53", "62", "80", "101"],
  },
  name: "Was there an exchange?",
  about: "Stops along a count: what was exchanged at each, or how many more are needed until the next.",
  fields: [
    { part: "by", label: "Count in", whole: { min: 1, max: 1_000 } },
    { part: "from", label: "From", whole: { min: 0, max: 9_000 } },
    {
      part: "way",
      label: "The count goes",
      options: [
        { value: "forwards", label: "On" },
        { value: "back", label: "Back" },
      ],
    },
    { part: "stops", label: "Stops, at most 6 numbers", numbers: { min: 1, max: MAX_STOPS } },
  ],
  write(inputs) {
    const count = countOf(inputs);
    const part = (i: number) => `exchange-${i + 1}` as StopPart;
    const covered = (i: number, on: boolean): Beat => [{ do: "cover-part", view: STOPS, part: part(i), on }];
    const numbers = inputs.stops.map((stop) => String(Number(stop)));
    const steps = numbers.map(
      (number, i): RecipeStep => ({
        title: `At ${say(Number(number))}`,
        ...stopQuestion(count, stopAt(count, number)!),
        beats: [...(i === 0 ? [] : [covered(i - 1, false)]), [{ do: "focus", number }]],
      }),
    );
    return {
      title: "Was there an exchange?",
      views: [view({ ...KINDS.stops.starts, stops: numbers })],
      count: { by: count.by, from: count.from, way: count.way },
      steps: [...steps, step("Look", "", "", [covered(numbers.length - 1, false)])],
    };
  },
});
