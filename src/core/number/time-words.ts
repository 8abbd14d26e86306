/** Minutes of an hour and of a half day, which a clock face shows. */
export const HOUR = 60;
export const HALF_DAY = 12 * HOUR;

const NAMES = [
  "twelve",
  "one",
  "two",
  "three",
  "four",
  "five",
  "six",
  "seven",
  "eight",
  "nine",
  "ten",
  "eleven",
] as const;

const SMALL = [
  ...NAMES.slice(1),
  "twelve",
  "thirteen",
  "fourteen",
  "fifteen",
  "sixteen",
  "seventeen",
  "eighteen",
  "nineteen",
] as const;

/** 1 to 29 in words. */
function minutesInWords(minutes: number): string {
  if (minutes < 20) return SMALL[minutes - 1]!;
  return minutes === 20 ? "twenty" : `twenty-${SMALL[minutes - 21]!}`;
}

/** Minutes after twelve, from 0 to 719, for any number of minutes. */
export const onFace = (minutes: number): number => ((minutes % HALF_DAY) + HALF_DAY) % HALF_DAY;

/**
 * A time as a clock face tells it and as it is said: "ten o’clock", "a quarter past ten", "twenty-five to eleven". Minutes
 * that are no fives are said with the word.
 * @param minutes whole, after twelve o’clock
 */
export function timeWords(minutes: number): string {
  const at = onFace(minutes);
  const [hour, past] = [Math.floor(at / HOUR), at % HOUR];
  if (past === 0) return `${NAMES[hour]!} o’clock`;
  const [count, word, name] =
    past <= HOUR / 2 ? [past, "past", NAMES[hour]!] : [HOUR - past, "to", NAMES[(hour + 1) % 12]!];
  if (count === 30) return `half past ${name}`;
  if (count === 15) return `a quarter ${word} ${name}`;
  const unit = count % 5 === 0 ? "" : count === 1 ? " minute" : " minutes";
  return `${minutesInWords(count)}${unit} ${word} ${name}`;
}

/**
 * A time in digits, as on a clock of twelve hours: 10:15, 12:05.
 * @param minutes whole, after twelve o’clock
 */
export function timeDigits(minutes: number): string {
  const at = onFace(minutes);
  const hour = Math.floor(at / HOUR) || 12;
  return `${hour}:${String(at % HOUR).padStart(2, "0")}`;
}
