import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

export const MAX_ORDERED = 6;
const MESSAGE = "Write 2 to 6 numbers.";

/** Two to six numbers to be put in order, with pieces or without, and the signs between them to be chosen or not. */
export const OrderSettings = schema((z) =>
  z.object({
    kind: z.literal("order"),
    numbers: z.array(NumberText(z)).check(z.minLength(2, MESSAGE), z.maxLength(MAX_ORDERED, MESSAGE)),
    first: z.enum(["smallest", "largest"]),
    pieces: z.enum(["shown", "covered", "none"]),
    signs: z.enum(["shown", "none"]),
  }),
);
export type OrderSettings = Checked<typeof OrderSettings>;

export const order = reader<OrderSettings>({
  kind: "order",
  schema: OrderSettings,
  starts: {
    kind: "order",
    numbers: ["264", "246", "318", "204"],
    first: "smallest",
    pieces: "none",
    signs: "none",
  },
  name: "Numbers in order",
  says: ({ numbers }) => numbers.map((text) => showNumber(text)).join(", "),
  fields: [
    { part: "numbers", label: "Numbers, 2 to 6", numbers: { min: 2, max: MAX_ORDERED } },
    {
      part: "first",
      label: "Which comes first",
      options: [
        { value: "smallest", label: "The smallest" },
        { value: "largest", label: "The largest" },
      ],
    },
    {
      part: "pieces",
      label: "Pieces",
      options: [
        { value: "shown", label: "Shown" },
        { value: "covered", label: "Covered" },
        { value: "none", label: "None" },
      ],
    },
    {
      part: "signs",
      label: "Signs between them",
      options: [
        { value: "none", label: "None" },
        { value: "shown", label: "To be chosen" },
      ],
    },
  ],
});
