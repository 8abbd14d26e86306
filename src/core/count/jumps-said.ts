import { keyOf, type NumberKey } from "../number/exact";
import { landings, type Trail } from "./trail";

/** At most this many jumps are read out; how many came before them is said instead. */
const READ = 40;

/**
 * The jumps of a trail as read out by a screen reader: "from 276 to 280, plus 4". A covered part is called "covered"
 * and nothing more.
 * @param write a number as its board writes it
 * @param isCovered whether a number is hidden from the class
 */
export function jumpsSaid(
  trail: Trail,
  write: (number: NumberKey) => string,
  isCovered: (number: NumberKey) => boolean,
): string[] {
  const stops = [trail.start, ...landings(trail).map(keyOf)];
  const told = (number: NumberKey) => (isCovered(number) ? "covered" : write(number));
  const first = Math.max(0, trail.jumps.length - READ);
  const said = trail.jumps.slice(first).map((by, nth) => {
    const index = first + nth;
    const covers = trail.covers[index];
    if (covers?.arc) return "a covered jump";
    const size = covers?.size
      ? "covered"
      : by.startsWith("-")
        ? `minus ${write(by.slice(1))}`
        : `plus ${write(by)}`;
    return `from ${told(stops[index]!)} to ${told(stops[index + 1]!)}, ${size}`;
  });
  return first === 0 ? said : [`${first} ${first === 1 ? "jump" : "jumps"} before these`, ...said];
}
