import { asOpened } from "@/core/lesson/at-first";
import { newBoard } from "@/core/lesson/new-lesson";
import type { ChartSettings } from "@/core/surface/chart";
import { ORDINARY } from "../drawing";
import { Picture } from "../picture";
import { ChartDrawing } from "./chart-drawing";

const ROOM = { width: 160, height: 96 };

/** A small picture of a starting chart. */
export function StartingPicture({ chart }: { chart: ChartSettings }) {
  return (
    <Picture room={ROOM}>
      <ChartDrawing
        view={{ ...chart, id: "chart" }}
        {...asOpened(newBoard("start", "", chart))}
        size={ROOM}
        theme={ORDINARY}
      />
    </Picture>
  );
}
