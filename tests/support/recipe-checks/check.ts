import { expect } from "vitest";
import type { RecipeInputs, RecipeName } from "@/core/lesson/recipes/any";
import type { RecipeStep } from "@/core/lesson/recipes/recipe";
import type { Scene } from "@/core/scene/scene";

type InputsOf<K extends RecipeName> = Extract<RecipeInputs, { kind: K }>;
export type Moment = { step: RecipeStep; scene: Scene };
export type Check<K extends RecipeName> = (inputs: InputsOf<K>, moments: readonly Moment[]) => void;

/** The numbers in some words, in their order: "1,042 and −7" has 1042 and −7. A minus between two numbers has spaces beside it. */
export const numbersIn = (words: string): number[] =>
  (words.match(/−?(?:\d{1,3}(?:,\d{3})+|\d+)(?:\.\d+)?/g) ?? []).map((text) =>
    Number(text.replaceAll(",", "").replace("−", "-")),
  );
export const firstIn = (words: string) => numbersIn(words)[0];
export const answerOf = (moments: readonly Moment[], title: RegExp | string): string => {
  const found = moments.find(({ step }) =>
    typeof title === "string" ? step.title === title : title.test(step.title),
  );
  expect(found, String(title)).toBeDefined();
  return found!.step.answer;
};
export const asked = (moment: Moment) => (moment.step.asks?.numbers ?? []).map(Number);
export const upTo = (last: number) => Array.from({ length: last }, (_, i) => i + 1);

/** Where a count lands, jump by jump. */
export function landedIn(by: number, from: number, to: number): number[] {
  const landed: number[] = [];
  for (let at = from; at !== to; landed.push(at)) at += to > from ? by : -by;
  return landed;
}

/** The numbers of a chart, row by row, laid out one by one. */
export function laid(first: number, columns: number, rows: number): number[][] {
  let next = first;
  return Array.from({ length: rows }, () => Array.from({ length: columns }, () => next++));
}
export function placeOf(grid: readonly (readonly number[])[], number: number): [number, number] {
  const row = grid.findIndex((one) => one.includes(number));
  return [row, grid[row]!.indexOf(number)];
}

/** Whether adding in columns carries, place by place from the ones; for taking away, whether it borrows. */
export function carries(from: number, by: number): number[] {
  const found: number[] = [];
  let carry = 0;
  for (let place = 0; 10 ** place <= Math.max(from, by) * 10; place += 1) {
    const [a, b] = [from, by].map((value) => Math.floor(value / 10 ** place) % 10) as [number, number];
    carry = a + b + carry >= 10 ? 1 : 0;
    if (carry) found.push(place);
  }
  return found;
}
export function borrows(from: number, by: number): number[] {
  // What is taken away is what would have to be added again.
  return carries(from - by, by);
}
export const PLACES = ["ones", "tens", "hundreds", "thousands", "ten thousands"];
