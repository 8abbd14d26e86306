import { ARROWS, type Arrow } from "../../count/route";
import { drawDifferent } from "../../puzzle/draw";
import { plainChart } from "../../surface/chart";
import { neighbourOf } from "../../surface/neighbours";
import * as z from "../../zod";
import { howMany, sheetKind } from "../sheet-kind";

/** Routes of arrows on a chart of rows of ten: where do they land? */
export const ArrowsSheet = z.object({
  kind: z.literal("arrows"),
  last: z.enum(["50", "100", "200"]),
  arrows: z.int().check(z.minimum(1), z.maximum(10)),
  ask: z.enum(["landing", "start"]),
  count: z.int().check(z.minimum(1), z.maximum(20)),
});
export type ArrowsSheet = z.infer<typeof ArrowsSheet>;

const SIGN: Readonly<Record<Arrow, string>> = { left: "←", right: "→", up: "↑", down: "↓" };
const BACK: Readonly<Record<Arrow, Arrow>> = { left: "right", right: "left", up: "down", down: "up" };

export const arrows = sheetKind<ArrowsSheet>({
  kind: "arrows",
  schema: ArrowsSheet,
  starts: { kind: "arrows", last: "100", arrows: 4, ask: "landing", count: 8 },
  name: "Arrow routes",
  fields: [
    {
      part: "last",
      label: "On a chart from 1 to",
      options: [
        { value: "50", label: "50" },
        { value: "100", label: "100" },
        { value: "200", label: "200" },
      ],
    },
    { part: "arrows", label: "Arrows", whole: { min: 1, max: 10 } },
    {
      part: "ask",
      label: "Asked for",
      options: [
        { value: "landing", label: "The landing" },
        { value: "start", label: "The start" },
      ],
    },
    howMany(20, "Routes"),
  ],
  drawn: () => true,
  make({ last, arrows: length, ask, count }, random) {
    const max = Number(last);
    const chart = plainChart("1", "1", 10, { by: "last", last });
    const routeTask = () => {
      const start = String(random(1, max));
      const route: Arrow[] = [];
      let at = start;
      while (route.length < length) {
        const ways = ARROWS.flatMap((arrow) => {
          const beside = neighbourOf(chart, at, arrow);
          return beside ? [{ arrow, number: beside.number }] : [];
        });
        // No arrow undoes the one before it, unless nothing else is left.
        const before = route.at(-1);
        const on = ways.filter(({ arrow }) => before === undefined || arrow !== BACK[before]);
        const choice = on.length > 0 ? on : ways;
        const way = choice[random(0, choice.length - 1)]!;
        at = way.number;
        route.push(way.arrow);
      }
      const text = route.map((arrow) => SIGN[arrow]).join(" ");
      return {
        signs:
          ask === "landing"
            ? [{ text: start }, { text }, { text: "=" }, { blank: at }]
            : [{ blank: start }, { text }, { text: "=" }, { text: at }],
      };
    };
    return {
      instruction: `Follow the arrows on a chart from 1 to ${last} in rows of ten. Write the number you ${ask === "landing" ? "land on" : "started from"}.`,
      across: 2,
      tasks: drawDifferent(count, routeTask, JSON.stringify),
    };
  },
});
