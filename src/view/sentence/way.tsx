"use client";

import { MoveRight } from "lucide-react";
import { memo, useRef } from "react";
import { benchmarksOf } from "@/core/count/bridge";
import { landings } from "@/core/count/trail";
import { keyOf, type NumberKey } from "@/core/number/exact";
import { useSize } from "@/kit/use-size";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { SILENT } from "../trail/trail-panel";
import { chipWidth, NumberChip, type Write } from "./number-chip";

type Props = {
  source: SceneSource;
  strong: boolean;
  asks: { number: string; typed: string } | null;
  onNumber: (number: NumberKey) => void;
  invitation: string;
  write: Write;
  /** Into how many parts the board cuts a whole. */
  parts: number;
};

/** Most stops that are listed; before them an ellipsis stands for the rest. */
const LISTED = 60;

/** The stops of the trail in order, its benchmarks boxed; each can be covered, and written in. */
export const Way = memo(function Way({ source, strong, asks, onNumber, invitation, write, parts }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room, { width: 1180, height: 110 });
  const scene = useScene(source, (now) => now);
  const { trail } = scene;
  if (!trail || scene.hushed) {
    return (
      <div ref={room} className="flex size-full items-center justify-center">
        <p className="text-xl text-quiet">{scene.hushed ? SILENT : invitation}</p>
      </div>
    );
  }
  const stops = [trail.start, ...landings(trail).map(keyOf)];
  const listed = stops.slice(-LISTED);
  const boxed = benchmarksOf(trail, parts);
  const digits = listed.reduce((sum, key) => sum + chipWidth(write(key)) + 1.25, 0);
  const size = Math.max(18, Math.min(height / 1.8, strong ? 56 : 44, Math.max(width / digits, 22)));
  return (
    <div ref={room} className="flex size-full overflow-auto">
      <ol
        aria-label="Stops of the trail"
        className="m-auto flex flex-wrap items-center justify-center"
        style={{ gap: size * 0.26 }}
      >
        {listed.length < stops.length && <li className="text-2xl text-quiet">…</li>}
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
});
