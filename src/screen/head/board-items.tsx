"use client";

import { ArrowLeft, ArrowRight, Copy, Plus, ScrollText, Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { MAX } from "@/core/lesson/bounds";
import type { History } from "@/core/lesson/history";
import { copyTitle, newBoard } from "@/core/lesson/new-lesson";
import { chartOf } from "@/core/lesson/views-of";
import { HUNDRED_CHART } from "@/core/surface/chart";
import { MenuItem } from "@/kit/menu";
import { say } from "@/kit/messages";
import type { BoardScreenState } from "../store/board-store";
import { useBoard, useBoardStore } from "../store/use-board";

type Boards = BoardScreenState["boards"];

/** One more board, after the one on show. */
export function AddBoard() {
  const store = useBoardStore();
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const add = () => {
    const chart = chartOf(boards[at]!.present.board) ?? HUNDRED_CHART;
    store.getState().addBoard(newBoard(nanoid(8), `Board ${boards.length + 1}`, chart));
  };
  return (
    <button
      type="button"
      aria-label="Add a board"
      title="Add a board"
      disabled={boards.length >= MAX.boards}
      onClick={add}
      className="flex size-11 shrink-0 items-center justify-center rounded-button hover:bg-ink/8 disabled:opacity-40"
    >
      <Plus aria-hidden size={22} />
    </button>
  );
}

/** What can be done to the board on show while it is prepared: part of the one menu of the head. */
export function BoardItems({ fromRecipe }: { fromRecipe: () => void }) {
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const store = useBoardStore();
  const { present } = boards[at]!;
  const set = (next: (all: Boards) => Boards, where: number) => store.getState().setBoards(next, where);
  const duplicate = () => {
    const { board } = present;
    store.getState().addBoard({ ...board, id: nanoid(8), title: copyTitle(board.title) });
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
      <MenuItem icon={<ScrollText aria-hidden size={19} />} onSelect={fromRecipe}>
        A stair from a recipe
      </MenuItem>
      <MenuItem
        icon={<Copy aria-hidden size={19} />}
        disabled={boards.length >= MAX.boards}
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
