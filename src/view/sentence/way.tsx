"use client";

import { memo, useRef } from "react";
import { benchmarksOf } from "@/core/count/bridge";
import { landings } from "@/core/count/trail";
import { keyOf, type NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { useSize } from "@/kit/use-size";
import { DIGIT } from "../chart/chart-layout";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { NumberChip } from "./number-chip";

type Props = {
  source: SceneSource;
  strong: boolean;
  asks: { number: string; typed: string } | null;
  onNumber: (number: NumberKey) => void;
  invitation: string;
};

/** Most stops that are listed; before them an ellipsis stands for the rest. */
const LISTED = 60;

/** The stops of the trail in order, its benchmarks boxed; each can be covered, and written in. */
export const Way = memo(function Way({ source, strong, asks, onNumber, invitation }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room, { width: 1180, height: 110 });
  const scene = useScene(source, (now) => now);
  const { trail } = scene;
  if (!trail) {
    return (
      <div ref={room} className="flex size-full items-center justify-center">
        <p className="text-xl text-quiet">{invitation}</p>
      </div>
    );
  }
  const stops = [trail.start, ...landings(trail).map(keyOf)];
  const listed = stops.slice(-LISTED);
  const boxed = benchmarksOf(trail);
  const digits = listed.reduce(
    (sum, key) => sum + Math.max(1.2, showNumber(key).length * DIGIT + 0.5) + 0.9,
    0,
  );
  const size = Math.max(18, Math.min(height / 1.8, strong ? 56 : 44, Math.max(width / digits, 22)));
  return (
    <div ref={room} className="flex size-full overflow-auto">
      <ol
        aria-label="Stops of the trail"
        className="m-auto flex flex-wrap items-center justify-center"
        style={{ gap: size * 0.16 }}
      >
        {listed.length < stops.length && <li className="text-2xl text-quiet">…</li>}
        {listed.map((number, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a trail may come to a number twice.
          <li key={index} className="flex items-center" style={{ gap: size * 0.16 }}>
            {index > 0 && (
              <span aria-hidden className="h-1 rounded-full bg-rule" style={{ width: size * 0.45 }} />
            )}
            <NumberChip
              scene={scene}
              number={number}
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
});
