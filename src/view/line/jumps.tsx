import { memo, useMemo } from "react";
import type { LineMarks } from "@/core/scene/line-marks";
import { arcLabels } from "./arc-labels";
import { arcsOf } from "./arc-shape";
import { arcTextSize } from "./arc-text";
import { Arcs, Sizes } from "./arcs";
import type { LineLayout } from "./line-layout";

type Props = { layout: LineLayout; marks: Pick<LineMarks, "trail" | "aside">; ghosts?: boolean };

/** The jumps over a line: those of the trail, and of one set aside. */
export const Jumps = memo(function Jumps({ layout, marks: { trail, aside }, ghosts = false }: Props) {
  const [arcs, labels] = useMemo(() => {
    const arcs = arcsOf(layout, { trail, aside });
    const inks = aside !== null;
    const ahead = trail ? arcLabels(layout, trail, arcs.trail, inks, [], arcs.aside) : [];
    return [
      arcs,
      {
        trail: ahead,
        aside: aside ? arcLabels(layout, aside.trail, arcs.aside, inks, ahead, arcs.trail) : [],
      },
    ];
  }, [layout, trail, aside]);
  const size = arcTextSize(layout);
  const ink = aside ? { ink: aside.beside } : {};
  return (
    <g data-part="jumps" fill="none">
      {aside && <Arcs layout={layout} trail={aside.trail} arcs={arcs.aside} ink={aside.ink} isAside />}
      {trail && <Arcs layout={layout} trail={trail} arcs={arcs.trail} ghosts={ghosts} {...ink} />}
      {aside && <Sizes size={size} labels={labels.aside} ink={aside.ink} isAside />}
      {trail && <Sizes size={size} labels={labels.trail} {...ink} />}
    </g>
  );
});
