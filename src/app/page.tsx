import { EMPTY_SCENE } from "@/core/lesson/scene";
import { STARTING_CHARTS } from "@/core/surface/starting-charts";
import { database } from "@/data/database";
import { removedLessons, shelfLessons } from "@/data/lessons";
import { Shelf } from "@/screen/shelf/shelf";
import { ShelfFrame } from "@/screen/shelf/shelf-frame";
import { BoardPicture } from "@/view/board-picture";
import { ChartPicture } from "@/view/chart/chart-picture";
import { createLesson, duplicateLesson, putBackLesson, removeLesson, rewordLesson } from "./shelf-actions";
import { shelfLesson } from "./shelf-lessons";

export default async function ShelfPage() {
  const db = await database();
  const [kept, removed] = await Promise.all([shelfLessons(db), removedLessons(db)]);
  const lessons = kept.map((one) => ({
    ...shelfLesson(one),
    picture: one.read.ok && <BoardPicture board={one.read.lesson.boards[0]!} />,
  }));
  const starts = STARTING_CHARTS.map(({ id, name, chart }) => ({
    id,
    name,
    picture: <ChartPicture settings={chart} scene={EMPTY_SCENE} width={160} height={120} />,
  }));
  return (
    <ShelfFrame here="lessons" removed={removed.length}>
      <Shelf
        lessons={lessons}
        starts={starts}
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
