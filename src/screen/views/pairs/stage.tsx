"use client";

import { Segments } from "@/kit/segments";
import { PairsDrawing } from "@/view/pairs/pairs-drawing";
import { sceneNow } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** How far it is to the next ten, in a place of its own. */
export function PairsStage({ view, strong }: StageProps<"pairs">) {
  const store = useBoardStore();
  const { room, drawn, touched } = useReader(strong);
  const touchFar = () => {
    const { tool, act } = store.getState();
    const covered = sceneNow(store.getState()).farCovered.includes(view.id);
    // Covered by the cover, lifted by any other touch: there is nothing else to do to a distance.
    if (covered !== (tool === "cover")) act([[{ do: "cover-far", view: view.id, on: !covered }]]);
  };
  return (
    <section
      aria-label="To the next ten"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3"
    >
      <div ref={room} className="min-h-0 flex-1">
        <PairsDrawing view={view} {...drawn} {...touched} onFar={touchFar} />
      </div>
      <Segments
        label="Which ten"
        value={view.way}
        options={[
          { value: "on", label: "To the next ten" },
          { value: "back", label: "Back to a ten" },
        ]}
        onChange={(way) => store.getState().setTo({ of: "view", is: { ...view, way } })}
      />
    </section>
  );
}
