import { MAX_COUNTERS } from "../views/kinds/groups";
import type { ViewOf } from "../views/view";
import type { Scene } from "./scene";
import { AS_SET, type Grouped } from "./slices/grouping";

/** The groups of a view: never more counters than there is room for, nor more laid than exist. */
export function groupedOf(
  scene: Pick<Scene, "grouped">,
  view: ViewOf<"groups">,
): Grouped & { readonly groups: number } {
  const set = scene.grouped[view.id] ?? AS_SET;
  const groups = Math.min(set.groups ?? view.groups, Math.floor(MAX_COUNTERS / view.each));
  return { ...set, groups, laid: Math.min(set.laid, groups * view.each) };
}

/** Whether the counters of a group are out of sight. */
export const isGroupHidden = (grouped: Grouped, view: ViewOf<"groups">, group: number): boolean =>
  (view.counters === "covered") !== grouped.turned.includes(group);
