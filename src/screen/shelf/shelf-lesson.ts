/** A lesson as the shelf shows it. One that cannot be read keeps its place, with the reason. */
export type ShelfLesson = {
  id: string;
  title: string;
  forClass: string;
  boards: number;
  /** Words to find it by: its title, class, boards. */
  findBy: string;
  /** "taught today", or nothing. */
  taught: string;
  fault: string | null;
};

/** How many boards a lesson has, in words. */
export const boardsOf = (count: number): string => (count === 1 ? "1 board" : `${count} boards`);
