import { type Holds, holdsOf } from "../set/holds";
import { type Rule, sameRule } from "../set/rule";
import { isCellKey, numberOf, type Target } from "../surface/cell-key";
import { ALL_LAYERS, hasLayer, inksOfLayers, type Layer, type LayerSet, layerBit } from "./layer";

/** A rule in effect: it puts a layer on its numbers, or takes it off. */
export type RuleInEffect = {
  readonly layer: Layer;
  readonly rule: Rule;
  readonly on: boolean;
  readonly holds: Holds;
};

/**
 * The layers on numbers: rules in the order in which they were given, and over them changes to single numbers, which
 * are exceptions where they differ from the rules. A later rule removes the exceptions that it holds.
 */
export type Laid = {
  readonly rules: readonly RuleInEffect[];
  /** By number or cell: the layers added to it in the low bits, those removed from it above them. */
  readonly touched: ReadonlyMap<Target, number>;
};

export const NOTHING_LAID: Laid = { rules: [], touched: new Map() };

const OFF = 8;

/** The layers on a number; a cell of a times grid has those of its number, except where the cell itself was changed. */
export function layersOn(laid: Laid, target: Target): LayerSet {
  return withTouch(laid, target, below(laid, target));
}

/** Whether a layer lies on a number, or a cell. */
export const hasLayerOn = (laid: Laid, layer: Layer, target: Target): boolean =>
  hasLayer(layersOn(laid, target), layer);

/** Whether a layer was laid on a number, or a cell, by itself and not by a rule. */
export const isLaidByItself = ({ touched }: Laid, layer: Layer, target: Target): boolean =>
  hasLayer((touched.get(target) ?? 0) & ALL_LAYERS, layer);

/** The layers on a target, apart from changes to itself. */
function below(laid: Laid, target: Target): LayerSet {
  if (!isCellKey(target)) return byRules(laid.rules, target);
  const number = numberOf(target);
  return withTouch(laid, number, byRules(laid.rules, number));
}

function withTouch({ touched }: Laid, target: Target, set: LayerSet): LayerSet {
  const byTouch = touched.get(target) ?? 0;
  return (set & ~(byTouch >> OFF)) | (byTouch & ALL_LAYERS);
}

function byRules(rules: readonly RuleInEffect[], number: Target): LayerSet {
  let set = 0;
  for (const { layer, on, holds } of rules) {
    const bit = layerBit(layer);
    if (((set & bit) !== 0) !== on && holds(number)) set ^= bit;
  }
  return set;
}

/** `Laid` while moves are folded into it. */
export type LaidDraft = { rules: readonly RuleInEffect[]; touched: Map<Target, number> };

/** Lays a layer on numbers, or takes it off them, one by one. */
export function touchNumbers(draft: LaidDraft, layer: Layer, on: boolean, numbers: readonly Target[]): void {
  const bit = layerBit(layer);
  for (const number of numbers) {
    const without = (draft.touched.get(number) ?? 0) & ~(bit | (bit << OFF));
    const already = (below(draft, number) & bit) !== 0;
    setTouch(draft.touched, number, already === on ? without : without | (on ? bit : bit << OFF));
  }
}

/** Puts a layer on all numbers of a rule, or takes it off; the rule also applies to numbers still to come. */
export function layRule(draft: LaidDraft, layer: Layer, on: boolean, rule: Rule): void {
  const { conditions } = rule;
  // A rule about inks sees them as they are now: later marks do not change its numbers.
  const looksAtInks = conditions.some(({ kind }) => kind === "ink" || kind === "marked");
  const seen: Laid = looksAtInks ? { rules: draft.rules, touched: new Map(draft.touched) } : NOTHING_LAID;
  const holds = holdsOf(rule, (number) => inksOfLayers(layersOn(seen, number)));
  dropTouches(draft.touched, layer, holds);
  const everything =
    !rule.first && conditions.length === 1 && conditions[0]!.kind === "all" && !conditions[0]!.not;
  const others = draft.rules.filter(
    (old) => old.layer !== layer || !(everything || (old.on === on && sameRule(old.rule, rule))),
  );
  draft.rules = everything && !on ? others : [...others, { layer, rule, on, holds }];
}

/** Cancels a rule on a layer; changes to single numbers stay. */
export function dropRule(draft: LaidDraft, layer: Layer, rule: Rule): void {
  draft.rules = draft.rules.filter((old) => old.layer !== layer || !sameRule(old.rule, rule));
}

/** Removes a layer completely. */
export function clearLayer(draft: LaidDraft, layer: Layer): void {
  draft.rules = draft.rules.filter((old) => old.layer !== layer);
  dropTouches(draft.touched, layer, () => true);
}

/** The numbers among these that a touch has made exceptions to the rules of a layer. */
export function exceptionsOf(laid: Laid, layer: Layer, numbers: readonly Target[]): Target[] {
  const bit = layerBit(layer);
  return numbers.filter((number) => ((laid.touched.get(number) ?? 0) & (bit << OFF)) !== 0);
}

/** The numbers among these that got a layer by touch, beyond its rules. */
export function givenByTouch(laid: Laid, layer: Layer, numbers: readonly Target[]): Target[] {
  const bit = layerBit(layer);
  return numbers.filter((number) => ((laid.touched.get(number) ?? 0) & bit) !== 0);
}

function dropTouches(touched: Map<Target, number>, layer: Layer, holds: Holds): void {
  const bit = layerBit(layer);
  const both = bit | (bit << OFF);
  for (const [number, set] of touched)
    if (set & both && holds(numberOf(number))) setTouch(touched, number, set & ~both);
}

function setTouch(touched: Map<Target, number>, number: Target, set: number): void {
  if (set === 0) touched.delete(number);
  else touched.set(number, set);
}
