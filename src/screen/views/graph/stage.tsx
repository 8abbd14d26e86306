"use client";

import { Eye, EyeOff } from "lucide-react";
import { type MouseEvent, useMemo, useRef } from "react";
import { type GraphPoint, graphOf } from "@/core/lesson/graph-of";
import { isCoveredPart } from "@/core/scene/covered-part";
import { listNumbers } from "@/core/set/rule-words";
import { Button } from "@/kit/button";
import { NO_POINTS } from "@/view/graph/graph-drawing";
import { graphText } from "@/view/graph/graph-scale";
import { Said } from "@/view/said";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";
import { type GraphLook, useChart } from "./use-chart";

/** A graph of the count, of marked numbers or of factors, drawn by Chart.js; a touch on a point is one on its number. */
export function GraphStage({ view, strong }: StageProps<"graph">) {
  const store = useBoardStore();
  const { room, drawn, touched } = useReader(strong);
  const { board, scene, size, theme } = drawn;
  const canvas = useRef<HTMLCanvasElement>(null);
  const graph = useMemo(() => graphOf(view, board, scene), [view, board, scene]);
  const pointsCovered = isCoveredPart(scene, view.id, "points", view.points === "covered");
  const labelsCovered = isCoveredPart(scene, view.id, "labels", view.labels === "covered");
  const text = graphText(size, theme);
  const { joined } = view;
  const look = useMemo<Omit<GraphLook, "fonts">>(
    () => ({ joined: joined === "joined", points: !pointsCovered, labels: !labelsCovered, text, strong }),
    [joined, pointsCovered, labelsCovered, text, strong],
  );
  const chart = useChart(canvas, graph, look, size);
  const points = graph.series.flatMap((one) => one.points);
  /** The point nearest to a touch, by its position; a covered one is met at the foot of the graph. */
  const touch = (event: MouseEvent<HTMLCanvasElement>) => {
    const { scales } = chart.current ?? {};
    if (!scales) return;
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [event.clientX - box.left, event.clientY - box.top];
    const far = (point: GraphPoint) => {
      const px = scales.x!.getPixelForValue(point.x);
      const py =
        point.covered || graph.as === "bars" ? scales.y!.bottom : scales.y!.getPixelForValue(point.y);
      return graph.as === "bars" ? Math.abs(px - x) : Math.hypot(px - x, py - y);
    };
    const near = points.toSorted((a, b) => far(a) - far(b))[0];
    if (near && far(near) < 44) touched.onNumber(near.number);
  };
  const turn = (part: "points" | "labels", covered: boolean) =>
    store.getState().act([[{ do: "cover-part", view: view.id, part, on: !covered }]]);
  const told = points.filter(({ covered }) => !covered && !pointsCovered);
  const name = `${graph.up} by ${graph.across.toLowerCase()}: ${
    pointsCovered
      ? "the points are covered"
      : listNumbers(
          told.map(({ number }) => number),
          20,
        )
  }`;
  return (
    <section
      aria-label="Graph"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        {points.length === 0 ? (
          <Said>{NO_POINTS}</Said>
        ) : (
          // Chart.js draws on a canvas; with keys its numbers are touched on the views that they stand on.
          <canvas
            ref={canvas}
            role="img"
            aria-label={name}
            onMouseDown={(event) => event.preventDefault()}
            onClick={touch}
            className="block touch-none font-numeral"
          />
        )}
      </div>
      {points.length > 0 && (
        <ViewButtons>
          <Button className="h-14 px-5" onClick={() => turn("points", pointsCovered)}>
            <Turned covered={pointsCovered} /> {pointsCovered ? "Show the points" : "Cover the points"}
          </Button>
          <Button className="h-14 px-5" onClick={() => turn("labels", labelsCovered)}>
            <Turned covered={labelsCovered} /> {labelsCovered ? "Show the numbers" : "Cover the numbers"}
          </Button>
        </ViewButtons>
      )}
    </section>
  );
}

const Turned = ({ covered }: { covered: boolean }) =>
  covered ? <Eye aria-hidden size={22} /> : <EyeOff aria-hidden size={22} />;
