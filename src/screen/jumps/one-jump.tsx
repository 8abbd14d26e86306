"use client";

import { ChevronLeft, ChevronRight } from "lucide-react";
import { wayTo } from "@/core/count/bridge";
import { type JumpPart, landings } from "@/core/count/trail";
import { partsOf } from "@/core/lesson/views-of";
import { exact, keyOf } from "@/core/number/exact";
import { readNumber } from "@/core/number/read-number";
import { Button } from "@/kit/button";
import { signed } from "@/view/line/arc-labels";
import { pickBoardInHand, pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { lineActionsOf } from "./line-actions";
import { Small } from "./small-button";

/** What can be done with one jump, the last or the selected one: split it, or join it with the one before. */
export function OneJump() {
  const trail = useBoard((state) => pickScene(state).trail);
  const chosen = useBoard((state) => state.jump.chosen);
  const board = useBoard(pickBoardInHand);
  const store = useBoardStore();
  const write = useNumberText();
  const count = trail?.jumps.length ?? 0;
  const index = chosen !== null && chosen < count ? chosen : count - 1;
  const by = trail?.jumps[index];
  if (!trail || by === undefined) return <p className="text-quiet">No jump yet.</p>;
  const lines = lineActionsOf(store);
  const to = landings(trail)[index]!;
  const friendly = wayTo(to.sub(exact(by)), to, "gathered", partsOf(board)) ?? [];
  const equal = (parts: number) => Array<string>(parts).fill(keyOf(exact(by).div(parts)));
  const choose = (one: number) => store.getState().setJump({ chosen: one });
  const cover = (part: JumpPart, name: string) => {
    const covered = trail.covers[index]?.[part] === true;
    return (
      <Button className="px-2" onClick={() => lines.coverJumps([index], part, !covered)}>
        {covered ? `Lift its ${name}` : `Cover its ${name}`}
      </Button>
    );
  };
  return (
    <div className="flex flex-col gap-2.5">
      <div className="flex min-h-6 items-center justify-between gap-2">
        {/* In class a covered size is shown nowhere. */}
        <h2 className="font-semibold">
          {`Jump ${index + 1} of ${count}${trail.covers[index]?.size ? "" : `: ${signed(by, write)}`}`}
        </h2>
        {count > 1 && (
          <span className="-my-2 flex">
            <Small name="The jump before" disabled={index === 0} onClick={() => choose(index - 1)}>
              <ChevronLeft aria-hidden size="1.375rem" />
            </Small>
            <Small name="The next jump" disabled={index === count - 1} onClick={() => choose(index + 1)}>
              <ChevronRight aria-hidden size="1.375rem" />
            </Small>
          </span>
        )}
      </div>
      <div className="grid grid-cols-2 gap-2">
        <Button
          className="px-2"
          disabled={friendly.length < 2}
          onClick={() => lines.splitJump(index, friendly)}
        >
          Split at a ten
        </Button>
        <Button className="px-2" disabled={index < 1} onClick={() => lines.joinJump(index - 1)}>
          {index < 1 ? "Join" : `Join to jump ${index}`}
        </Button>
        {[2, 3].map((parts) => (
          <Button
            key={parts}
            className="px-2"
            // Smaller parts could not be written any more.
            disabled={!readNumber(equal(parts)[0]!).ok}
            onClick={() => lines.splitJump(index, equal(parts))}
          >
            Split in {parts}
          </Button>
        ))}
        {cover("size", "size")}
        {cover("arc", "arc")}
      </div>
    </div>
  );
}
