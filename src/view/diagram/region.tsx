import { type Regions, regionName } from "@/core/lesson/regions";
import type { NumberKey } from "@/core/number/exact";
import { manyOf } from "@/core/number/many-of";
import { showNumber } from "@/core/number/show-number";
import type { Word } from "./fill-region";

/** The handler for a touched number, where there is a hand. */
export type OnNumber = ((number: NumberKey) => void) | undefined;

type RegionOf = ReturnType<Regions["regions"]["get"]>;

export const manyIn = (region: RegionOf): number => (region ? region.numbers.length + region.covered : 0);

/** The name of a region with how many numbers are in it. */
export function labelOf(set: number, { inks, regions }: Regions): string {
  const many = manyIn(regions.get(set));
  return `${regionName(set, inks)}: ${manyOf(many, "number")}`;
}

/** A word, slightly overestimated in width. */
export const wordOf = (text: string): Word => ({ text, wide: text.length * 0.62 });

/** The contents of a region: its numbers, and how many more are covered. */
export function wordsOf(region: RegionOf): Word[] {
  if (!region) return [];
  const numbers = region.numbers.map((number) => wordOf(showNumber(number)));
  if (region.covered === 0) return numbers;
  const text = `${region.covered} covered`;
  return [...numbers, { text, wide: text.length * 0.56 + 1 }];
}

/** A number of a region, to be touched where there is a hand. */
export function Numeral({ number, onNumber }: { number: NumberKey; onNumber: OnNumber }) {
  if (!onNumber) return <span className="font-numeral font-bold">{showNumber(number)}</span>;
  return (
    <button
      type="button"
      onMouseDown={(event) => event.preventDefault()}
      onClick={() => onNumber(number)}
      className="font-numeral font-bold"
    >
      {showNumber(number)}
    </button>
  );
}

/** A word of a region that is not a number: how many there are, or how many are covered. */
export const Told = ({ word, isCover }: { word: string; isCover: boolean }) =>
  isCover ? (
    <span className="rounded-button bg-cover px-[0.5em] font-semibold whitespace-nowrap text-on-cover">
      {word}
    </span>
  ) : (
    <span className="font-numeral font-bold whitespace-nowrap">{word}</span>
  );
