import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** Maximum number of bars. */
export const MAX_BARS = 60;
const From = schema((z) => z.int().check(z.minimum(1), z.maximum(1_000_000)));
const Shown = schema((z) => z.enum(["shown", "covered"]));

/**
 * A graph of numbers by their position in a sequence, or of what they are made of.
 * - `shows`: the trail, and the one that stands aside; the marked numbers, a sequence for each ink; the ones digits of the
 *   trail; how many factors the numbers `from` to `to` have, as bars
 * - `joined`: whether points are joined by a line
 * - `points`, `labels`: whether the points, and the numbers beside them, are seen from the start
 */
export const GraphSettings = schema((z) =>
  z
    .object({
      kind: z.literal("graph"),
      shows: z.enum(["trail", "marks", "ones", "factors"]),
      joined: z.enum(["joined", "single"]),
      points: Shown(z),
      labels: Shown(z),
      from: From(z),
      to: From(z),
    })
    .check(
      z.refine(({ from, to }) => from <= to, "Put the smaller number first."),
      z.refine(({ from, to }) => to - from < MAX_BARS, "There is room for the bars of 60 numbers."),
    ),
);
export type GraphSettings = Checked<typeof GraphSettings>;

const options = [
  { value: "shown", label: "Shown" },
  { value: "covered", label: "Covered" },
];

const ofFactors = { part: "shows", is: ["factors"] } as const;

export const graph = reader<GraphSettings>({
  kind: "graph",
  schema: GraphSettings,
  starts: {
    kind: "graph",
    shows: "trail",
    joined: "joined",
    points: "shown",
    labels: "shown",
    from: 1,
    to: 24,
  },
  name: "Graph",
  // A count can go anywhere.
  holds: ({ shows }) => shows === "trail" || shows === "ones",
  fields: [
    {
      part: "shows",
      label: "What it shows",
      options: [
        { value: "trail", label: "The count" },
        { value: "marks", label: "Marked numbers" },
        { value: "ones", label: "Ones digits" },
        { value: "factors", label: "How many factors" },
      ],
    },
    {
      part: "joined",
      label: "Points",
      options: [
        { value: "joined", label: "Joined by a line" },
        { value: "single", label: "Single points" },
      ],
      only: { part: "shows", is: ["trail", "marks", "ones"] },
    },
    { part: "points", label: "Points are", options },
    { part: "labels", label: "Numbers beside them are", options },
    { part: "from", label: "Factors: from", whole: { min: 1, max: 1_000_000 }, only: ofFactors },
    { part: "to", label: "To", whole: { min: 1, max: 1_000_000 }, only: ofFactors },
  ],
});
