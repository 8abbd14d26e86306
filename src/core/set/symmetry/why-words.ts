import { type Exact, exact, isMultiple, keyOf } from "../../number/exact";
import { showNumber } from "../../number/show-number";
import { indexAtCell, latticeGrid } from "../lattice";
import { type Condition, kindOf, type Rule } from "../rule";
import type { Squares } from "../squares";
import { indexStep, type Slide, type TurnOrMirror, turnedBy } from "./find-symmetries";
import type { Symmetry } from "./symmetry";
import { slideWords } from "./symmetry-words";

/**
 * Why a shading by a rule has a symmetry on its chart, where the rule explains it; otherwise null. It does where numbers
 * that change places, or lie a slide apart, always differ by a multiple of the rule's period; for a rule about multiples,
 * also where they always add up to one.
 */
export function whyWords(symmetry: Symmetry, rule: Rule, chart: Squares): string | null {
  const period = periodOf(rule);
  if (period === null) return null;
  return symmetry.kind === "slide"
    ? whyItRepeats(symmetry, period, chart)
    : whyItMatches(symmetry, period, chart, rule.conditions.every(isAboutMultiples));
}

/** The period of a rule: that of its one condition, or of all of them where one is a multiple of the others. */
function periodOf({ conditions, first }: Rule): Exact | null {
  if (first) return null;
  const periods = conditions.map((one) => kindOf(one).period?.(one) ?? null);
  const all = periods.flatMap((period) => (period === null ? [] : [exact(period)]));
  if (all.length < periods.length) return null;
  return all.find((period) => all.every((each) => isMultiple(period, each))) ?? null;
}

const shown = (value: Exact) => showNumber(keyOf(value));

function whyItRepeats(slide: Slide, period: Exact, chart: Squares): string | null {
  const steps = indexStep(chart, slide.down, slide.right);
  if (steps === null) return null;
  const change = exact(chart.difference).mul(steps);
  if (!isMultiple(change, period)) return null;
  const [size, more] = [change.abs(), change.s < 0n ? "less" : "more"];
  const also = size.equals(period) ? "" : `, and ${shown(size)} is a multiple of ${shown(period)}`;
  return `Because ${slideWords(slide)} is ${shown(size)} ${more}${also}.`;
}

/** Conditions for which n is a member exactly when its partner, adding up to a multiple with it, is. */
const isAboutMultiples = ({ kind }: Condition) => ["multiples", "even", "odd"].includes(kind);

/** From the simplest reason on: one sum for all pairs, differences, several sums. */
function whyItMatches(
  symmetry: TurnOrMirror,
  period: Exact,
  chart: Squares,
  multiples: boolean,
): string | null {
  const pairs = pairsOf(symmetry, chart);
  const [first, difference] = [exact(chart.first), exact(chart.difference)];
  const sums = distinct(pairs.map(([i, j]) => i + j));
  const gaps = distinct(pairs.map(([i, j]) => Math.abs(i - j)));
  const sumOf = (both: number) => first.mul(2).add(difference.mul(both));
  const gapOf = (steps: number) => difference.abs().mul(steps);
  // So many squares on, a number is a multiple more of the period: large charts are asked in whole numbers.
  const every = Number(difference.div(period).d);
  const apart =
    symmetry.kind === "turn" && symmetry.by === "quarter" ? "a quarter turn apart" : "across from each other";
  const because = (verb: string, all: readonly number[], numberOf: (one: number) => Exact) => {
    const [least] = all;
    if (least === undefined || !isMultiple(numberOf(least), period)) return null;
    if (!all.every((one) => (one - least) % every === 0)) return null;
    return `Because numbers ${apart} ${verb} ${listed(all.length, all.slice(0, NAMED).map(numberOf), period)}.`;
  };
  const sumWords = multiples ? because("add up to", sums, sumOf) : null;
  if (sums.length === 1 && sumWords) return sumWords;
  return because("differ by", gaps, gapOf) ?? sumWords;
}

const distinct = (all: readonly number[]) => [...new Set(all)].sort((a, b) => a - b);

/** How many of the numbers are named. */
const NAMED = 3;

/** "99, a multiple of 9", "9, 18, 27, …, all multiples of 9"; and "9" alone, which nobody has to be told about. */
function listed(many: number, first: readonly Exact[], period: Exact): string {
  if (many === 1 && first[0]!.equals(period)) return shown(period);
  const named = first.map(shown).join(", ");
  if (many === 1) return `${named}, a multiple of ${shown(period)}`;
  return `${named}${many > NAMED ? ", …" : ""}, all multiples of ${shown(period)}`;
}

/** The places in the chart, from 0, that a mirror or a turn brings onto each other. */
function pairsOf(symmetry: TurnOrMirror, chart: Squares): (readonly [number, number])[] {
  const grid = latticeGrid(chart);
  const turned = turnedBy(symmetry, grid);
  const pairs: (readonly [number, number])[] = [];
  for (let row = 0; row < grid.rows; row += 1)
    for (let column = 0; column < grid.columns; column += 1) {
      const [r, c] = turned(row, column);
      const [i, j] = [indexAtCell(chart, { row, column }), indexAtCell(chart, { row: r, column: c })];
      if (i !== null && j !== null && i !== j) pairs.push([i, j]);
    }
  return pairs;
}
