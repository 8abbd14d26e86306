"use client";

import { clsx } from "clsx";
import { ArchiveRestore, Copy, FolderInput, MoreVertical, Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { useState } from "react";
import type { Board } from "@/core/lesson/board";
import { MAX } from "@/core/lesson/bounds";
import { copyTitle } from "@/core/lesson/new-lesson";
import { manyOf } from "@/core/number/many-of";
import { Button, IconButton } from "@/kit/button";
import { WholeDialog } from "@/kit/dialog";
import { Menu, MenuItem } from "@/kit/menu";
import { say } from "@/kit/messages";
import { Sortable, SortableItem } from "@/kit/sortable";
import { ORDINARY } from "@/view/drawing";
import { RemovedBoards } from "../prepare/removed-boards";
import { useBoard, useBoardStore } from "../store/use-board";
import { DrawnHere } from "../views/drawn-here";
import { CopyBoard } from "./copy-board";

const ROOM = { width: 1040, height: 600 };

/** All boards of the lesson as true pictures: put in order by drag and by keys, duplicated, copied, removed. */
export function BoardsDialog({ id, onClose }: { id: string; onClose: () => void }) {
  const store = useBoardStore();
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const removed = useBoard((state) => state.removed.length);
  const [copied, setCopied] = useState<Board | null>(null);
  const [showsRemoved, setShowsRemoved] = useState(false);
  const duplicate = (board: Board, index: number) => {
    store.getState().goTo(index);
    const done = store.getState().addBoard({ ...board, id: nanoid(8), title: copyTitle(board.title) });
    if (!done) say(`A lesson has room for ${MAX.boards} boards.`);
  };
  const remove = (board: Board, index: number) => {
    store.getState().removeBoard(index);
    say(`Board “${board.title}” removed.`, {
      label: "Put back",
      run: () => store.getState().putBoardBack(board.id, index),
    });
  };
  return (
    <WholeDialog
      title="All boards"
      onClose={onClose}
      head={
        <>
          <span className="flex-1" />
          {removed > 0 && (
            <Button onClick={() => setShowsRemoved(true)}>
              <ArchiveRestore aria-hidden size={19} /> Removed boards
            </Button>
          )}
        </>
      }
    >
      <Sortable
        as="grid"
        ids={boards.map(({ present }) => present.board.id)}
        onMove={(from, to) => store.getState().putBoardAt(from, to)}
      >
        <ol
          aria-label="Boards in order"
          className="grid min-h-0 flex-1 auto-rows-min grid-cols-[repeat(auto-fill,minmax(15.625rem,1fr))] gap-4 overflow-y-auto px-5 pt-1 pb-5"
        >
          {boards.map(({ present: { board } }, index) => (
            <BoardCard
              key={board.id}
              board={board}
              nth={index + 1}
              isOn={index === at}
              isLast={boards.length === 1}
              onOpen={() => {
                store.getState().goTo(index);
                onClose();
              }}
              onDuplicate={() => duplicate(board, index)}
              onCopy={() => setCopied(board)}
              onRemove={() => remove(board, index)}
            />
          ))}
        </ol>
      </Sortable>
      {copied && <CopyBoard lesson={id} board={copied} onClose={() => setCopied(null)} />}
      {showsRemoved && <RemovedBoards onClose={() => setShowsRemoved(false)} />}
    </WholeDialog>
  );
}

type CardProps = {
  board: Board;
  nth: number;
  isOn: boolean;
  isLast: boolean;
  onOpen: () => void;
  onDuplicate: () => void;
  onCopy: () => void;
  onRemove: () => void;
};

function BoardCard({ board, nth, isOn, isLast, onOpen, onDuplicate, onCopy, onRemove }: CardProps) {
  const { title, stair } = board;
  return (
    <SortableItem
      id={board.id}
      name={`board ${nth}, ${title}`}
      gripClass="relative z-10 h-press rounded-button"
      className={clsx("relative flex flex-col rounded-card bg-board p-2", isOn && "ring-3 ring-ink")}
    >
      {(grip) => (
        <>
          <div className="aspect-[1040/600] overflow-hidden rounded-button bg-mist">
            <DrawnHere of={board.id} board={board} at={1} room={ROOM} theme={ORDINARY} from="here" />
          </div>
          <div className="flex items-center pt-1">
            {grip}
            <button
              type="button"
              aria-current={isOn ? "page" : undefined}
              onClick={onOpen}
              className="min-w-0 flex-1 py-1.5 text-left leading-tight after:absolute after:inset-0 after:rounded-card"
            >
              <span className="block truncate font-semibold">
                {nth} {title}
              </span>
              <span className="text-small text-quiet">{manyOf(stair.length, "step")}</span>
            </button>
            <Menu
              button={
                <IconButton name={`More for board ${nth}, ${title}`} className="relative z-10">
                  <MoreVertical aria-hidden size={20} />
                </IconButton>
              }
            >
              <MenuItem icon={<Copy aria-hidden size={19} />} onSelect={onDuplicate}>
                Duplicate
              </MenuItem>
              <MenuItem icon={<FolderInput aria-hidden size={19} />} onSelect={onCopy}>
                Copy to another lesson
              </MenuItem>
              <MenuItem icon={<Trash2 aria-hidden size={19} />} disabled={isLast} onSelect={onRemove}>
                Remove
              </MenuItem>
            </Menu>
          </div>
        </>
      )}
    </SortableItem>
  );
}
