"use client";

import { placeState } from "@/core/lesson/place-state";
import type { Scene } from "@/core/lesson/scene";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { AskedPlace } from "../chart/asked-place";
import { DIGIT } from "../chart/chart-layout";
import { PlaceFace } from "../chart/place-face";
import { placeName } from "../chart/place-name";

type Props = {
  scene: Scene;
  number: NumberKey;
  size: number;
  boxed?: boolean;
  /** What waits for its number, with what was typed for it so far. */
  asks?: { number: string; typed: string } | null;
  onTouch?: (number: NumberKey) => void;
};

/** A number outside any chart or line, with the marks, cover or writing that lies on it. */
export function NumberChip({ scene, number, size, boxed = false, asks, onTouch }: Props) {
  const state = placeState(scene, number);
  const [width, height] = [Math.max(1.2, showNumber(number).length * DIGIT + 0.5) * size, size * 1.5];
  const layout = {
    cellWidth: width,
    cellHeight: height,
    numeral: size,
    shape: size * 0.13,
    covers: "solid" as const,
  };
  const waits = asks?.number === number;
  return (
    <button
      type="button"
      data-number={number}
      onMouseDown={(event) => event.preventDefault()}
      onClick={() => onTouch?.(number)}
      aria-label={
        waits ? `${placeName(number, state, "solid")}, to be written` : placeName(number, state, "solid")
      }
      className="shrink-0 rounded-[10px]"
    >
      <svg width={width} height={height} aria-hidden className="block overflow-visible">
        {boxed && (
          <rect
            x={1.5}
            y={1.5}
            width={width - 3}
            height={height - 3}
            rx={10}
            fill="var(--color-lit)"
            stroke="var(--color-stair)"
            strokeWidth={3}
          />
        )}
        <PlaceFace layout={layout} x={0} y={0} number={number} state={state} />
        {waits && <AskedPlace layout={layout} corner={{ x: 0, y: 0 }} typed={asks?.typed ?? ""} />}
      </svg>
    </button>
  );
}
