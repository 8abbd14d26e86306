"use client";

import type { ChartSettings } from "@/core/surface/chart";
import { STARTING_CHARTS } from "@/core/surface/starting-charts";
import { StartingPicture } from "@/view/chart/starting-picture";

/** Charts to begin from, as small true pictures. */
export function ChartGallery({ onChoose }: { onChoose: (chart: ChartSettings) => void }) {
  return (
    <div className="grid grid-cols-2 gap-2">
      {STARTING_CHARTS.map(({ id, name, chart }) => (
        <button
          key={id}
          type="button"
          onClick={() => onChoose(chart)}
          className="flex flex-col gap-1.5 rounded-button border border-edge bg-mist p-2 text-small font-semibold hover:border-ink"
        >
          <span className="block h-20 w-full">
            <StartingPicture chart={chart} />
          </span>
          {name}
        </button>
      ))}
    </div>
  );
}
