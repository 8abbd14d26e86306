import { newBoard } from "@/core/lesson/new-lesson";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { HUNDRED_CHART } from "@/core/surface/chart";
import type { LineSettings } from "@/core/surface/line";
import { ORDINARY } from "../drawing";
import { Picture } from "../picture";
import { LineDrawing } from "./line-drawing";

/** Larger than its picture, so that its labels are small in it. */
const ROOM = { width: 330, height: 141 };
const BOARD = newBoard("start", "", HUNDRED_CHART);

/** A small picture of a starting line. */
export function StartingLine({ line }: { line: LineSettings }) {
  return (
    <Picture room={ROOM}>
      <LineDrawing
        view={{ ...line, id: "line" }}
        board={BOARD}
        scene={EMPTY_SCENE}
        size={ROOM}
        theme={{ ...ORDINARY, strong: true }}
      />
    </Picture>
  );
}
