import { throughTen } from "../../count/ten-frame";
import { drawDifferent } from "../../puzzle/draw";
import type { Move } from "../../scene/move";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { howMany, sheetKind } from "../sheet-kind";

/** Ten frames: counters to be counted, counters to be drawn, or a sum that is filled to ten. */
export const FramesSheet = z.object({
  kind: z.literal("frames"),
  ask: z.enum(["count", "draw", "through-ten"]),
  most: z.enum(["10", "20"]),
  count: z.int().check(z.minimum(1), z.maximum(12)),
});
export type FramesSheet = z.infer<typeof FramesSheet>;

export const frames = sheetKind<FramesSheet>({
  kind: "frames",
  schema: FramesSheet,
  starts: { kind: "frames", ask: "through-ten", most: "20", count: 6 },
  name: "Ten frames",
  fields: [
    {
      part: "ask",
      label: "Pupils",
      list: [
        { value: "count", label: "Count the counters" },
        { value: "draw", label: "Draw the counters" },
        { value: "through-ten", label: "Fill the ten, then add" },
      ],
    },
    {
      part: "most",
      label: "Numbers up to",
      options: [
        { value: "10", label: "10" },
        { value: "20", label: "20" },
      ],
      only: { part: "ask", is: ["count", "draw"] },
    },
    howMany(12, "Frames"),
  ],
  drawn: () => true,
  make({ ask, most, count }, random) {
    const many = most === "10" ? 1 : 2;
    const one = () => {
      if (ask === "through-ten") {
        // Both fit a frame, and together they go past the ten.
        const first = random(2, 9);
        const second = random(11 - first, 9);
        const split = throughTen(first, second)!;
        const settings = {
          ...KINDS.frames.starts,
          frames: 2,
          first: String(first),
          second: String(second),
          writing: "none" as const,
        };
        const sum = String(first + second);
        return {
          view: {
            settings,
            question: [],
            answer: [{ do: "frame", view: "view", first, second, moved: split.fill } satisfies Move],
            ratio: 0.3,
          },
          signs: [
            { text: String(first) },
            { text: "+" },
            { text: String(second) },
            { text: "=" },
            { text: "10 +" },
            { blank: String(split.rest) },
            { text: "=" },
            { blank: sum },
          ],
        };
      }
      const number = random(1, Number(most));
      const settings = {
        ...KINDS.frames.starts,
        frames: many,
        counts: "focus" as const,
        writing: "none" as const,
      };
      const shown: Move = { do: "focus", number: String(number) };
      const none: Move = { do: "focus", number: "0" };
      return ask === "count"
        ? {
            view: { settings, question: [shown], answer: [], ratio: many === 1 ? 0.45 : 0.3 },
            signs: [{ blank: String(number) }],
          }
        : {
            view: { settings, question: [none], answer: [shown], ratio: many === 1 ? 0.45 : 0.3 },
            signs: [{ text: String(number) }],
          };
    };
    const instruction = {
      count: "How many counters are there?",
      draw: "Draw this many counters.",
      "through-ten": "Fill the first frame from the second. Then add.",
    }[ask];
    return { instruction, across: 2, tasks: drawDifferent(count, one, JSON.stringify) };
  },
});
