import { exact } from "../../number/exact";
import { listWords } from "../../number/list-words";
import { showNumber } from "../../number/show-number";
import type { Beat, Move } from "../../scene/move";
import type { Ink } from "../../set/ink";
import { ALL, type Rule, ruleOf } from "../../set/rule";
import { type ChartSettings, HUNDRED_CHART, plainChart } from "../../surface/chart";
import { type LineSettings, plainLine } from "../../surface/line";
import { KINDS } from "../../views/kinds";
import type { View, ViewSettings } from "../../views/view";
import type { ViewId } from "../../views/view-id";
import type { Asked, RecipeStep } from "./recipe";

/** A whole number as it is written on screen. */
export const say = (number: number): string => showNumber(String(number));

/** Whole numbers in a sentence: "24, 54 and 84"; of many the first ones. */
export function list(numbers: readonly number[], max = 12): string {
  const shown = numbers.slice(0, max).map(say);
  return numbers.length > max ? `${shown.join(", ")} and so on` : listWords(shown);
}

/** "1 jump", "4 jumps". */
export const many = (count: number, one: string, several = `${one}s`): string =>
  `${say(count)} ${count === 1 ? one : several}`;

const keys = (numbers: readonly number[]) => numbers.map(String);

export const mark = (ink: Ink, ...numbers: number[]): Move => ({ do: "mark", ink, numbers: keys(numbers) });
export const markRule = (ink: Ink, rule: Rule): Move => ({ do: "mark", ink, numbers: rule });
export const cover = (...numbers: number[]): Move => ({ do: "cover", numbers: keys(numbers) });
export const lift = (...numbers: number[]): Move => ({ do: "lift", numbers: keys(numbers) });
export const focus = (number: number | null): Move => ({
  do: "focus",
  number: number === null ? null : String(number),
});
export const start = (number: number): Move => ({ do: "start", number: String(number) });
export const jump = (by: number): Move => ({ do: "jump", by: String(by) });
export const COVER_ALL: Move = { do: "cover", numbers: ALL };
export const LIFT_ALL: Move = { do: "lift", numbers: ALL };
export const CLEAR_MARKS: Move = { do: "clear-marks", ink: null };

export const multiplesOf = (of: number): Rule => ruleOf({ kind: "multiples", not: false, of: String(of) });

/** A step that asks nothing on the board. */
export const step = (title: string, question: string, answer: string, beats: Beat[] = []): RecipeStep => ({
  title,
  question,
  answer,
  beats,
});

/** A step whose answer is made of numbers of the board. */
export const asking = (
  as: Asked["as"],
  numbers: readonly number[],
  { title, question, answer, beats }: RecipeStep,
): RecipeStep => ({ title, question, answer, beats, asks: { as, numbers: keys(numbers) } });

/** Beats that jump to some numbers one after the other and mark each. */
export const jumpsMarked = (ink: Ink, by: number, numbers: readonly number[]): Beat[] =>
  numbers.map((number) => [mark(ink, number), jump(by)]);

/** A view with its settings and its id: that of its kind unless another is given. */
export const view = <S extends ViewSettings>(settings: S, id: string = settings.kind): View =>
  ({ ...settings, id: id as ViewId }) as unknown as View;

/** Maximum distance between two numbers on a recipe's chart. */
export const CHART_SPAN = 190;

/** A chart in rows of ten, at least ten of them, on which some numbers stand; at most CHART_SPAN lies between them. */
export function chartFor(numbers: readonly number[]): ChartSettings {
  const [low, high] = [Math.min(...numbers), Math.max(...numbers)];
  if (low >= 1 && high <= 100) return HUNDRED_CHART;
  const first = low === 0 ? 0 : Math.floor((low - 1) / 10) * 10 + 1;
  const rows = Math.max(10, Math.ceil((high - first + 1) / 10));
  return plainChart(String(first), "1", 10, { by: "rows", rows });
}

/** A line on which some numbers stand, from a friendly number to a friendly number, with at most about a dozen labels. */
export function lineFor(numbers: readonly number[]): LineSettings {
  const [low, high] = [Math.min(...numbers), Math.max(...numbers)];
  let unit = 1;
  for (let larger = 10; high - low > 20 * unit && larger <= 1_000_000; larger *= 10) unit = larger;
  // Even a short line ends at whole tens.
  const end = Math.max(10, unit);
  const from = Math.floor(low / end) * end;
  const to = Math.max(from + end, Math.ceil(high / end) * end);
  return plainLine(String(from), String(to), String(unit), unit === 1 ? 1 : 10);
}

/** The count panel, with its numbers and its sentence. */
export const COUNT_PANEL: View = view({ ...KINDS.trail.starts, ones: false });

/** All numbers from one to another, both included, in equal steps. */
export const range = (from: number, to: number, by = 1): number[] =>
  Array.from({ length: Math.max(0, Math.floor((to - from) / by) + 1) }, (_, i) => from + i * by);

/** The smallest multiple that two whole numbers above 0 have in common. */
export const inCommon = (a: number, b: number): number => Number(exact(a).lcm(exact(b)).n);
