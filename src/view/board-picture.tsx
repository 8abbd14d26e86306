import { boardLook } from "@/core/lesson/board-look";
import type { Board } from "@/core/lesson/lesson";
import { LazyPicture } from "./lazy-picture";

/** A board drawn small, as it looks on the first step of its stair. */
export function BoardPicture({ board }: { board: Board }) {
  const look = boardLook(board);
  return look && <LazyPicture look={look} />;
}
