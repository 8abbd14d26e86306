import * as z from "zod/mini";
import { reader } from "../kind";

/**
 * The marked numbers of the board in overlapping rings, one for each ink in use, at most three.
 * - `numbers`: whether they stand in their regions, or only how many there are
 */
export const DiagramSettings = z.object({
  kind: z.literal("diagram"),
  numbers: z.enum(["shown", "counted"]),
  outside: z.enum(["shown", "none"]),
});
export type DiagramSettings = z.infer<typeof DiagramSettings>;

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
