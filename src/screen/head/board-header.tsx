"use client";

import { clsx } from "clsx";
import { ArrowLeft, MoreHorizontal } from "lucide-react";
import { Button, IconButton } from "@/kit/button";
import { Menu } from "@/kit/menu";
import { keepKeyboard } from "@/kit/rail-button";
import { HeaderItems } from "../board/later";
import type { ScreenDoors } from "../commands/commands";
import { Watcher } from "../count/watcher";
import type { SaveState } from "../save/saver";
import { useBoard } from "../store/use-board";
import { BoardTabs } from "./board-tabs";
import { SaveStatus } from "./save-status";

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
  const { title } = useBoard((state) => state.words);
  const forClass = useBoard((state) => state.taughtTo);
  const many = useBoard((state) => state.boards.length > 1);
  return (
    // A paint layer of its own, so that a touch on a number does not repaint it.
    <header className="isolate flex min-h-[3.75rem] low:min-h-press shrink-0 items-center gap-3 pr-5 pl-2 phone:gap-x-1 phone:pr-2 portrait:flex-wrap portrait:gap-y-0">
      {/* Navigate by the router once it is known that the shelf can be reached. */}
      <a
        href="/"
        aria-label="Lessons"
        onClick={(event) => {
          if (event.ctrlKey || event.metaKey || event.shiftKey) return;
          event.preventDefault();
          leave();
        }}
        className="flex size-press shrink-0 items-center justify-center rounded-button hover:bg-ink/8"
      >
        <ArrowLeft aria-hidden size="1.375rem" />
      </a>
      {/* However long the title is, the boards keep more than half of the row. */}
      <div
        className={clsx(
          "mr-auto flex min-w-0 items-center gap-3 phone:flex-1 phone:basis-0 low:flex-1 low:basis-0",
          many && "landscape:max-w-[38%]",
        )}
      >
        <h1 className="truncate text-large font-bold">{title}</h1>
        {forClass && !preparing && (
          <span className="max-w-48 shrink-[4] truncate text-small text-quiet max-[68.75rem]:hidden">
            {forClass}
          </span>
        )}
        <Watcher />
        <SaveStatus state={save} quiet={!preparing} showUnsaved={showUnsaved} />
      </div>
      <BoardTabs preparing={preparing} />
      <Menu
        needs={HeaderItems}
        button={
          <IconButton name="More" className="shrink-0">
            <MoreHorizontal aria-hidden size="1.375rem" />
          </IconButton>
        }
      >
        <HeaderItems
          id={id}
          preparing={preparing}
          strong={strong}
          doors={doors}
          renameLesson={renameLesson}
        />
      </Menu>
      <Button
        onMouseDown={keepKeyboard}
        tone={preparing ? "strong" : "plain"}
        turn={doors.prepare}
        className="px-5 phone:px-3"
      >
        {preparing ? "Teach" : "Prepare"}
      </Button>
    </header>
  );
}
