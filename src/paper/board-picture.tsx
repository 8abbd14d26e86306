import type { Moment } from "@/core/lesson/moment";
import type { PictureWish } from "@/core/lesson/picture-wish";
import { drawingsOf } from "@/view/board/board-drawing";
import { BoardPage, type Shows } from "./board-page";
import type { Picture } from "./flatten/drawn";
import { flatten } from "./flatten/flatten";

/** The room of a board's views on an ordinary screen, lying or upright. */
const ROOM = { width: 1280, height: 640 };
const UPRIGHT = { width: 800, height: 1000 };

/** A picture of a board at one moment, in its layout or one of its views alone. */
export async function boardPicture(
  moment: Moment,
  { upright, strong, ...shows }: Shows & Pick<PictureWish, "upright" | "strong">,
): Promise<Picture> {
  const room = upright ? UPRIGHT : ROOM;
  const drawings = await drawingsOf(moment.board.views.map(({ kind }) => kind));
  return flatten(
    <BoardPage moment={moment} drawings={drawings} room={room} shows={shows} strong={strong} />,
    room,
  );
}
