import { isCount } from "@/core/count/count";
import { inksAt } from "@/core/scene/scene";
import type { DrawingProps } from "../drawing";
import { DrawnOver } from "../pen/drawn";
import { AskedCell } from "./asked-cell";
import { CellRing } from "./cell-ring";
import { chartAnchors } from "./chart-anchors";
import { cornerOf } from "./chart-layout";
import { ChartGround, ChartLines } from "./chart-lines";
import { DrawnRoute } from "./drawn-route";
import { FaceRow, rowStates } from "./face-row";
import { GuideLight } from "./guide-light";
import { Neighbours } from "./neighbours";
import { placeChart } from "./place-chart";
import { routeOf } from "./route-of";
import { SymmetryLines } from "./symmetry-lines";

/** A chart in the middle of its room. */
export function ChartDrawing({ view, board, scene, size, theme }: DrawingProps<"chart">) {
  const { layout, left, top } = placeChart({ view, scene, size, theme });
  const indexOf = (number: string | null) => (number === null ? undefined : layout.indexOf.get(number));
  const [focus, asked] = [
    indexOf(scene.focus),
    indexOf(scene.asked?.as === "place" ? scene.asked.number : null),
  ];
  const route = routeOf(scene.trail, (trail) => isCount(trail, board.count));
  return (
    <svg aria-hidden width={size.width} height={size.height} className="block overflow-visible">
      <g transform={`translate(${left} ${top})`}>
        <ChartGround layout={layout} />
        {scene.guides && focus !== undefined && <GuideLight layout={layout} index={focus} />}
        {Array.from({ length: layout.rows }, (_, row) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a row is where it stands.
          <FaceRow key={row} layout={layout} row={row} states={rowStates(layout, row, scene)} />
        ))}
        <ChartLines layout={layout} climb={view.climb} />
        {scene.guides && <Neighbours layout={layout} settings={view} scene={scene} gap={0} />}
        <SymmetryLines
          layout={layout}
          shown={scene.symmetries[view.id] ?? []}
          isShaded={(number) => inksAt(scene, number) !== 0}
        />
        {asked !== undefined && <AskedCell layout={layout} corner={cornerOf(layout, asked)} typed="" />}
        {route && <DrawnRoute layout={layout} trail={route} scene={scene} />}
        {focus !== undefined && <CellRing layout={layout} corner={cornerOf(layout, focus)} of="focus" />}
        <DrawnOver view={view.id} scene={scene} anchors={chartAnchors(layout)} />
      </g>
    </svg>
  );
}
