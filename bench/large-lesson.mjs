const [BOARDS, STEPS] = [40, 30];

/** A lesson of forty boards like its first, with thirty steps each. */
export function largeLesson(lesson) {
  const [board] = lesson.boards;
  const stair = Array.from({ length: STEPS }, (_, i) => ({
    ...board.stair[i % board.stair.length],
    id: `s${i}`,
  }));
  const boards = Array.from({ length: BOARDS }, (_, i) => ({ ...board, id: `b${i}`, stair }));
  return { ...lesson, boards };
}

/** The first of those boards alone. */
export const oneOfThem = (lesson) => ({ ...lesson, boards: largeLesson(lesson).boards.slice(0, 1) });
