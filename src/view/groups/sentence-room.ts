import type { ViewOf } from "@/core/views/view";
import { grown, type Size, type Theme } from "../drawing";

/** Height of a row, in sizes of its text; and how wide a letter is. */
export const ROW = 1.8;
const LETTER = 0.52;

/** How high a row of the sentence is, in how many it stands, and the last numbers that groups have been laid up to. */
export type SentenceRoom = {
  readonly line: number;
  readonly rows: number;
  readonly landings: readonly number[];
  /** How many there are in all has a row of its own. */
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
/** The same before a whole group lies. */
const AT_FIRST: readonly Rows[] = [[["groups", "in all"]], [["groups"], ["in all"]]];
/** Most landings that are told, and the fewest where there is no room for them. */
const [MOST, FEWEST] = [8, 3];

/** In as few rows as it can be read in, with as many landings as there is room for. */
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
  const tried = (whole === 0 ? AT_FIRST : IN_ROWS).map((rows) => inRows(rows, landingsOf(whole, each, MOST)));
  for (let most = MOST - 1; whole > 0 && most >= FEWEST; most -= 1)
    for (const rows of IN_ROWS.slice(2)) tried.push(inRows(rows, landingsOf(whole, each, most)));
  return (
    tried.find(({ size }) => size >= wanted) ??
    tried.reduce((best, one) => (one.size > best.size * 1.05 ? one : best))
  );
}

const landingsOf = (whole: number, each: number, most: number): number[] =>
  Array.from({ length: Math.min(whole, most) }, (_, i) => (i + 1 + whole - Math.min(whole, most)) * each);

/** What a number of groups is called. */
export const wordFor = (count: number, one: string, several: string) => (count === 1 ? one : several);
