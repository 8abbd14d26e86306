import type { LineMarks } from "@/core/scene/line-marks";
import { type ArcLabel, arcLabels } from "./arc-labels";
import { type Arc, arcsOf } from "./arc-shape";
import { arcTextSize } from "./arc-text";
import type { LineLayout } from "./line-layout";

type OfEach<T> = { readonly trail: readonly T[]; readonly aside: readonly T[] };
type LabelledArcs = { readonly arcs: OfEach<Arc>; readonly labels: OfEach<ArcLabel>; readonly size: number };

/** How much larger the sizes of jumps may be for the back of the room. */
const LARGER = 1.2;

/**
 * The arcs of a trail, and of one set aside, with their labels. For the back of the room these are larger, unless one
 * would be left out for it or lie on an arc.
 */
export function labelledArcs(
  layout: LineLayout,
  { trail, aside }: Pick<LineMarks, "trail" | "aside">,
): LabelledArcs {
  const arcs = arcsOf(layout, { trail, aside });
  const labelled = (size: number): LabelledArcs => {
    const figures = aside !== null;
    const ahead = trail ? arcLabels(layout, trail, arcs.trail, { size, figures, alsoThere: arcs.aside }) : [];
    const behind = aside
      ? arcLabels(layout, aside.trail, arcs.aside, { size, figures, taken: ahead, alsoThere: arcs.trail })
      : [];
    return { arcs, labels: { trail: ahead, aside: behind }, size };
  };
  const size = arcTextSize(layout);
  const ordinary = labelled(size);
  if (!layout.strong) return ordinary;
  const larger = labelled(size * LARGER);
  const shown = ({ labels }: LabelledArcs) => [...labels.trail, ...labels.aside];
  const told = (all: LabelledArcs) => shown(all).reduce((sum, { jumps }) => sum + jumps.length, 0);
  const onArcs = (all: LabelledArcs) => shown(all).filter(({ onAnArc }) => onAnArc).length;
  return shown(larger).length >= shown(ordinary).length &&
    told(larger) >= told(ordinary) &&
    onArcs(larger) <= onArcs(ordinary)
    ? larger
    : ordinary;
}
