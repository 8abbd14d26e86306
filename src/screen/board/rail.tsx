"use client";

import { Eraser, ListFilter, PencilLine, PenTool, Redo, SquareArrowUp, Undo2 } from "lucide-react";
import { hasLive } from "@/core/lesson/board-state";
import { boardPlaces } from "@/core/lesson/views-of";
import { markedAmong, numbersWith } from "@/core/scene/scene";
import { ALL } from "@/core/set/rule";
import { Menu, MenuItem } from "@/kit/menu";
import { RailButton } from "@/kit/rail-button";
import { INK_LOOK } from "@/view/ink/ink-look";
import { InkShape } from "@/view/ink/ink-shape";
import { goBackToPrepared } from "./back-to-prepared";
import { CountRail } from "./count-rail";
import { InkRail } from "./ink-rail";
import { boardStateOf } from "./on-show";
import { StairRail } from "./stair-rail";
import { pickBoardInHand, pickScene, useBoard, useBoardStore } from "./use-board";

type Props = { keepStep: () => void; byRule: boolean; onByRule: () => void };

/** The dark rail, low on the screen: the stair, the hand tools, the count. */
export function Rail({ keepStep, byRule, onByRule }: Props) {
  const jumps = useBoard((state) => pickBoardInHand(state).views.some(({ kind }) => JUMPED.has(kind)));
  return (
    // Painted as one thing, so that a touch on a number does not look through all of it.
    <footer className="isolate flex h-[104px] shrink-0 items-center justify-between gap-1 bg-ink px-2 text-white max-[1023px]:h-auto max-[1023px]:flex-wrap max-[1023px]:gap-y-2 max-[1023px]:py-3 min-[1500px]:px-6 low:h-14 low:flex-nowrap low:overflow-x-auto low:px-2 low:py-0">
      <StairRail keepStep={keepStep} />
      {/* biome-ignore lint/a11y/useSemanticElements: buttons of a rail are no form group. */}
      <div
        role="group"
        aria-label="Hand tools"
        className="flex items-center max-[1023px]:order-3 max-[1023px]:w-full max-[1023px]:justify-between min-[1500px]:gap-3 low:order-none low:w-auto"
      >
        <InkRail full={jumps} />
        <CoverTools jumps={jumps} />
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

/** Views on which jumps are made, or read. */
const JUMPED: ReadonlySet<string> = new Set(["line", "strip", "sentence", "way"]);

function CoverTools({ jumps }: { jumps: boolean }) {
  const tool = useBoard((state) => state.tool);
  const store = useBoardStore();
  return (
    <div className="flex">
      <RailButton
        icon={<CoverIcon />}
        label="Cover"
        chosen={tool === "cover"}
        onClick={() => store.getState().take("cover")}
      />
      <RailButton
        icon={<SquareArrowUp aria-hidden size={22} />}
        label="Lift"
        chosen={tool === "lift"}
        onClick={() => store.getState().take("lift")}
      />
      <RailButton
        icon={<PencilLine aria-hidden size={22} />}
        label="Write"
        chosen={tool === "write"}
        onClick={() => store.getState().take("write")}
      />
      <RailButton
        icon={<PenTool aria-hidden size={22} />}
        label="Pen"
        chosen={tool === "pen"}
        onClick={() => store.getState().take("pen")}
      />
      {jumps && (
        <RailButton
          icon={<Redo aria-hidden size={22} />}
          label="Jump"
          chosen={tool === "jump"}
          onClick={() => store.getState().take("jump")}
        />
      )}
    </div>
  );
}

/** A cover as it looks on the board. */
function CoverIcon() {
  return <span aria-hidden className="my-px block size-5 rounded-[5px] bg-current" />;
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
      <ClearMenu />
    </div>
  );
}

/** What can be cleared in one touch. */
function ClearMenu() {
  const store = useBoardStore();
  const marked = useBoard(
    (state) =>
      markedAmong(pickScene(state), boardPlaces(pickBoardInHand(state), pickScene(state))).length > 0,
  );
  const covered = useBoard(
    (state) =>
      numbersWith(pickScene(state), "cover", boardPlaces(pickBoardInHand(state), pickScene(state))).length >
      0,
  );
  const trail = useBoard((state) => pickScene(state).trail !== null);
  const written = useBoard((state) => pickScene(state).written.size > 0);
  const drawn = useBoard((state) => pickScene(state).strokes.length + pickScene(state).notes.length > 0);
  const ink = useBoard((state) => state.ink);
  const live = useBoard((state) => hasLive(boardStateOf(state)));
  const run = () => store.getState();
  return (
    <Menu align="center" button={<RailButton icon={<Eraser aria-hidden size={22} />} label="Clear" />}>
      <MenuItem
        icon={<InkShape ink={ink} size={20} />}
        disabled={!marked}
        onSelect={() => run().clearMarks(ink)}
      >
        Clear {INK_LOOK[ink].name.toLowerCase()} marks
      </MenuItem>
      <MenuItem icon={<Blank />} disabled={!marked} onSelect={() => run().clearMarks(null)}>
        Clear all marks
      </MenuItem>
      <MenuItem icon={<Blank />} disabled={!trail} onSelect={() => run().act([[{ do: "clear-trail" }]])}>
        Clear the count
      </MenuItem>
      <MenuItem
        icon={<Blank />}
        disabled={!covered}
        onSelect={() => run().act([[{ do: "lift", numbers: ALL }]])}
      >
        Lift all covers
      </MenuItem>
      <MenuItem
        icon={<Blank />}
        disabled={!written}
        onSelect={() => run().act([[{ do: "erase", number: null }]])}
      >
        Clear what is written
      </MenuItem>
      <MenuItem icon={<Blank />} disabled={!drawn} onSelect={() => run().drawn({ do: "wipe-pen" })}>
        Clear the pen and the notes
      </MenuItem>
      <MenuItem icon={<Blank />} disabled={!live} onSelect={() => goBackToPrepared(store, false)}>
        Back to prepared
      </MenuItem>
    </Menu>
  );
}

const Blank = () => <span className="size-5" />;
