import { chartLook } from "@/core/lesson/board-look";
import { fold } from "@/core/scene/fold";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { ALL } from "@/core/set/rule";
import type { ChartSettings } from "@/core/surface/chart";
import { LookPicture } from "../look-picture";

const ALL_COVERED = fold(EMPTY_SCENE, [{ do: "cover", numbers: ALL }]);

/** A chart as a lesson begins with it, drawn small. */
export function StartingPicture({ chart }: { chart: ChartSettings }) {
  const scene = chart.covers === "empty" ? ALL_COVERED : EMPTY_SCENE;
  return <LookPicture look={chartLook(chart, scene)} width={160} height={96} />;
}
