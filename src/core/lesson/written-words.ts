import type { LessonWords } from "./board";

/** A teacher's words about a lesson as a lesson holds them: labels only where there are any, and what is asked for. */
export const writtenWords = ({ title, forClass, labels, peek }: LessonWords): LessonWords => ({
  title,
  forClass,
  ...(labels && labels.length > 0 ? { labels } : {}),
  ...(peek ? { peek } : {}),
});
