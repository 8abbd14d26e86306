"use client";

import { Eye, EyeOff } from "lucide-react";
import { useMemo, useRef } from "react";
import { graphOf } from "@/core/lesson/graph-of";
import { isCoveredPart } from "@/core/scene/covered-part";
import { listNumbers } from "@/core/set/rule-words";
import { Button } from "@/kit/button";
import { useRoom } from "@/kit/room";
import { NO_POINTS } from "@/view/graph/graph-drawing";
import { graphText } from "@/view/graph/graph-scale";
import { Said } from "@/view/said";
import { useBoardStore, useNumberText } from "../../store/use-board";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";
import { Spots } from "./spots";
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
  const write = useNumberText();
  const lit = useRoom();
  const look = useMemo<Omit<GraphLook, "fonts">>(
    () => ({
      joined: joined === "joined",
      points: !pointsCovered,
      labels: !labelsCovered,
      text,
      strong,
      lit,
      write,
    }),
    [joined, pointsCovered, labelsCovered, text, strong, lit, write],
  );
  const onCanvas = useChart(canvas, graph, look, size);
  const points = graph.series.flatMap((one) => one.points);
  const turn = (part: "points" | "labels", covered: boolean) =>
    store.getState().act([[{ do: "cover-part", view: view.id, part, on: !covered }]]);
  const told = points.filter(({ covered }) => !covered && !pointsCovered);
  const name = `${graph.up} by ${graph.across.toLowerCase()}: ${
    pointsCovered
      ? "the points are covered"
      : listNumbers(
          told.map(({ number }) => number),
          20,
          write,
        )
  }`;
  return (
    <section
      aria-label="Graph"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        {points.length === 0 ? (
          <Said theme={theme} size={size}>
            {NO_POINTS}
          </Said>
        ) : (
          <div className="relative size-full">
            <canvas ref={canvas} role="img" aria-label={name} className="block font-numeral" />
            <Spots drawn={onCanvas} hidden={pointsCovered} onTouch={touched.onNumber} />
          </div>
        )}
      </div>
      {points.length > 0 && (
        <ViewButtons>
          <Button className="h-touch px-5" onClick={() => turn("points", pointsCovered)}>
            <Turned covered={pointsCovered} /> {pointsCovered ? "Show the points" : "Cover the points"}
          </Button>
          <Button className="h-touch px-5" onClick={() => turn("labels", labelsCovered)}>
            <Turned covered={labelsCovered} /> {labelsCovered ? "Show the numbers" : "Cover the numbers"}
          </Button>
        </ViewButtons>
      )}
    </section>
  );
}

const Turned = ({ covered }: { covered: boolean }) =>
  covered ? <Eye aria-hidden size="1.375rem" /> : <EyeOff aria-hidden size="1.375rem" />;
