"use client";

import { BookmarkPlus, Eraser, ListFilter, PanelBottomOpen, Redo2, Undo2 } from "lucide-react";
import { Menu } from "@/kit/menu";
import { RailButton } from "@/kit/rail-button";
import { ClearItems, DrawerItems } from "../board/later";
import { pickBoardInHand, useBoard, useBoardStore } from "../store/use-board";
import { TOOL_NAMES, TOOLS, type ToolName, toolOf } from "../tools";
import { CountRail } from "./count-rail";
import { InkRail } from "./ink-rail";
import { ON_RAIL, placeOf } from "./rail-plan";
import { StairRail } from "./stair-rail";

type RailProps = {
  keepStep: () => void;
  byRule: boolean;
  onByRule: () => void;
  settingCount: boolean;
  onSetCount: () => void;
};

/**
 * The dark rail, low on the screen: the stair, the hand tools, the way back, the count. What a narrow one has no room for lies in
 * its drawer, as its plan says.
 */
export function Rail(props: RailProps) {
  const jumps = useBoard((state) => TOOLS.jump.offered(pickBoardInHand(state)));
  return (
    // A paint layer of its own, so that a touch on a number does not repaint it.
    <footer className="isolate flex min-h-[6.5rem] max-[63.9375rem]:min-h-40 shrink-0 flex-wrap items-center justify-between gap-x-1 gap-y-2 bg-rail px-2 py-3 text-white rail-wide:px-6 low:min-h-14 low:flex-nowrap low:overflow-x-auto low:py-0">
      <StairRail />
      {/* biome-ignore lint/a11y/useSemanticElements: buttons of a rail are no form group. */}
      <div
        role="group"
        aria-label="Hand tools"
        className="flex items-center rail-double:order-last rail-double:w-full rail-double:justify-between phone:order-1 rail-wide:gap-3"
      >
        <InkRail />
        <Tools jumps={jumps} />
        <MoreTools jumps={jumps} {...props} />
      </div>
      <BackTools />
      <CountRail setting={props.settingCount} onSet={props.onSetCount} />
    </footer>
  );
}

/** The tools beside the inks, which mark. */
function Tools({ jumps }: { jumps: boolean }) {
  const board = useBoard(pickBoardInHand);
  return (
    <div className="flex">
      {TOOL_NAMES.filter((name) => name !== "mark" && toolOf(name).offered(board)).map((name) => (
        <ToolButton key={name} name={name} shown={ON_RAIL[placeOf(name, jumps)]} />
      ))}
    </div>
  );
}

function ToolButton({ name, shown }: { name: ToolName; shown: string }) {
  const chosen = useBoard((state) => state.tool === name);
  const store = useBoardStore();
  const { label, icon: Icon } = toolOf(name);
  return (
    <RailButton
      icon={<Icon aria-hidden size="1.375rem" />}
      label={label}
      chosen={chosen}
      shown={shown}
      onClick={() => store.getState().take(name)}
    />
  );
}

/** What is needed less often, if the rail has room for it; otherwise the drawer. */
function MoreTools({ jumps, byRule, onByRule, keepStep, onSetCount }: RailProps & { jumps: boolean }) {
  return (
    <div className="flex">
      <RailButton
        icon={<ListFilter aria-hidden size="1.375rem" />}
        label="By rule"
        chosen={byRule}
        onClick={onByRule}
        shown={ON_RAIL[placeOf("by-rule", jumps)]}
      />
      <RailButton
        icon={<BookmarkPlus aria-hidden size="1.375rem" />}
        label="Keep step"
        aria-label="Keep as a step"
        onClick={keepStep}
        shown={ON_RAIL[placeOf("keep", jumps)]}
      />
      <Menu
        align="center"
        needs={ClearItems}
        button={
          <RailButton
            icon={<Eraser aria-hidden size="1.375rem" />}
            label="Clear"
            shown={ON_RAIL[placeOf("clear", jumps)]}
          />
        }
      >
        <ClearItems />
      </Menu>
      <Menu
        align="center"
        needs={DrawerItems}
        button={
          <RailButton
            icon={<PanelBottomOpen aria-hidden size="1.375rem" />}
            label="Tools"
            shown="flex rail-all:hidden"
          />
        }
      >
        <DrawerItems jumps={jumps} byRule={onByRule} keepStep={keepStep} setCount={onSetCount} />
      </Menu>
    </div>
  );
}

/** The way back, and on again: at every width, beside each other. */
function BackTools() {
  const canTakeBack = useBoard((state) => state.boards[state.at]!.past.length > 0);
  const canDoAgain = useBoard((state) => state.boards[state.at]!.future.length > 0);
  const store = useBoardStore();
  return (
    <div className="flex shrink-0">
      <RailButton
        icon={<Undo2 aria-hidden size="1.375rem" />}
        label="Take back"
        className="min-w-16 phone:min-w-14 low:min-w-12"
        disabled={!canTakeBack}
        onClick={() => store.getState().takeBack()}
      />
      <RailButton
        icon={<Redo2 aria-hidden size="1.375rem" />}
        label="Do again"
        className="min-w-16 phone:min-w-14 low:min-w-12"
        disabled={!canDoAgain}
        onClick={() => store.getState().doAgain()}
      />
    </div>
  );
}
