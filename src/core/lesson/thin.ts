const DAY = 24 * 60 * 60 * 1000;
/** How long every version is kept, and how long one for each day; after that one for each week. */
const ALL_FOR = 14 * DAY;
const DAILY_FOR = 90 * DAY;
/** Maximum number of versions of a lesson. */
export const MAX_VERSIONS = 120;

/**
 * Which versions of a lesson are kept: all of the last two weeks, the last of each day for three months, and the last
 * of each week before that; beyond the maximum the oldest go first. Times, like `now`, are in milliseconds.
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
