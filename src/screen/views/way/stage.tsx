"use client";

import { WayDrawing } from "@/view/way/way-drawing";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** The stops of the trail, in a place of their own. */
export function WayStage({ view, strong }: StageProps<"way">) {
  const { room, drawn, touched } = useReader(strong);
  return (
    <section
      aria-label="Numbers on the way"
      className="flex size-full min-h-0 min-w-0 rounded-card bg-board px-4 py-2"
    >
      <div ref={room} className="size-full">
        <WayDrawing view={view} {...drawn} {...touched} />
      </div>
    </section>
  );
}
