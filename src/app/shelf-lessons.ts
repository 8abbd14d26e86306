import { whereWords } from "@/core/lesson/where-words";
import type { Kept } from "@/data/lessons";
import type { Stood } from "@/data/sittings";
import type { ShelfLesson } from "@/screen/shelf/shelf-lesson";
import { whenTaught } from "@/screen/shelf/when";

/** A kept lesson as the shelf shows it. */
export function shelfLesson({ id, read, taughtAt }: Kept, now = new Date(), stood?: Stood): ShelfLesson {
  const where = read.ok && stood ? whereWords(read.lesson, stood.board, stood.climbed) : null;
  const taught = [whenTaught(taughtAt, now), where && `to ${where}`].filter(Boolean).join(", ");
  if (!read.ok) {
    const title = "A lesson that cannot be read";
    return { id, title, forClass: "", boards: 0, findBy: title.toLowerCase(), taught, fault: read.message };
  }
  const { title, forClass, boards } = read.lesson;
  const words = boards.flatMap((board) => [
    board.title,
    ...board.stair.flatMap((step) => [step.title, step.question]),
  ]);
  return {
    id,
    title,
    forClass,
    boards: boards.length,
    findBy: [title, forClass, ...words].join(" ").toLowerCase(),
    taught,
    fault: null,
  };
}
