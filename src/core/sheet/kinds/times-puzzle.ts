import { drawDifferent } from "../../puzzle/draw";
import { makeTimesPuzzle } from "../../puzzle/make-times-puzzle";
import type { Move } from "../../scene/move";
import { ALL } from "../../set/rule";
import { cellKey } from "../../surface/cell-key";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { howMany, sheetKind } from "../sheet-kind";

/** Times grid puzzles: a few numbers are left of a window, and leave one answer for the cell in the frame. */
export const TimesPuzzleSheet = z.object({
  kind: z.literal("times-puzzle"),
  rows: z.int().check(z.minimum(1), z.maximum(6)),
  level: z.int().check(z.minimum(1), z.maximum(10)),
  /** Each a level harder than the one before. */
  climbs: z.enum(["yes", "no"]),
  count: z.int().check(z.minimum(1), z.maximum(8)),
});
export type TimesPuzzleSheet = z.infer<typeof TimesPuzzleSheet>;

export const timesPuzzle = sheetKind<TimesPuzzleSheet>({
  kind: "times-puzzle",
  schema: TimesPuzzleSheet,
  starts: { kind: "times-puzzle", rows: 3, level: 3, climbs: "yes", count: 4 },
  name: "Times grid puzzles",
  fields: [
    { part: "rows", label: "Rows", whole: { min: 1, max: 6 } },
    { part: "level", label: "Level, 1 to 10", whole: { min: 1, max: 10 } },
    {
      part: "climbs",
      label: "Each harder than the one before",
      switched: { off: "no", on: "yes" },
    },
    howMany(8, "Puzzles"),
  ],
  drawn: () => true,
  make({ rows, level, climbs, count }, random) {
    const puzzleTask = (i: number) => {
      const puzzle = makeTimesPuzzle(climbs === "yes" ? Math.min(10, level + i) : level, rows, random);
      const { at, columns, clues, asked, answer } = puzzle;
      const settings = {
        ...KINDS.times.starts,
        ...at,
        rows,
        columns,
        rowNames: "absent",
        columnNames: "absent",
        covers: "empty",
      } as const;
      const keyAt = (spot: { row: number; column: number }) =>
        cellKey(at.row + spot.row, at.column + spot.column);
      const question: Move[] = [
        { do: "cover", numbers: ALL },
        { do: "lift", numbers: clues.map(keyAt) },
        { do: "ask", number: keyAt(asked), as: "place" },
      ];
      const written: Move[] = [
        { do: "ask", number: null, as: "place" },
        { do: "write", number: keyAt(asked), says: String(answer) },
        { do: "focus", number: keyAt(asked) },
      ];
      return { view: { settings, question, answer: written, ratio: (rows / columns) * 0.72 } };
    };
    return {
      instruction: "A few numbers are left of a times grid. Write the number in the dark frame.",
      across: count === 1 ? 1 : 2,
      tasks: drawDifferent(count, puzzleTask, JSON.stringify),
    };
  },
});
