/** A lesson as the shelf shows it. One that cannot be read keeps its place, with the reason. */
export type ShelfLesson = {
  id: string;
  title: string;
  forClass: string;
  boards: number;
  /** Words to find it by: its title, class, boards, questions, notes. */
  findBy: string;
  /** Numbers to find it by: what it counts in, whose multiples it marks. */
  about: readonly string[];
  /** "taught today", or nothing. */
  taught: string;
  fault: string | null;
};

/** How many boards a lesson has, in words. */
export const boardsOf = (count: number): string => (count === 1 ? "1 board" : `${count} boards`);

/** Whether a lesson is found by a word that is looked for; a number is found as a whole: 6 is not in 16. */
export function isFoundBy(lesson: Pick<ShelfLesson, "findBy" | "about">, word: string): boolean {
  if (!/^\d+$/.test(word)) return lesson.findBy.includes(word);
  return lesson.about.includes(word) || new RegExp(`(^|\\D)${word}(\\D|$)`).test(lesson.findBy);
}
