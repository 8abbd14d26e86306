"use client";

import { clsx } from "clsx";
import { ArrowLeft, ArrowRight, ChevronsLeft, ChevronsRight, Copy, Plus, Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { type RefObject, useEffect, useRef, useState } from "react";
import { openBoard } from "@/core/lesson/board-state";
import { type History, historyOf } from "@/core/lesson/history";
import { type Board, MOST } from "@/core/lesson/lesson";
import { newBoard } from "@/core/lesson/new-lesson";
import { chartOf } from "@/core/lesson/views-of";
import { HUNDRED_CHART } from "@/core/surface/chart";
import { MenuItem } from "@/kit/menu";
import { say } from "@/kit/messages";
import { keepKeyboard } from "@/kit/rail-button";
import type { BoardScreenState } from "./board-store";
import { useBoard, useBoardStore } from "./use-board";

/** The lesson's boards in order; while preparing, they can be added, duplicated, moved and removed. */
export function BoardTabs({ preparing }: { preparing: boolean }) {
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const store = useBoardStore();
  const row = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another board is on show, its tab must be seen.
  useEffect(() => {
    row.current?.querySelector("[aria-current]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [at]);
  if (boards.length === 1 && !preparing) return null;
  return (
    <div className="flex min-w-0 flex-1 items-center gap-1 portrait:order-last portrait:w-full portrait:flex-none portrait:pb-2 portrait:pl-2">
      <More way={-1} row={row} boards={boards.length} />
      <nav
        ref={row}
        aria-label="Boards"
        onWheel={(event) => {
          // A wheel turns down; the boards lie beside each other.
          row.current?.scrollBy({ left: event.deltaX || event.deltaY });
        }}
        className="flex min-w-0 flex-1 items-center overflow-x-auto [scrollbar-width:none] motion-safe:scroll-smooth"
      >
        <ul className="flex items-center gap-1 landscape:ml-auto">
          {boards.map(({ present: { board } }, index) => (
            <li
              key={board.id}
              className={clsx("flex shrink-0 items-center rounded-button", index === at && "bg-ink")}
            >
              <button
                type="button"
                aria-current={index === at ? "page" : undefined}
                onMouseDown={keepKeyboard}
                onClick={() => store.getState().goTo(index)}
                className={clsx(
                  "h-11 max-w-64 truncate focus-visible:-outline-offset-3 rounded-button px-3.5 text-[15px] font-semibold",
                  index === at ? "text-white" : "text-quiet hover:bg-ink/8 hover:text-ink",
                )}
              >
                {index + 1} {board.title}
              </button>
            </li>
          ))}
        </ul>
      </nav>
      <More way={1} row={row} boards={boards.length} />
      {preparing && <AddBoard />}
    </div>
  );
}

type MoreProps = { way: 1 | -1; row: RefObject<HTMLElement | null>; boards: number };

/** There are more boards than the head has room for: a way to those that are out of sight. */
function More({ way, row, boards }: MoreProps) {
  const [more, setMore] = useState(false);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another board more or fewer changes how many are out of sight.
  useEffect(() => {
    const nav = row.current;
    if (!nav) return;
    const look = () =>
      setMore(way < 0 ? nav.scrollLeft > 4 : nav.scrollLeft + nav.clientWidth < nav.scrollWidth - 4);
    const watch = new ResizeObserver(look);
    watch.observe(nav);
    nav.addEventListener("scroll", look, { passive: true });
    look();
    return () => {
      watch.disconnect();
      nav.removeEventListener("scroll", look);
    };
  }, [row, way, boards]);
  if (!more) return null;
  const Icon = way < 0 ? ChevronsLeft : ChevronsRight;
  return (
    <button
      type="button"
      aria-label={way < 0 ? "Earlier boards" : "Later boards"}
      title={way < 0 ? "Earlier boards" : "Later boards"}
      onMouseDown={keepKeyboard}
      onClick={() => row.current?.scrollBy({ left: way * row.current.clientWidth * 0.7 })}
      className="flex h-11 w-9 shrink-0 items-center justify-center rounded-button bg-ink/8 hover:bg-ink/15"
    >
      <Icon aria-hidden size={20} />
    </button>
  );
}

type Boards = BoardScreenState["boards"];

function AddBoard() {
  const store = useBoardStore();
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const add = () => {
    const chart = chartOf(boards[at]!.present.board) ?? HUNDRED_CHART;
    const board = newBoard(nanoid(8), `Board ${boards.length + 1}`, chart);
    store.getState().setBoards((all) => all.toSpliced(at + 1, 0, historyOf(openBoard(board))), at + 1);
  };
  return (
    <button
      type="button"
      aria-label="Add a board"
      title="Add a board"
      disabled={boards.length >= MOST.boards}
      onClick={add}
      className="flex size-11 shrink-0 items-center justify-center rounded-button hover:bg-ink/8 disabled:opacity-40"
    >
      <Plus aria-hidden size={22} />
    </button>
  );
}

/** What can be done to the board on show while it is prepared: part of the one menu of the head. */
export function BoardItems() {
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const store = useBoardStore();
  const { present } = boards[at]!;
  const set = (next: (all: Boards) => Boards, where: number) => store.getState().setBoards(next, where);
  const duplicate = () => {
    const copy: Board = {
      ...present.board,
      id: nanoid(8),
      title: `${present.board.title.slice(0, 110)} copy`,
    };
    set((all) => all.toSpliced(at + 1, 0, historyOf(openBoard(copy))), at + 1);
  };
  const swap = (by: 1 | -1) => set((all) => swapped(all, at, at + by), at + by);
  const remove = () => {
    store.getState().removeBoard();
    say(`Board “${present.board.title}” removed.`, {
      label: "Put back",
      run: () => store.getState().putBoardBack(present.board.id, at),
    });
  };
  return (
    <>
      <MenuItem
        icon={<Copy aria-hidden size={19} />}
        disabled={boards.length >= MOST.boards}
        onSelect={duplicate}
      >
        Duplicate the board
      </MenuItem>
      <MenuItem icon={<ArrowLeft aria-hidden size={19} />} disabled={at === 0} onSelect={() => swap(-1)}>
        Move the board earlier
      </MenuItem>
      <MenuItem
        icon={<ArrowRight aria-hidden size={19} />}
        disabled={at === boards.length - 1}
        onSelect={() => swap(1)}
      >
        Move the board later
      </MenuItem>
      <MenuItem icon={<Trash2 aria-hidden size={19} />} disabled={boards.length === 1} onSelect={remove}>
        Remove the board
      </MenuItem>
    </>
  );
}

function swapped<T>(all: readonly History<T>[], a: number, b: number): History<T>[] {
  return all.with(a, all[b]!).with(b, all[a]!);
}
