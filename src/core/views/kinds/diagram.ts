import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/**
 * The marked numbers of the board in overlapping rings, one for each ink in use, at most three.
 * - `numbers`: whether they stand in their regions, or only how many there are
 */
export const DiagramSettings = schema((z) =>
  z.object({
    kind: z.literal("diagram"),
    numbers: z.enum(["shown", "counted"]),
    outside: z.enum(["shown", "none"]),
  }),
);
export type DiagramSettings = Checked<typeof DiagramSettings>;

export const diagram = reader<DiagramSettings>({
  kind: "diagram",
  schema: DiagramSettings,
  starts: { kind: "diagram", numbers: "shown", outside: "shown" },
  name: "Two or three sets",
  fields: [
    {
      part: "numbers",
      label: "In each region",
      options: [
        { value: "shown", label: "The numbers" },
        { value: "counted", label: "How many" },
      ],
    },
    {
      part: "outside",
      label: "Those in none of them",
      options: [
        { value: "shown", label: "Shown" },
        { value: "none", label: "Left out" },
      ],
    },
  ],
});
