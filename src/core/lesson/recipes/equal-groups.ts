import { plainLine } from "../../surface/line";
import { KINDS } from "../../views/kinds";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { asking, range, say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const word = z
  .string()
  .check(z.trim(), z.minLength(1, "Write a word."), z.maxLength(20, "Write at most 20 characters."));
const MAX = 60;

const Fields = z.object({
  kind: z.literal("equal-groups"),
  groups: whole(3, 12),
  each: whole(2, 12),
  holder: word,
  holders: word,
  thing: word,
  things: word,
});
type Inputs = z.infer<typeof Fields>;

const GROUPS = "groups" as ViewId;

/** Equal groups laid on a strip, so that each group lands on a multiple. */
export const equalGroups = recipe<Inputs>({
  kind: "equal-groups",
  schema: Fields.check(
    makesStair(({ groups, each }: Inputs) =>
      groups * each <= MAX ? null : `A strip has room for ${MAX} here. Take fewer groups, or fewer in each.`,
    ),
  ),
  starts: {
    kind: "equal-groups",
    groups: 5,
    each: 6,
    holder: "crate",
    holders: "crates",
    thing: "jar",
    things: "jars",
  },
  name: "Equal groups on the strip",
  about:
    "Groups are laid on a strip one after the other. Where does each end, and how many are there in all?",
  fields: [
    { part: "groups", label: "Groups", whole: { min: 3, max: 12 } },
    { part: "each", label: "In each", whole: { min: 2, max: 12 } },
    { part: "holder", label: "One group is called", text: { max: 20 } },
    { part: "holders", label: "Several", text: { max: 20 } },
    { part: "thing", label: "One thing in it", text: { max: 20 } },
    { part: "things", label: "Several of them", text: { max: 20 } },
  ],
  write({ groups, each, holder, holders, thing, things }) {
    const total = groups * each;
    const laid = (count: number) => ({ do: "groups", view: GROUPS, groups, laid: count }) as const;
    const { shape: _, ...strip } = plainLine("1", String(total), "1");
    const settings = { ...KINDS.groups.starts, groups, each, holder, holders, thing, things };
    return {
      title: `${say(groups)} × ${say(each)} on the strip`,
      views: [view(settings), view({ ...strip, kind: "strip" as const })],
      layout: { run: "above", share: 0.6 },
      steps: [
        asking("unmarked", [each], {
          title: "The first",
          question: `There are ${say(groups)} ${holders} with ${say(each)} ${things} in each. We lay those of one ${holder} on the strip. On which number do they end?`,
          answer: say(each),
          beats: [],
        }),
        asking("unmarked", [2 * each], {
          title: "One more",
          question: `And with those of one more ${holder}?`,
          answer: `${say(2 * each)}: 2 × ${say(each)}`,
          beats: [[laid(each)]],
        }),
        asking("unmarked", [total], {
          title: "All of them",
          question: `How many ${things} are there in all ${say(groups)} ${holders}?`,
          answer: `${say(groups)} × ${say(each)} = ${say(total)}`,
          beats: [[laid(2 * each)]],
        }),
        // Their end is written beside the groups as they are laid, so nothing is left to be asked.
        step("On the strip", "", "", [
          ...range(3 * each, total, each).map((count) => [laid(count)]),
          [{ do: "cover-part", view: GROUPS, part: "in-all", on: false }],
        ]),
      ],
    };
  },
});
