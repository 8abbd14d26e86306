import type { Moment } from "@/core/lesson/moment";
import type { PictureWish } from "@/core/lesson/picture-wish";
import { drawingsOf } from "@/view/board/board-drawing";
import { BoardPage, type Shows } from "./board-page";
import type { Picture } from "./flatten/drawn";
import { flatten } from "./flatten/flatten";

/** The room that the views of a board have on an ordinary screen, which may stand upright. */
const ROOM = { width: 1280, height: 640 };
const UPRIGHT = { width: 800, height: 1000 };

/** A board at one moment as a picture, in its layout or one view of it alone. */
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
