"use client";

import type { JumpPart } from "@/core/count/trail";
import { Button } from "@/kit/button";
import { pickScene, useBoard, useBoardStore } from "../store/use-board";
import { lineActionsOf } from "./line-actions";
import { TwoTrails } from "./two-trails";

/** What is done with all jumps of the trail at once: sizes and arcs covered and lifted, the trail set aside. */
export function AllJumps() {
  const trail = useBoard((state) => pickScene(state).trail);
  const lines = lineActionsOf(useBoardStore());
  const covers = (part: JumpPart, name: string) => [
    <Button
      key={`cover ${part}`}
      className="px-2"
      disabled={!trail?.jumps.some((_, i) => !trail.covers[i]?.[part])}
      onClick={() => lines.coverAllJumps(part, true)}
    >
      Cover {name}
    </Button>,
    <Button
      key={`lift ${part}`}
      className="px-2"
      disabled={!trail?.covers.some((covered) => covered[part])}
      onClick={() => lines.coverAllJumps(part, false)}
    >
      Lift {name}
    </Button>,
  ];
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-2 @min-[35rem]:grid-cols-4">
        {covers("size", "sizes")}
        {covers("arc", "arcs")}
      </div>
      <TwoTrails />
    </div>
  );
}
