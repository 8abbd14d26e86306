import { placeState } from "@/core/lesson/place-state";
import type { Scene } from "@/core/lesson/scene";
import type { ChartSettings } from "@/core/surface/chart";
import { cornerOf, layOutChart } from "./chart-layout";
import { ChartLines } from "./chart-lines";
import { PlaceFace } from "./place-face";

type Props = { settings: ChartSettings; scene: Scene; width: number; height: number };

/** A chart at rest, drawn small: the same places and the same inks as the live one. */
export function ChartPicture({ settings, scene, width, height }: Props) {
  const layout = layOutChart(settings, { width, height }, false);
  return (
    <svg
      aria-hidden
      viewBox={`-1 -1 ${layout.width + 2} ${layout.height + 2}`}
      className="block size-full"
      preserveAspectRatio="xMidYMid meet"
    >
      <rect width={layout.width} height={layout.height} fill="var(--color-board)" />
      {layout.numbers.map((number, index) => {
        const { x, y } = cornerOf(layout, index);
        return (
          <PlaceFace
            key={number}
            layout={layout}
            x={x}
            y={y}
            number={number}
            state={placeState(scene, number)}
          />
        );
      })}
      <ChartLines layout={layout} />
    </svg>
  );
}
