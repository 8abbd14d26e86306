"use client";

import { lineLook } from "@/core/lesson/board-look";
import { EMPTY_SCENE } from "@/core/scene/scene";
import type { LineSettings } from "@/core/surface/line";
import { STARTING_LINES } from "@/core/surface/starting-lines";
import { LinePicture } from "@/view/line/line-picture";

/** Lines to begin from, as small true pictures. */
export function LineGallery({ onChoose }: { onChoose: (line: LineSettings) => void }) {
  return (
    <section aria-labelledby="starting-lines">
      <h3 id="starting-lines" className="mb-1.5 text-sm font-semibold">
        Or start from one of these
      </h3>
      <div className="grid grid-cols-2 gap-2">
        {STARTING_LINES.map(({ id, name, line }) => (
          <button
            key={id}
            type="button"
            onClick={() => onChoose(line)}
            className="flex flex-col justify-end gap-1.5 rounded-button border border-rule bg-mist p-2 text-sm leading-tight font-semibold hover:border-ink"
          >
            <span className="block h-16 w-full">
              <LinePicture look={lineLook({ ...line, id: "line" }, EMPTY_SCENE)} width={150} height={64} />
            </span>
            {name}
          </button>
        ))}
      </div>
    </section>
  );
}
