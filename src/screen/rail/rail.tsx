"use client";

import { Eraser, ListFilter, Undo2 } from "lucide-react";
import { Menu } from "@/kit/menu";
import { RailButton } from "@/kit/rail-button";
import { ClearItems } from "../board/later";
import { pickBoardInHand, useBoard, useBoardStore } from "../store/use-board";
import { TOOL_NAMES, TOOLS, toolOf } from "../tools";
import { CountRail } from "./count-rail";
import { InkRail } from "./ink-rail";
import { StairRail } from "./stair-rail";

type Props = { keepStep: () => void; byRule: boolean; onByRule: () => void };

/** The dark rail, low on the screen: the stair, the hand tools, the count. */
export function Rail({ keepStep, byRule, onByRule }: Props) {
  const jumps = useBoard((state) => TOOLS.jump.offered(pickBoardInHand(state)));
  return (
    // Painted as one thing, so that a touch on a number does not look through all of it.
    <footer className="isolate flex h-[104px] shrink-0 items-center justify-between gap-1 bg-rail px-2 text-white max-[1023px]:h-auto max-[1023px]:flex-wrap max-[1023px]:gap-y-2 max-[1023px]:py-3 min-[1500px]:px-6 low:h-14 low:flex-nowrap low:overflow-x-auto low:px-2 low:py-0">
      <StairRail keepStep={keepStep} />
      {/* biome-ignore lint/a11y/useSemanticElements: buttons of a rail are no form group. */}
      <div
        role="group"
        aria-label="Hand tools"
        className="flex items-center max-[1023px]:order-3 max-[1023px]:w-full max-[1023px]:justify-between min-[1500px]:gap-3 low:order-none low:w-auto"
      >
        <InkRail full={jumps} />
        <Tools />
        <RailButton
          icon={<ListFilter aria-hidden size={22} />}
          label="By rule"
          chosen={byRule}
          onClick={onByRule}
          // On a narrow rail it is found in the menu at the head.
          className="min-[1024px]:max-[1239px]:hidden"
        />
        <BackTools />
      </div>
      <CountRail />
    </footer>
  );
}

/** The tools beside the inks, which mark. */
function Tools() {
  const board = useBoard(pickBoardInHand);
  const tool = useBoard((state) => state.tool);
  const store = useBoardStore();
  return (
    <div className="flex">
      {TOOL_NAMES.filter((name) => name !== "mark" && toolOf(name).offered(board)).map((name) => {
        const { label, icon: Icon } = toolOf(name);
        return (
          <RailButton
            key={name}
            icon={<Icon aria-hidden size={22} />}
            label={label}
            chosen={tool === name}
            onClick={() => store.getState().take(name)}
          />
        );
      })}
    </div>
  );
}

function BackTools() {
  const canTakeBack = useBoard((state) => state.boards[state.at]!.past.length > 0);
  const store = useBoardStore();
  return (
    <div className="flex">
      <RailButton
        icon={<Undo2 aria-hidden size={22} />}
        label="Take back"
        className="min-w-16"
        disabled={!canTakeBack}
        onClick={() => store.getState().takeBack()}
      />
      <Menu
        align="center"
        needs={ClearItems}
        button={<RailButton icon={<Eraser aria-hidden size={22} />} label="Clear" />}
      >
        <ClearItems />
      </Menu>
    </div>
  );
}
