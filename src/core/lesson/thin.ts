const DAY = 24 * 60 * 60 * 1000;
/** How long every version is kept; how long one a day; after that one a week. */
const ALL_FOR = 14 * DAY;
const DAILY_FOR = 90 * DAY;
/** Most versions of one lesson. */
export const MAX_VERSIONS = 120;

/**
 * Which versions of a lesson are kept: all of the last two weeks, the last of each day for three months, and the last of each
 * week before that; the oldest goes first where there are too many. The times are milliseconds, as is `now`.
 * @returns the times that are kept, the latest first
 */
export function thinned(times: readonly number[], now: number): number[] {
  const kept: number[] = [];
  const taken = new Set<string>();
  for (const at of times.toSorted((a, b) => b - a)) {
    const age = now - at;
    const place =
      age <= ALL_FOR
        ? `at ${at}`
        : age <= DAILY_FOR
          ? `day ${Math.floor(at / DAY)}`
          : `week ${Math.floor(at / (7 * DAY))}`;
    if (taken.has(place)) continue;
    taken.add(place);
    kept.push(at);
  }
  return kept.slice(0, MAX_VERSIONS);
}
