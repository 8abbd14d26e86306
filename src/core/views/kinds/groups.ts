import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** Maximum number of groups, of counters in one, and of counters in all. */
export const MAX_GROUPS = 30;
export const MAX_EACH = 60;
export const MAX_COUNTERS = 120;

const word = schema((z) => z.string().check(z.trim(), z.maxLength(20, "Write at most 20 characters.")));
const Shown = schema((z) => z.enum(["shown", "covered"]));

/**
 * Equal groups of counters, which are laid on the numbers of the board: on its chart, its strip or its line. What the groups
 * and the counters are called goes with the numbers: 3 crates, 18 jars.
 * - `counters`: whether the counters of the groups are seen from the start, or out of sight
 * - `size`: whether the number in each is told, and `all` whether the number in all is
 */
export const GroupsSettings = schema((z) =>
  z
    .object({
      kind: z.literal("groups"),
      groups: z.int().check(z.minimum(0), z.maximum(MAX_GROUPS)),
      each: z.int().check(z.minimum(1), z.maximum(MAX_EACH)),
      counters: Shown(z),
      size: Shown(z),
      all: Shown(z),
      holder: word(z),
      holders: word(z),
      thing: word(z),
      things: word(z),
    })
    .check(
      z.refine(
        ({ groups, each }) => groups * each <= MAX_COUNTERS,
        "There is room for 120 counters. Take fewer groups, or fewer in each.",
      ),
    ),
);
export type GroupsSettings = Checked<typeof GroupsSettings>;

const options = [
  { value: "shown", label: "Shown" },
  { value: "covered", label: "Covered" },
];

export const groups = reader<GroupsSettings>({
  kind: "groups",
  schema: GroupsSettings,
  starts: {
    kind: "groups",
    groups: 5,
    each: 6,
    counters: "shown",
    size: "shown",
    all: "covered",
    holder: "group",
    holders: "groups",
    thing: "counter",
    things: "counters",
  },
  name: "Equal groups",
  says: ({ groups: count, each }) => `${count} × ${each}`,
  fields: [
    { part: "groups", label: "Groups", whole: { min: 0, max: MAX_GROUPS } },
    { part: "each", label: "In each", whole: { min: 1, max: MAX_EACH } },
    { part: "counters", label: "Counters", options },
    { part: "size", label: "How many are in each", options },
    { part: "all", label: "How many in all", options },
    { part: "holder", label: "One group is called", text: { max: 20 } },
    { part: "holders", label: "Several", text: { max: 20 } },
    { part: "thing", label: "One counter is called", text: { max: 20 } },
    { part: "things", label: "Several of them", text: { max: 20 } },
  ],
});
