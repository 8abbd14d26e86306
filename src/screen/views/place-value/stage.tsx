"use client";

import { isPartCovered } from "@/core/scene/covered-part";
import type { PartName } from "@/core/scene/slices/parts";
import { PlaceValueDrawing } from "@/view/place-value/place-value-drawing";
import { sceneNow } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** The number talked about by its place value, in a place of its own. */
export function PlaceValueStage({ view, strong }: StageProps<"place-value">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const touchPart = (part: PartName) => {
    const { tool, act } = store.getState();
    const covered = isPartCovered(sceneNow(store.getState()), view, part);
    // Covered by the cover, shown by any other touch.
    if (covered !== (tool === "cover")) act([[{ do: "cover-part", view: view.id, part, on: !covered }]]);
  };
  return (
    <section
      aria-label="Place value"
      className="flex size-full min-h-0 min-w-0 rounded-card bg-board px-4 py-3"
    >
      <div ref={room} className="size-full min-h-0 min-w-0">
        <PlaceValueDrawing view={view} {...drawn} onPart={touchPart} />
      </div>
    </section>
  );
}
