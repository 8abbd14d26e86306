"use client";

import { DiagramDrawing } from "@/view/diagram/diagram-drawing";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** The marked numbers of the board in rings, in a place of their own. */
export function DiagramStage({ view, strong }: StageProps<"diagram">) {
  const { room, drawn, touched } = useReader(strong);
  return (
    <section
      aria-label="Two or three sets"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        <DiagramDrawing view={view} {...drawn} onNumber={touched.onNumber} />
      </div>
    </section>
  );
}
