import { format, isSameYear, isToday, isYesterday } from "date-fns";

/** When a lesson was last taught, as a teacher would say it. */
export function whenTaught(taughtAt: Date | null, now: Date): string {
  if (!taughtAt) return "not taught yet";
  if (isToday(taughtAt)) return "taught today";
  if (isYesterday(taughtAt)) return "taught yesterday";
  return `taught ${format(taughtAt, isSameYear(taughtAt, now) ? "d MMMM" : "d MMMM yyyy")}`;
}
