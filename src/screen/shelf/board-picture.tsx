import type { Board } from "@/core/lesson/board";
import { ORDINARY } from "@/view/drawing";
import { StillBoard } from "../views/still-board";

const ROOM = { width: 1040, height: 600 };

type Props = { lesson: string; revision: number; board: Board; ahead: boolean };

/** The picture of a lesson on the shelf: its first board, on its first step. */
export function BoardPicture({ lesson, revision, board, ahead }: Props) {
  const of = `${lesson} ${revision}`;
  return (
    <StillBoard
      // A new revision gets a new element, so that the old picture is not kept.
      key={of}
      of={of}
      board={board}
      at={1}
      room={ROOM}
      theme={ORDINARY}
      from={ahead ? "either" : "here"}
    />
  );
}
