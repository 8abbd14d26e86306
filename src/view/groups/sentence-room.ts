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
};

/** What of a sentence stands in one row: what lies so far and its landings, and all of it. */
const IN_ROWS = [["all so far landings"], ["so far landings", "all"], ["so far", "landings", "all"]] as const;
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
  const soFar = `${whole} × ${each} = ${whole * each}  `;
  const all = `${groups} ${wordFor(groups, holder, holders)} × ${each} = ${groups * each} ${things}    `;
  const largest = Math.max(18, Math.min(height * 0.11, grown(theme, theme.strong ? 47 : 36)));
  const wanted = Math.min(largest, grown(theme, 23));
  const inRows = (rows: readonly string[], landings: readonly number[]): SentenceRoom & { size: number } => {
    const letters = rows.map(
      (row) =>
        (row.includes("all") ? all.length : 0) +
        (row.includes("so far") ? soFar.length : 0) +
        (row.includes("landings") ? landings.join(", ").length + (landings.length < whole ? 3 : 0) : 0) +
        (row === IN_ROWS[0][0] && whole > 0 ? 4 : 0),
    );
    const size = Math.min(
      largest,
      width / (Math.max(...letters) * LETTER),
      (height * 0.4) / (rows.length * ROW),
    );
    return { size, line: size * ROW, rows: rows.length, landings };
  };
  if (whole === 0) return inRows(["all"], []);
  const tried = IN_ROWS.map((rows) => inRows(rows, landingsOf(whole, each, MOST)));
  for (let most = MOST - 1; most >= FEWEST; most -= 1)
    tried.push(inRows(IN_ROWS[2], landingsOf(whole, each, most)));
  return (
    tried.find(({ size }) => size >= wanted) ??
    tried.reduce((best, one) => (one.size > best.size * 1.05 ? one : best))
  );
}

const landingsOf = (whole: number, each: number, most: number): number[] =>
  Array.from({ length: Math.min(whole, most) }, (_, i) => (i + 1 + whole - Math.min(whole, most)) * each);

/** What a number of groups is called. */
export const wordFor = (count: number, one: string, several: string) => (count === 1 ? one : several);
