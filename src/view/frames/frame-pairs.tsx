import { pairsThatMake } from "@/core/count/ten-frame";
import { isCoveredPart } from "@/core/scene/covered-part";
import { clamp, grown } from "../drawing";
import { round } from "../round";
import { Touchable } from "../touchable";
import type { FrameProps } from "./frames-drawing";

/** The gap between columns of pairs, and the room at both ends of a pair, in pixels. */
const [GAP, EDGE] = [16, 8];

/** The pairs that make the whole, the current one lit unless it is being asked for. */
export function FramePairs({ view, scene, theme, framed, room, onPair }: FrameProps) {
  const whole = framed.first + framed.second;
  const pairs = pairsThatMake(whole);
  const hides = (["first", "second", "whole"] as const).some((part) => isCoveredPart(scene, view.id, part));
  const head = clamp(grown(theme, 32), room.height * 0.07, grown(theme, 40));
  // In the number of columns that makes them largest.
  const { size, rows, high } = [1, 2, 3]
    .map((columns) => {
      const rows = Math.ceil(pairs.length / columns);
      const high = Math.min(grown(theme, 58), (room.height - head - 14) / rows);
      const wide = (room.width - GAP * (columns - 1)) / columns - 2 * EDGE;
      return { rows, high, size: Math.min(high * 0.8, wide / 5.9) };
    })
    .toSorted((a, b) => b.size - a.size)[0]!;
  const differences = view.pairs === "differences";
  return (
    <div className="flex flex-col items-center justify-center" style={room}>
      <p className="font-semibold text-quiet" style={{ fontSize: head * 0.7, lineHeight: `${head}px` }}>
        All the pairs that make {isCoveredPart(scene, view.id, "whole") ? "it" : whole}
      </p>
      <div
        className="grid grid-flow-col"
        style={{ gridTemplateRows: `repeat(${rows}, ${round(high)}px)`, columnGap: GAP }}
      >
        {isCoveredPart(scene, view.id, "whole")
          ? null
          : pairs.map(([a, b]) => {
              const lit = !hides && a === framed.first;
              const text = differences ? `${whole} − ${b} = ${a}` : `${a} + ${b} = ${whole}`;
              return (
                <Touchable
                  key={a}
                  name={lit ? `${text}, in hand` : text}
                  data-pair={`${a} ${b}`}
                  onTouch={onPair && (() => onPair(a, b))}
                  className={`flex items-center justify-center rounded-button font-numeral leading-none whitespace-nowrap ${lit ? "bg-lit font-bold outline-3 -outline-offset-3 outline-stair" : ""}`}
                  style={{ fontSize: size, height: high - 2, padding: `0 ${EDGE}px` }}
                >
                  {text}
                </Touchable>
              );
            })}
      </div>
    </div>
  );
}
