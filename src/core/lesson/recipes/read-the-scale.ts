import { exact, keyOf } from "../../number/exact";
import { showNumber } from "../../number/show-number";
import { pick, randomOf } from "../../puzzle/draw";
import type { Move } from "../../scene/move";
import { plainLine } from "../../surface/line";
import * as z from "../../zod";
import { range, say, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe, whole } from "./recipe";

const PARTS = ["2", "4", "5", "10"] as const;

const Fields = z.object({
  kind: z.literal("read-the-scale"),
  from: whole(-10_000, 10_000),
  to: whole(-10_000, 10_000),
  interval: whole(1, 1_000),
  parts: z.enum(PARTS),
  marks: whole(1, 6),
  draw: whole(1, 999),
});
type Inputs = z.infer<typeof Fields>;

const MAX_INTERVALS = 12;

/** A line with labels far apart: what is one part, and which number belongs at a mark? */
export const readTheScale = recipe<Inputs>({
  kind: "read-the-scale",
  schema: Fields.check(
    makesStair(({ from, to, interval, parts, marks }: Inputs) => {
      const far = to - from;
      if (far <= 0) return "Put the smaller number first.";
      if (far % interval !== 0)
        return `From ${say(from)} in intervals of ${say(interval)}, the line does not end at ${say(to)}.`;
      const intervals = far / interval;
      if (intervals > MAX_INTERVALS)
        return `That makes ${say(intervals)} intervals. Choose a larger interval: ${MAX_INTERVALS} can be read from the last row.`;
      return intervals * (Number(parts) - 1) >= marks
        ? null
        : "There are fewer marks between the labels than that.";
    }),
  ),
  starts: { kind: "read-the-scale", from: 0, to: 100, interval: 20, parts: "4", marks: 3, draw: 1 },
  name: "Read the scale",
  about: "Labels stand far apart. The class works out one part, then reads the marks.",
  fields: [
    { part: "from", label: "From", whole: { min: -10_000, max: 10_000 } },
    { part: "to", label: "To", whole: { min: -10_000, max: 10_000 } },
    { part: "interval", label: "Interval", whole: { min: 1, max: 1_000 } },
    {
      part: "parts",
      label: "Parts in each interval",
      list: PARTS.map((value) => ({ value, label: value })),
    },
    { part: "marks", label: "Marks to be read", whole: { min: 1, max: 6 } },
    { part: "draw", label: "Draw", whole: { min: 1, max: 999 } },
  ],
  write({ from, to, interval, parts, marks, draw }) {
    const cut = Number(parts);
    const one = exact(interval).div(cut);
    // The marks to be read between the labels, each by its number of parts from the start.
    const between = range(1, ((to - from) / interval) * cut - 1).filter((tick) => tick % cut !== 0);
    const asked = pick(between, marks, randomOf(draw));
    const numberAt = (tick: number) => keyOf(exact(from).add(one.mul(tick)));
    const ask = (number: string | null): Move => ({ do: "ask", number, as: "place" });
    const steps = asked.map((tick, i): RecipeStep => {
      const number = numberAt(tick);
      const label = numberAt(Math.floor(tick / cut) * cut);
      const count = tick % cut;
      return {
        title: i === 0 ? "A mark" : "Another mark",
        question: "Which number belongs at this mark?",
        answer: `${showNumber(number)}: ${count === 1 ? "one part" : `${count} parts`} after ${showNumber(label)}`,
        beats: [[ask(number), { do: "focus", number: null }]],
        asks: { as: "covered", numbers: [number] },
      };
    });
    return {
      title: `A scale from ${say(from)} to ${say(to)}`,
      views: [view(plainLine(String(from), String(to), String(interval), cut, { pointer: "shown" }))],
      // In parts or in intervals the count on the rail would answer what is asked.
      count: {
        by: ["1", "2", "3"].find((by) => by !== keyOf(one) && by !== String(interval))!,
        from: String(from),
      },
      steps: [
        step("The labels", "How far is it from one label to the next?", say(interval)),
        step(
          "The parts",
          `Each interval is cut into ${cut} equal parts. How much is one part?`,
          `${showNumber(keyOf(one))}: ${cut} × ${showNumber(keyOf(one))} = ${say(interval)}`,
        ),
        ...steps,
        step("Read it", "", "", [[ask(null), { do: "focus", number: numberAt(asked.at(-1)!) }]]),
      ],
    };
  },
});
