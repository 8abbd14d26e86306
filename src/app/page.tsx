import { database } from "@/data/database";
import { countRemoved, shelfLessons } from "@/data/lessons";
import { lastStood } from "@/data/sittings";
import { BoardPicture } from "@/screen/shelf/board-picture";
import { Shelf } from "@/screen/shelf/shelf";
import { ShelfFrame } from "@/screen/shelf/shelf-frame";
import { shelfLesson } from "./shelf-lessons";

/** So many pictures come with the page: more than a window shows. */
const AHEAD = 12;

export default async function ShelfPage() {
  const db = await database();
  const [kept, removed, stood] = await Promise.all([shelfLessons(db), countRemoved(db), lastStood(db)]);
  const now = new Date();
  const lessons = kept.map((one, index) => ({
    ...shelfLesson(one, now, stood.get(one.id)),
    picture: one.read.ok && (
      <BoardPicture
        lesson={one.id}
        revision={one.revision}
        board={one.read.lesson.boards[0]!}
        ahead={index < AHEAD}
      />
    ),
  }));
  return (
    <ShelfFrame here="lessons" removed={removed}>
      <Shelf lessons={lessons} />
    </ShelfFrame>
  );
}
