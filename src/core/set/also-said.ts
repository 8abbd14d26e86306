import type { Condition } from "./rule";

/** Exact wordings of a condition that are read but never written. Where a part stands in braces, its number is typed. */
export type AlsoSaid = {
  readonly kind: Condition["kind"];
  readonly words: readonly string[];
  /** They say what the numbers are not: at most 20 is not more than 20. */
  readonly not?: boolean;
  /** The parts that the words give without a number. */
  readonly is?: Readonly<Record<string, unknown>>;
  /** The parts, where a number in the words is none of them: 1 less than a multiple of 5 is 4 more than one. */
  readonly from?: (numbers: Readonly<Record<string, string>>) => Readonly<Record<string, unknown>>;
};

/** How teachers and pupils say it, where there is one meaning only. They stand apart: only the reader needs them. */
export const ALSO_SAID: readonly AlsoSaid[] = [
  {
    kind: "multiples",
    words: ["in the {of} times table", "the {of} times table", "a multiple of {of}", "divisible by {of}"],
  },
  { kind: "digit", is: { place: "ones" }, words: endsIn("{digit}") },
  {
    kind: "contains",
    words: ["a {digit} in them", "the digit {digit}", "contain a {digit}", "contains a {digit}"],
  },
  { kind: "digits", is: { make: "sum" }, words: ["digits add to {is}", "a digit sum of {is}"] },
  { kind: "more", words: ["greater than {than}", "larger than {than}", "bigger than {than}"] },
  { kind: "less", words: ["smaller than {than}"] },
  {
    kind: "more",
    not: true,
    words: ["up to {than}", "at most {than}", "{than} or less", "less than or equal to {than}"],
  },
  {
    kind: "less",
    not: true,
    words: ["from {than} on", "at least {than}", "{than} or more", "greater than or equal to {than}"],
  },
  { kind: "between", words: ["{from} to {to}"] },
  { kind: "between", is: { from: "0", to: "9" }, words: withDigits(1) },
  { kind: "between", is: { from: "10", to: "99" }, words: withDigits(2) },
  { kind: "between", is: { from: "100", to: "999" }, words: withDigits(3) },
  { kind: "prime", words: ["primes"] },
  { kind: "square", words: ["squares", "square"] },
  { kind: "cube", words: ["cubes", "cube"] },
  { kind: "triangular", words: ["triangular"] },
  { kind: "palindrome", words: ["palindromes", "the same forwards and backwards"] },
  {
    kind: "digit-pair",
    is: { is: "equal" },
    words: ["both digits the same", "both digits are the same"],
  },
  { kind: "digit-parity", is: { which: "all", parity: "even" }, words: ["all digits even"] },
  { kind: "digit-parity", is: { which: "all", parity: "odd" }, words: ["all digits odd"] },
  { kind: "factor-count", words: ["{is} factors"] },
  { kind: "factor-count", is: { is: "1" }, words: ["1 factor"] },
  { kind: "factors", words: ["a factor of {of}"] },
  { kind: "remainder", words: ["leave a remainder of {more} when divided by {of}"] },
  {
    kind: "remainder",
    words: ["{less} less than a multiple of {of}"],
    from: ({ less, of }) => ({ of, more: String(Number(of) - Number(less)) }),
  },
  { kind: "added", is: { first: "1", second: "1" }, words: ["Fibonacci numbers", "Fibonacci"] },
  { kind: "lane", is: { lane: "row" }, words: ["in row {nth}", "row {nth}"] },
  { kind: "lane", is: { lane: "column" }, words: ["in column {nth}", "column {nth}"] },
  { kind: "edge", is: { edge: "border" }, words: ["on the border", "on the edge"] },
  { kind: "edge", is: { edge: "corners" }, words: ["in a corner", "in the corners"] },
];

function endsIn(digit: string): string[] {
  return ["end", "ends", "ending"].flatMap((end) => [`${end} in ${digit}`, `${end} with ${digit}`]);
}

function withDigits(many: number): string[] {
  const single = many === 1 ? ["single-digit", "single digit"] : [];
  const digits = many === 1 ? "1 digit" : `${many} digits`;
  return [...single, `${many}-digit`, `${many} digit`, digits];
}
