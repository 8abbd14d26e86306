"use client";

import {
  ArchiveRestore,
  ArrowLeft,
  Expand,
  Keyboard,
  ListFilter,
  MoreHorizontal,
  Move,
  PencilLine,
  Redo2,
  ZoomIn,
} from "lucide-react";
import Link from "next/link";
import { Button, IconButton } from "@/kit/button";
import { Menu, MenuItem, MenuLine } from "@/kit/menu";
import { keepKeyboard } from "@/kit/rail-button";
import { workAside } from "../save/kept-work";
import type { SaveState } from "../save/saver";
import { BoardItems, BoardTabs } from "./board-tabs";
import type { ScreenDoors } from "./commands";
import { SaveStatus } from "./save-status";
import { useBoard, useBoardStore } from "./use-board";
import { Watcher } from "./watcher";

const DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long" });

type Props = {
  /** The lesson. */
  id: string;
  preparing: boolean;
  strong: boolean;
  save: SaveState;
  doors: ScreenDoors;
  renameLesson: () => void;
  showUnsaved: () => void;
  /** Back to the lessons, once the server is there to show them. */
  leave: () => void;
};

/** The head of the board: the lesson, its boards, and the way between preparing and teaching. */
export function BoardHeader({ id, preparing, strong, save, doors, renameLesson, showUnsaved, leave }: Props) {
  const store = useBoardStore();
  const canDoAgain = useBoard((state) => state.boards[state.at]!.future.length > 0);
  const removed = useBoard((state) => state.removed);
  const { title, forClass } = useBoard((state) => state.words);
  return (
    // Painted as one thing, so that a touch on a number does not look through all of it.
    <header className="isolate flex min-h-[60px] low:min-h-11 shrink-0 items-center gap-3 pr-5 pl-2 portrait:flex-wrap portrait:gap-y-0">
      <Link
        href="/"
        prefetch={false}
        aria-label="Lessons"
        title="Back to the lessons"
        onClick={(event) => {
          if (event.ctrlKey || event.metaKey || event.shiftKey) return;
          event.preventDefault();
          leave();
        }}
        className="flex size-11 shrink-0 items-center justify-center rounded-button hover:bg-ink/8"
      >
        <ArrowLeft aria-hidden size={22} />
      </Link>
      <div className="mr-auto flex min-w-0 items-center gap-3">
        <h1 className="truncate text-lg font-bold">{title}</h1>
        {forClass && !preparing && (
          <span className="text-[15px] whitespace-nowrap text-quiet max-[1100px]:hidden">{forClass}</span>
        )}
        <Watcher />
        <SaveStatus state={save} quiet={!preparing} showUnsaved={showUnsaved} />
      </div>
      <BoardTabs preparing={preparing} />
      <Menu
        button={
          <IconButton name="More" className="shrink-0">
            <MoreHorizontal aria-hidden size={22} />
          </IconButton>
        }
      >
        <MenuItem
          icon={<Redo2 aria-hidden size={19} />}
          disabled={!canDoAgain}
          onSelect={() => store.getState().doAgain()}
        >
          Do again
        </MenuItem>
        <MenuItem icon={<ZoomIn aria-hidden size={19} />} onSelect={() => doors.setStrong((on) => !on)}>
          {strong ? "Ordinary size" : "Back of the room"}
        </MenuItem>
        <MenuItem icon={<Move aria-hidden size={19} />} onSelect={() => store.getState().showGuides()}>
          Neighbours of the number
        </MenuItem>
        <MenuItem icon={<ListFilter aria-hidden size={19} />} onSelect={doors.byRule}>
          Mark or cover by rule
        </MenuItem>
        <MenuItem icon={<Expand aria-hidden size={19} />} onSelect={doors.fullScreen}>
          Full screen
        </MenuItem>
        <MenuItem icon={<PencilLine aria-hidden size={19} />} onSelect={renameLesson}>
          Rename the lesson
        </MenuItem>
        <MenuItem icon={<Keyboard aria-hidden size={19} />} onSelect={doors.showKeys}>
          Show the keys
        </MenuItem>
        {preparing && <MenuLine />}
        {preparing && <BoardItems />}
        {preparing && removed.length > 0 && (
          <MenuItem icon={<ArchiveRestore aria-hidden size={19} />} onSelect={doors.showRemoved}>
            Removed boards
          </MenuItem>
        )}
        {workAside(id).map(({ key, at, lesson }) => (
          <MenuItem
            key={key}
            icon={<ArchiveRestore aria-hidden size={19} />}
            onSelect={() => doors.bringBack(key, lesson)}
          >
            Open what was set aside on {DAY.format(at)}
          </MenuItem>
        ))}
      </Menu>
      <Button
        onMouseDown={keepKeyboard}
        look={preparing ? "strong" : "plain"}
        onClick={doors.prepare}
        className="px-5"
      >
        {preparing ? "Teach" : "Prepare"}
      </Button>
    </header>
  );
}
