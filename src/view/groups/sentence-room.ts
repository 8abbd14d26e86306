import type { ViewOf } from "@/core/views/view";
import { grown, type Size, type Theme } from "../drawing";

/** The height of a row and the width of a letter, in text sizes. */
export const ROW = 1.8;
const LETTER = 0.52;

/** The height of a row of the sentence, the number of rows, and the last landings that are listed. */
export type SentenceRoom = {
  readonly line: number;
  readonly rows: number;
  readonly landings: readonly number[];
  /** The total has a row of its own. */
  readonly split: boolean;
};

type Part = "so far" | "landings" | "groups" | "in all";
type Rows = readonly (readonly Part[])[];
/** What of a sentence stands in one row. */
const IN_ROWS: readonly Rows[] = [
  [["so far", "landings", "groups", "in all"]],
  [
    ["so far", "landings"],
    ["groups", "in all"],
  ],
  [["so far"], ["landings"], ["groups", "in all"]],
  [["so far"], ["landings"], ["groups"], ["in all"]],
];
/** Before a whole group lies there are no landings. */
const AT_FIRST: readonly Rows[] = [[["groups", "in all"]], [["groups"], ["in all"]]];
/** Maximum number of landings listed, and the minimum if there is no room for them. */
const [MAX, FEWEST] = [8, 3];

/** As few rows as are readable, with as many landings as fit. */
export function roomOfSentence(
  view: ViewOf<"groups">,
  { groups, laid }: { groups: number; laid: number },
  { width, height }: Size,
  theme: Theme,
): SentenceRoom {
  const { each, holder, holders, things } = view;
  const whole = Math.floor(laid / each);
  const letters: Record<Exclude<Part, "landings">, string> = {
    "so far": `${whole} × ${each} = ${whole * each}  `,
    groups: `${groups} ${wordFor(groups, holder, holders)} × ${each}  `,
    "in all": ` = ${groups * each} ${things}  `,
  };
  const largest = Math.max(18, Math.min(height * 0.11, grown(theme, theme.strong ? 47 : 36)));
  const wanted = Math.min(largest, grown(theme, 23));
  const inRows = (rows: Rows, landings: readonly number[]): SentenceRoom & { size: number } => {
    const lengthOf = (part: Part) =>
      part === "landings"
        ? landings.join(", ").length + (landings.length < whole ? 3 : 0)
        : letters[part].length;
    const lengths = rows.map(
      (row) => row.reduce((sum, part) => sum + lengthOf(part), 0) + (row.length === 4 ? 4 : 0),
    );
    const size = Math.min(
      largest,
      width / (Math.max(...lengths) * LETTER),
      (height * 0.4) / (rows.length * ROW),
    );
    return { size, line: size * ROW, rows: rows.length, landings, split: rows.at(-1)!.length === 1 };
  };
  const tried = (whole === 0 ? AT_FIRST : IN_ROWS).map((rows) => inRows(rows, landingsOf(whole, each, MAX)));
  for (let max = MAX - 1; whole > 0 && max >= FEWEST; max -= 1)
    for (const rows of IN_ROWS.slice(2)) tried.push(inRows(rows, landingsOf(whole, each, max)));
  return (
    tried.find(({ size }) => size >= wanted) ??
    tried.reduce((best, one) => (one.size > best.size * 1.05 ? one : best))
  );
}

const landingsOf = (whole: number, each: number, max: number): number[] =>
  Array.from({ length: Math.min(whole, max) }, (_, i) => (i + 1 + whole - Math.min(whole, max)) * each);

/** What a number of groups is called. */
export const wordFor = (count: number, one: string, several: string) => (count === 1 ? one : several);
