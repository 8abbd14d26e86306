import { drawDifferent, type Random } from "../../puzzle/draw";
import type { Move } from "../../scene/move";
import { type Condition, type Rule, ruleOf } from "../../set/rule";
import { ruleWords } from "../../set/rule-words";
import { plainChart } from "../../surface/chart";
import * as z from "../../zod";
import { howMany, sheetKind } from "../sheet-kind";

/** Shadings without numbers: what do the shaded places have in common? */
export const ShadingSheet = z.object({
  kind: z.literal("shading"),
  level: z.enum(["plain", "digits", "puzzling"]),
  first: z.enum(["0", "1"]),
  count: z.int().check(z.minimum(1), z.maximum(6)),
});
export type ShadingSheet = z.infer<typeof ShadingSheet>;

const condition = (one: object): Condition => ({ not: false, ...one }) as Condition;

/** A random rule of a level, in the words of a class. */
function ruleBy(level: ShadingSheet["level"], random: Random): Rule {
  const digit = () => random(1, 9);
  switch (level) {
    case "plain":
      return ruleOf(
        random(0, 4) === 0
          ? condition({ kind: random(0, 1) === 0 ? "even" : "odd" })
          : condition({ kind: "multiples", of: String(random(3, 12)) }),
      );
    case "digits":
      return ruleOf(
        random(0, 1) === 0
          ? condition({ kind: "digit", place: "ones", digit: digit() })
          : condition({ kind: "digit", place: "tens", digit: digit() }),
      );
    default: {
      const choices: Condition[] = [
        condition({ kind: "square" }),
        condition({ kind: "triangular" }),
        condition({ kind: "prime" }),
        condition({ kind: "repeated" }),
      ];
      return ruleOf(choices[random(0, choices.length - 1)]!);
    }
  }
}

export const shading = sheetKind<ShadingSheet>({
  kind: "shading",
  schema: ShadingSheet,
  starts: { kind: "shading", level: "plain", first: "1", count: 4 },
  name: "Shadings",
  fields: [
    {
      part: "level",
      label: "Rules",
      list: [
        { value: "plain", label: "Even, odd, multiples" },
        { value: "digits", label: "Digits" },
        { value: "puzzling", label: "Square, triangular, prime, repeated" },
      ],
    },
    {
      part: "first",
      label: "The chart begins with",
      options: [
        { value: "0", label: "0" },
        { value: "1", label: "1" },
      ],
    },
    howMany(6, "Shadings"),
  ],
  drawn: () => true,
  make({ level, first, count }, random) {
    const settings = { ...plainChart(first, "1", 10, { by: "rows", rows: 10 }), covers: "empty" as const };
    const tasks = drawDifferent(count, () => ruleBy(level, random), ruleWords).map((rule) => {
      const all = ruleOf(condition({ kind: "all" }));
      const question: Move[] = [
        { do: "mark", ink: "plum", numbers: rule },
        { do: "cover", numbers: all },
      ];
      const words = ruleWords(rule);
      return {
        view: { settings, question, answer: [{ do: "lift", numbers: all } as Move], ratio: 0.8 },
        line: { before: "These are the", answer: `${words}.` },
      };
    });
    return {
      instruction: `The numbers of a chart from ${first} are out of sight. What do the shaded ones have in common?`,
      across: count === 1 ? 1 : count > 4 ? 3 : 2,
      tasks,
    };
  },
});
