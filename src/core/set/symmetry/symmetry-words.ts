import { exact, isMultiple, keyOf } from "../../number/exact";
import { showNumber } from "../../number/show-number";
import { kindOf, type Rule } from "../rule";
import type { Squares } from "../squares";
import { indexStep } from "./find-symmetries";
import type { Mirror, Symmetry } from "./symmetry";

const MIRROR_WORDS: Record<Mirror, string> = {
  upright: "It is its own mirror image, left and right.",
  level: "It is its own mirror image, top and bottom.",
  "down-right": "It is its own mirror image across the slope from the top left.",
  "down-left": "It is its own mirror image across the slope from the top right.",
};

/** A symmetry in a sentence: "It repeats 1 row down and 1 column to the left." */
export function symmetryWords(symmetry: Symmetry): string {
  if (symmetry.kind === "mirror") return MIRROR_WORDS[symmetry.line];
  if (symmetry.kind === "turn")
    return `It looks the same after ${symmetry.by === "half" ? "half a" : "a quarter"} turn.`;
  return `It repeats ${slideWords(symmetry)}.`;
}

type Slide = { readonly down: number; readonly right: number };

/** "1 row down and 1 column to the left" */
function slideWords({ down, right }: Slide): string {
  const parts = [];
  if (down > 0) parts.push(`${down} ${down === 1 ? "row" : "rows"} down`);
  if (right !== 0) {
    const many = Math.abs(right);
    parts.push(`${many} ${many === 1 ? "column" : "columns"} to the ${right > 0 ? "right" : "left"}`);
  }
  return parts.join(" and ");
}

/**
 * Why a shading by a rule has a symmetry on its chart, if the rule explains it: a slide by a multiple of its period, or
 * half a turn that maps each number to one with which it adds up to a multiple. Otherwise null.
 */
export function whyWords(symmetry: Symmetry, rule: Rule, chart: Squares): string | null {
  const period = periodOf(rule);
  if (period === null) return null;
  if (symmetry.kind === "slide") return whyItRepeats(symmetry, period, chart);
  if (symmetry.kind === "turn" && symmetry.by === "half") return whyItTurns(rule, period, chart);
  return null;
}

/** The period of a rule: that of its one condition, or of all of them where one is a multiple of the others. */
function periodOf({ conditions, first }: Rule): string | null {
  if (first) return null;
  const periods = conditions.map((one) => kindOf(one).period?.(one) ?? null);
  return (
    periods.find(
      (period) =>
        period !== null && periods.every((each) => each !== null && isMultiple(exact(period), exact(each))),
    ) ?? null
  );
}

function whyItRepeats(slide: Slide, period: string, chart: Squares): string | null {
  const steps = indexStep(chart, slide.down, slide.right);
  if (steps === null) return null;
  const change = exact(chart.difference).mul(steps);
  if (!isMultiple(change, exact(period))) return null;
  const size = keyOf(change.abs());
  const more = change.s < 0n ? "less" : "more";
  const also =
    size === keyOf(exact(period)) ? "" : `, and ${showNumber(size)} is a multiple of ${showNumber(period)}`;
  return `Because ${slideWords(slide)} is ${showNumber(size)} ${more}${also}.`;
}

/** Conditions for which n is a member exactly when its partner, adding up to a multiple with it, is. */
const ABOUT_MULTIPLES: readonly string[] = ["multiples", "even", "odd"];

function whyItTurns(rule: Rule, period: string, chart: Squares): string | null {
  const isMultiples = rule.conditions.every(({ kind }) => ABOUT_MULTIPLES.includes(kind));
  const last = exact(chart.first).add(exact(chart.difference).mul(chart.count - 1));
  const sum = exact(chart.first).add(last);
  if (!isMultiples || !isMultiple(sum, exact(period))) return null;
  return `Because numbers across from each other add up to ${showNumber(keyOf(sum))}, a multiple of ${showNumber(period)}.`;
}
