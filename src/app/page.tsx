import { database } from "@/data/database";
import { removedLessons, shelfLessons } from "@/data/lessons";
import { Shelf } from "@/screen/shelf/shelf";
import { ShelfFrame } from "@/screen/shelf/shelf-frame";
import { BoardPicture } from "@/view/board-picture";
import { createLesson, duplicateLesson, putBackLesson, removeLesson, rewordLesson } from "./shelf-actions";
import { shelfLesson } from "./shelf-lessons";

export default async function ShelfPage() {
  const db = await database();
  const [kept, removed] = await Promise.all([shelfLessons(db), removedLessons(db)]);
  const lessons = kept.map((one) => ({
    ...shelfLesson(one),
    picture: one.read.ok && <BoardPicture board={one.read.lesson.boards[0]!} />,
  }));
  return (
    <ShelfFrame here="lessons" removed={removed.length}>
      <Shelf
        lessons={lessons}
        doors={{
          create: createLesson,
          reword: rewordLesson,
          duplicate: duplicateLesson,
          remove: removeLesson,
          putBack: putBackLesson,
        }}
      />
    </ShelfFrame>
  );
}
