import type { Lesson } from "@/core/lesson/lesson";
import { numbersAbout } from "@/core/lesson/numbers-about";
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
    return {
      id,
      title,
      forClass: "",
      boards: 0,
      findBy: title.toLowerCase(),
      about: [],
      taught,
      fault: read.message,
    };
  }
  const { title, forClass, boards } = read.lesson;
  return { id, title, forClass, boards: boards.length, ...foundBy(read.lesson), taught, fault: null };
}

type FoundBy = Pick<ShelfLesson, "findBy" | "about">;
const known = new WeakMap<Lesson, FoundBy>();

/** What a lesson is found by; worked out once for each that was read. */
function foundBy(lesson: Lesson): FoundBy {
  const there = known.get(lesson);
  if (there) return there;
  const words = lesson.boards.flatMap((board) => [
    board.title,
    ...board.stair.flatMap((step) => [step.title, step.question, step.note ?? ""]),
  ]);
  const found = {
    findBy: [lesson.title, lesson.forClass, ...words].join(" ").toLowerCase(),
    about: numbersAbout(lesson),
  };
  known.set(lesson, found);
  return found;
}
