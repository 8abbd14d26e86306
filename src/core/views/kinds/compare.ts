import * as z from "zod/mini";
import { exact, keyOf } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import { reader } from "../kind";

/** Two numbers, and the sign between them to be chosen. Both stand on the line of the board. */
export const CompareSettings = z.object({ kind: z.literal("compare"), a: NumberText, b: NumberText });
export type CompareSettings = z.infer<typeof CompareSettings>;

export const compare = reader<CompareSettings>({
  kind: "compare",
  schema: CompareSettings,
  starts: { kind: "compare", a: "47", b: "74" },
  name: "Two numbers compared",
  fields: [
    { part: "a", label: "Compare", number: true },
    { part: "b", label: "With", number: true },
  ],
  says: ({ a, b }) => `${showNumber(a)} and ${showNumber(b)}`,
  pins: ({ a, b }) => [a, b].map((text) => keyOf(exact(text))),
});
