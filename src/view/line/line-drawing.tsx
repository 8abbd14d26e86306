import { type LineView, lookOf, pinsOf } from "@/core/lesson/views-of";
import { lineMarks } from "@/core/scene/line-marks";
import { isCellKey } from "@/core/surface/cell-key";
import { type DrawingProps, grown, ordinary } from "../drawing";
import { DrawnOver } from "../pen/drawn";
import { AskedNumber } from "./asked-tick";
import { lineAnchors } from "./line-anchors";
import { LineFigure } from "./line-figure";
import { layOutLine } from "./line-layout";

type Props = Omit<DrawingProps<"line">, "view"> & { view: LineView };

/** A number line or a number strip, as far as it is seen. */
export function LineDrawing({ view: line, board, scene, size, theme }: Props) {
  const span = lookOf(line, scene);
  const marks = lineMarks(line, span, scene, pinsOf(board));
  const grow = grown(theme, 1);
  const layout = layOutLine(line, span, marks, ordinary(size, grow), theme.strong);
  const asked = scene.asked?.as === "place" && !isCellKey(scene.asked.number) ? scene.asked.number : null;
  return (
    <svg aria-hidden width={size.width} height={size.height} className="block overflow-hidden">
      <g transform={`scale(${grow})`}>
        <LineFigure line={line} layout={layout} marks={marks} />
        {asked !== null && <AskedNumber kind={line.kind} layout={layout} number={asked} typed="" />}
        <DrawnOver view={line.id} scene={scene} anchors={lineAnchors(layout)} />
      </g>
    </svg>
  );
}
