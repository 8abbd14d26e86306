"use client";

import type { LineSettings } from "@/core/surface/line";
import { STARTING_LINES } from "@/core/surface/starting-lines";
import { StartingLine } from "@/view/line/starting-picture";

/** Lines to begin from, as small true pictures. */
export function LineGallery({ onChoose }: { onChoose: (line: LineSettings) => void }) {
  return (
    <div className="grid grid-cols-2 gap-2">
      {STARTING_LINES.map(({ id, name, line }) => (
        <button
          key={id}
          type="button"
          onClick={() => onChoose(line)}
          className="flex flex-col justify-end gap-1.5 rounded-button border border-edge bg-mist p-2 text-small leading-tight font-semibold hover:border-ink"
        >
          <span className="block h-rail w-full">
            <StartingLine line={line} />
          </span>
          {name}
        </button>
      ))}
    </div>
  );
}
