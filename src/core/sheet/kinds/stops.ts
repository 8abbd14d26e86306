import { stopAt } from "../../count/stops";
import { pick } from "../../puzzle/draw";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { howMany, sheetKind } from "../sheet-kind";

/** Stops of a count: was there an exchange, of what for what, and if not, how many more are needed? */
export const StopsSheet = z.object({
  kind: z.literal("stops"),
  by: z.int().check(z.minimum(1), z.maximum(100)),
  from: z.int().check(z.minimum(0), z.maximum(900)),
  count: z.int().check(z.minimum(1), z.maximum(6)),
});
export type StopsSheet = z.infer<typeof StopsSheet>;

/** The height of a stop in parts of its width, with one, two or three beside each other. */
const RATIO = { 1: 0.45, 2: 0.7, 3: 1.05 } as const;

/** Jumps after which stops are drawn. */
const JUMPS = 14;

export const stops = sheetKind<StopsSheet>({
  kind: "stops",
  schema: StopsSheet,
  starts: { kind: "stops", by: 6, from: 0, count: 3 },
  name: "Stops of a count",
  fields: [
    { part: "by", label: "Count in", whole: { min: 1, max: 100 } },
    { part: "from", label: "From", whole: { min: 0, max: 900 } },
    howMany(6, "Stops"),
  ],
  drawn: () => true,
  make({ by, from, count }, random) {
    const across = count === 1 ? 1 : count === 2 || count === 4 ? 2 : 3;
    const counted = { by: String(by), from: String(from), way: "forwards" } as const;
    const numbers = Array.from({ length: JUMPS }, (_, i) => String(from + by * (i + 1)));
    const tasks = pick(numbers, count, random).flatMap((number) => {
      const stop = stopAt(counted, number);
      if (!stop) return [];
      return [
        {
          view: {
            settings: {
              ...KINDS.stops.starts,
              stops: [number],
              number: "shown" as const,
              pieces: "shown" as const,
              exchange: "covered" as const,
              appears: "at-once" as const,
            },
            question: [],
            answer: [{ do: "cover-part", view: "view", part: "exchange-1", on: false } as const],
            count: counted,
            ratio: RATIO[across],
          },
        },
      ];
    });
    return {
      instruction: `Count in ${by}s from ${from}. Was there an exchange at this number? If not, how many more are needed?`,
      across,
      tasks,
    };
  },
});
