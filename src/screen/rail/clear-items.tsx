"use client";

import { hasLive } from "@/core/lesson/board-state";
import { allCountersOff } from "@/core/lesson/lay-groups";
import { boardCells } from "@/core/lesson/views-of";
import { markedAmong, numbersWith } from "@/core/scene/scene";
import { ALL } from "@/core/set/rule";
import { MenuItem } from "@/kit/menu";
import { InkShape } from "@/view/ink/ink-shape";
import { INK_STYLE } from "@/view/ink/ink-style";
import { goBackToPrepared } from "../store/back-to-prepared";
import { boardStateOf } from "../store/on-show";
import { pickBoardInHand, pickScene, useBoard, useBoardStore } from "../store/use-board";

/** What can be cleared with one touch. */
export function ClearItems() {
  const store = useBoardStore();
  const marked = useBoard(
    (state) => markedAmong(pickScene(state), boardCells(pickBoardInHand(state), pickScene(state))).length > 0,
  );
  const covered = useBoard(
    (state) =>
      numbersWith(pickScene(state), "cover", boardCells(pickBoardInHand(state), pickScene(state))).length > 0,
  );
  const counters = useBoard(
    (state) =>
      numbersWith(pickScene(state), "counter", boardCells(pickBoardInHand(state), pickScene(state))).length >
      0,
  );
  const trail = useBoard((state) => pickScene(state).trail !== null);
  const written = useBoard((state) => pickScene(state).written.size > 0);
  const drawn = useBoard((state) => pickScene(state).strokes.length + pickScene(state).notes.length > 0);
  const ink = useBoard((state) => state.ink);
  const live = useBoard((state) => hasLive(boardStateOf(state)));
  const run = () => store.getState();
  return (
    <>
      <MenuItem
        icon={<InkShape ink={ink} size={20} />}
        disabled={!marked}
        onSelect={() => run().clearMarks(ink)}
      >
        Clear {INK_STYLE[ink].name.toLowerCase()} marks
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
        disabled={!counters}
        onSelect={() => run().act([allCountersOff(pickBoardInHand(run()), pickScene(run()))])}
      >
        Take away all counters
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
    </>
  );
}

const Blank = () => <span className="size-5" />;
