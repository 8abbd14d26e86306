import { exact, keyOf } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** Two numbers, and the sign between them to be chosen. Both stand on the line of the board. */
export const CompareSettings = schema((z) =>
  z.object({ kind: z.literal("compare"), a: NumberText(z), b: NumberText(z) }),
);
export type CompareSettings = Checked<typeof CompareSettings>;

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
