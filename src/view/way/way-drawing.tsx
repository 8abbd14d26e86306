import { MoveRight } from "lucide-react";
import { benchmarksOf } from "@/core/count/bridge";
import { landings } from "@/core/count/trail";
import { partsOf, writerOf } from "@/core/lesson/views-of";
import { keyOf, type NumberKey } from "@/core/number/exact";
import { type DrawingProps, grown, type Size } from "../drawing";
import { type Asks, chipRoom, NumberChip } from "../number/number-chip";
import { NO_JUMP_YET, SILENT } from "../said";

type Props = DrawingProps<"way"> & { asks?: Asks; onNumber?: (number: NumberKey) => void };

/** Maximum number of listed stops; an ellipsis before them stands for the rest. */
const LISTED = 60;

/** Minimum size in one row, in pixels on an ordinary screen. */
const SMALL = 28;
/** The height of a row, in the size of its numbers. */
const ROW = 2;

/** The size at which numbers of given widths fill the rows that a room has. */
function sizeInRows(widths: readonly number[], { width, height }: Size, max: number): number {
  const fits = (size: number) => {
    let [rows, at] = [1, 0];
    for (const each of widths) {
      if (each * size > width) return false;
      if (at > 0 && at + each * size > width) [rows, at] = [rows + 1, 0];
      at += each * size;
    }
    return rows * ROW * size <= height;
  };
  let size = max;
  while (size > 18 && !fits(size)) size -= 1;
  return size;
}

/** The stops of the trail in order, its benchmarks boxed; each can be covered, and written in. */
export function WayDrawing({ board, scene, size: { width, height }, theme, asks, onNumber }: Props) {
  const { trail } = scene;
  if (!trail || scene.hushed) {
    return (
      <div className="flex size-full items-center justify-center">
        <p className="text-large text-quiet">{scene.hushed ? SILENT : NO_JUMP_YET}</p>
      </div>
    );
  }
  const write = writerOf(board);
  const stops = [trail.start, ...landings(trail).map(keyOf)];
  const listed = stops.slice(-LISTED);
  const boxed = benchmarksOf(trail, partsOf(board));
  const widths = listed.map((key) => chipRoom(scene, key, write) + 1.25);
  const max = Math.min(height / 1.8, grown(theme, theme.strong ? 56 : 44));
  const inOne = width / widths.reduce((sum, each) => sum + each, 0);
  // More than one row only if they would be small in one.
  const inRows = inOne < grown(theme, SMALL) ? sizeInRows(widths, { width, height }, max) : 0;
  const size = Math.max(18, Math.min(max, Math.max(inOne, inRows, 22)));
  return (
    <div className="flex size-full overflow-x-hidden overflow-y-auto">
      <ol
        aria-label="Numbers on the way"
        className="m-auto flex flex-wrap items-center justify-center"
        style={{ gap: size * 0.26 }}
      >
        {listed.length < stops.length && <li className="text-title text-quiet">…</li>}
        {listed.map((number, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a trail may come to a number twice.
          <li key={index} className="flex items-center" style={{ gap: size * 0.26 }}>
            {index > 0 && (
              <MoveRight aria-hidden size={size * 0.7} strokeWidth={2.2} className="shrink-0 text-quiet" />
            )}
            <NumberChip
              scene={scene}
              number={number}
              write={write}
              size={size}
              boxed={boxed.has(number)}
              asks={asks}
              onTouch={onNumber}
            />
          </li>
        ))}
      </ol>
    </div>
  );
}
