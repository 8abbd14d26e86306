import { database } from "@/data/database";
import { countRemoved, shelfLessons } from "@/data/lessons";
import { Shelf } from "@/screen/shelf/shelf";
import { ShelfFrame } from "@/screen/shelf/shelf-frame";
import { BoardPicture } from "@/view/board-picture";
import { shelfLesson } from "./shelf-lessons";

export default async function ShelfPage() {
  const db = await database();
  const [kept, removed] = await Promise.all([shelfLessons(db), countRemoved(db)]);
  const lessons = kept.map((one) => ({
    ...shelfLesson(one),
    picture: one.read.ok && <BoardPicture board={one.read.lesson.boards[0]!} />,
  }));
  return (
    <ShelfFrame here="lessons" removed={removed}>
      <Shelf lessons={lessons} />
    </ShelfFrame>
  );
}
