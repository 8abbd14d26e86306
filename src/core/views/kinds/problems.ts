import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

export const MAX_PROBLEMS = 8;

/** Several short problems, each a number sentence with a blank and a small line of its own; and when they are checked. */
export const ProblemsSettings = schema((z) =>
  z.object({
    kind: z.literal("problems"),
    items: z
      .array(
        // Not checked here: a problem that cannot be read says so on the board, and nothing of a lesson is lost because
        // of it.
        z
          .string()
          .check(
            z.trim(),
            z.minLength(1, "Write a problem."),
            z.maxLength(60, "Write at most 60 characters."),
          ),
      )
      .check(
        z.minLength(1, "Write a problem."),
        z.maxLength(MAX_PROBLEMS, "A board has room for 8 problems."),
      ),
    check: z.enum(["at-once", "at-end", "off"]),
  }),
);
export type ProblemsSettings = Checked<typeof ProblemsSettings>;

export const problems = reader<ProblemsSettings>({
  kind: "problems",
  schema: ProblemsSettings,
  starts: {
    kind: "problems",
    items: ["8 − 3 = ?", "6 + 7 = ?", "9 + ? = 15", "14 − 6 = ?"],
    check: "at-once",
  },
  name: "Several problems",
});
