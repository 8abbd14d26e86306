import { format, isSameYear, isToday, isYesterday } from "date-fns";

/** When a lesson was last taught, in words. */
export function whenTaught(taughtAt: Date | null, now: Date): string {
  if (!taughtAt) return "not taught yet";
  return `taught ${dayWords(taughtAt, now)}`;
}

/** When a sitting stopped: "today", "yesterday", "on 3 November". */
export function whenStopped(at: Date, now: Date): string {
  return isToday(at) || isYesterday(at) ? dayWords(at, now) : `on ${dayWords(at, now)}`;
}

/** When a version was last changed: "today at 17:05", "3 November at 9:40". */
export const whenChanged = (at: Date, now: Date): string => `${dayWords(at, now)} at ${format(at, "H:mm")}`;

/** When a removed lesson goes for good. */
export const whenGone = (at: Date, now: Date): string =>
  at.getTime() - now.getTime() < 24 * 60 * 60 * 1000
    ? "goes for good today"
    : `goes for good on ${format(at, isSameYear(at, now) ? "d MMMM" : "d MMMM yyyy")}`;

function dayWords(at: Date, now: Date): string {
  if (isToday(at)) return "today";
  if (isYesterday(at)) return "yesterday";
  return format(at, isSameYear(at, now) ? "d MMMM" : "d MMMM yyyy");
}
