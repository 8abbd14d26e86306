import type { LineLook } from "@/core/lesson/board-look";
import { exact } from "@/core/number/exact";
import { LineDrawing } from "./line-drawing";
import { layOutLine } from "./line-layout";

/** How much larger than its picture a line is laid out, so that its labels are small in it. */
const LARGER = 2.2;

/** A line at rest, drawn small. */
export function LinePicture({ look, width, height }: { look: LineLook; width: number; height: number }) {
  const room = { width: width * LARGER, height: height * LARGER };
  const span = { from: exact(look.from), to: exact(look.to) };
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${room.width} ${room.height}`}
      className="block size-full"
      preserveAspectRatio="xMidYMid meet"
    >
      <rect width={room.width} height={room.height} rx={12} fill="var(--color-board)" />
      <LineDrawing
        line={look.line}
        layout={layOutLine(look.line, span, look.marks, room, true)}
        marks={look.marks}
      />
    </svg>
  );
}
