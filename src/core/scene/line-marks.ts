import { landings, stopsOf, type Trail } from "../count/trail";
import { type Exact, exact, keyOf, type NumberKey } from "../number/exact";
import { isCellKey, numberOf } from "../surface/cell-key";
import { type AnyLine, isClosed, type Span } from "../surface/line";
import { scaleOf, tickAt, ticksIn } from "../surface/line-scale";
import type { Aside } from "./aside";
import { type CellState, cellState, isCovered } from "./cell-state";
import { hasLayerOn, isLaidByItself } from "./laid";
import type { Scene } from "./scene";

/** Maximum number of ticks whose numbers are examined one by one. */
const MAX_LOOKED_AT = 2000;

/**
 * Everything a scene says about a span of a line, as plain data: how the numbers look that do not look plain; which
 * numbers are always labelled, the more important ones with a higher rank; and the trails.
 */
export type LineMarks = {
  states: Readonly<Record<NumberKey, CellState>>;
  ranks: Readonly<Record<NumberKey, number>>;
  focus: NumberKey | null;
  start: NumberKey | null;
  trail: Trail | null;
  aside: Aside | null;
  /**
   * Groups of counters on a strip, from after one number up to another: their brackets replace the jumps of the trail.
   */
  brackets: readonly { readonly after: NumberKey; readonly to: NumberKey }[];
};

const RANK = { asked: 5, focus: 4, ends: 3, stop: 2, marked: 1 } as const;

/**
 * What a scene says about a span of a line.
 * @param pins numbers that are always labelled
 */
export function lineMarks(
  line: AnyLine,
  span: Span,
  scene: Scene,
  pins: readonly NumberKey[] = [],
): LineMarks {
  const states: Record<NumberKey, CellState> = {};
  const ranks: Record<NumberKey, number> = {};
  const isOpen = line.kind === "line" && line.open;
  // On an empty line everything put on it is seen, wherever it lies; on a ring everything has its place, however many
  // turns on.
  const all = isOpen || isClosed(line);
  const holds = (value: Exact) => all || (value.compare(span.from) >= 0 && value.compare(span.to) <= 0);
  const known = new Map<NumberKey, boolean>();
  const within = (key: NumberKey) => {
    const was = known.get(key) ?? holds(exact(key));
    known.set(key, was);
    return was;
  };
  const put = (key: NumberKey, rank: number) => {
    if (within(key) && rank > (ranks[key] ?? 0)) ranks[key] = rank;
  };
  const { trail, aside } = scene;
  for (const pin of pins) put(pin, RANK.ends);
  const focus = scene.focus === null ? null : numberOf(scene.focus);
  for (const each of [trail, aside?.trail ?? null]) {
    if (!each) continue;
    for (const [key, stop] of stopsOf(each)) {
      if (holds(stop)) ranks[key] = Math.max(ranks[key] ?? 0, RANK.stop);
    }
    put(each.start, RANK.ends);
    put(each.end, RANK.ends);
  }
  if (focus !== null && line.pointer !== "off") put(focus, RANK.focus);
  // Elsewhere a tick that is asked for is ringed, and takes no label's place.
  if (isOpen && scene.asked?.as === "place") put(numberOf(scene.asked.number), RANK.asked);

  const look = (key: NumberKey) => {
    const state = cellState(scene, key);
    if (state === 0) return;
    states[key] = state;
    // The cover of a rule needs no extra room: it lies where a label would be, and shows of none that it is marked.
    if (!isCovered(state) || isLaidByItself(scene.laid, "cover", key)) put(key, RANK.marked);
  };
  for (const key of scene.laid.touched.keys()) if (!isCellKey(key) && within(key)) look(key);
  for (const key of scene.written.keys()) if (!isCellKey(key) && within(key)) look(key);
  for (const key of Object.keys(ranks)) look(key);
  if (scene.laid.rules.length > 0) {
    const scale = scaleOf(line, span);
    const { first, last } = ticksIn(span, scale);
    const count = Math.min(MAX_LOOKED_AT, Number(last - first) + 1);
    for (let i = 0; i < count; i += 1) look(keyOf(tickAt(scale, first + BigInt(i))));
  }
  const brackets = line.kind === "strip" && trail ? groupsOf(scene, trail) : [];
  const arcs = brackets.length > 0 ? null : trail;
  return { states, ranks, focus, start: trail?.start ?? null, trail: arcs, aside, brackets };
}

/** The jumps of a trail whose counters lie on the numbers of a strip. */
function groupsOf(scene: Scene, trail: Trail): LineMarks["brackets"] {
  const stops = [trail.start, ...landings(trail).map(keyOf)];
  const laid = hasLayerOn(scene.laid, "counter", trail.end);
  return laid ? stops.slice(1).map((to, i) => ({ after: stops[i]!, to })) : [];
}
