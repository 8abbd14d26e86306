import { memo, useMemo } from "react";
import type { LineMarks } from "@/core/scene/line-marks";
import { Arcs, Sizes } from "./arcs";
import { labelledArcs } from "./labelled-arcs";
import type { LineLayout } from "./line-layout";

type Props = { layout: LineLayout; marks: Pick<LineMarks, "trail" | "aside">; ghosts?: boolean };

/** The jumps over a line: those of the trail, and of one set aside. */
export const Jumps = memo(function Jumps({ layout, marks: { trail, aside }, ghosts = false }: Props) {
  const { arcs, labels, size } = useMemo(
    () => labelledArcs(layout, { trail, aside }),
    [layout, trail, aside],
  );
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
