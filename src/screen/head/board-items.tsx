"use client";

import { Copy, LayoutGrid, Plus, ScrollText, Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { MAX } from "@/core/lesson/bounds";
import { copyTitle, newBoard } from "@/core/lesson/new-lesson";
import { chartOf } from "@/core/lesson/views-of";
import { HUNDRED_CHART } from "@/core/surface/chart";
import { MenuItem } from "@/kit/menu";
import { say } from "@/kit/messages";
import type { ScreenDoors } from "../commands/commands";
import { useBoard, useBoardStore } from "../store/use-board";

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
      disabled={boards.length >= MAX.boards}
      onClick={add}
      className="flex size-press shrink-0 items-center justify-center rounded-button hover:bg-ink/8 disabled:opacity-40"
    >
      <Plus aria-hidden size="1.375rem" />
    </button>
  );
}

/** What can be done to the current board while preparing: part of the one menu of the head. */
export function BoardItems({ fromRecipe, allBoards }: Pick<ScreenDoors, "fromRecipe" | "allBoards">) {
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const store = useBoardStore();
  const { present } = boards[at]!;
  const duplicate = () => {
    const { board } = present;
    store.getState().addBoard({ ...board, id: nanoid(8), title: copyTitle(board.title) });
  };
  const remove = () => {
    store.getState().removeBoard();
    say(`Board “${present.board.title}” removed.`, {
      label: "Put back",
      run: () => store.getState().putBoardBack(present.board.id, at),
    });
  };
  return (
    <>
      <MenuItem icon={<LayoutGrid aria-hidden size="1.1875rem" />} onSelect={allBoards}>
        All boards
      </MenuItem>
      <MenuItem icon={<ScrollText aria-hidden size="1.1875rem" />} onSelect={fromRecipe}>
        A stair from a recipe
      </MenuItem>
      <MenuItem
        icon={<Copy aria-hidden size="1.1875rem" />}
        disabled={boards.length >= MAX.boards}
        onSelect={duplicate}
      >
        Duplicate the board
      </MenuItem>
      <MenuItem
        icon={<Trash2 aria-hidden size="1.1875rem" />}
        disabled={boards.length === 1}
        onSelect={remove}
      >
        Remove the board
      </MenuItem>
    </>
  );
}
