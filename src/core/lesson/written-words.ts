import type { LessonWords } from "./board";

/** A lesson's words as it stores them: labels and choices only if there are any. */
export const writtenWords = ({ title, forClass, labels, peek }: LessonWords): LessonWords => ({
  title,
  forClass,
  ...(labels && labels.length > 0 ? { labels } : {}),
  ...(peek ? { peek } : {}),
});
