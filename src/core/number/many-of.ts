import { groupDigits } from "./group-digits";

/** So many of a thing whose plural ends in s: "1 step", "3 steps", "1,024 numbers". */
export const manyOf = (count: number, thing: string): string =>
  `${groupDigits(String(count))} ${thing}${count === 1 ? "" : "s"}`;
