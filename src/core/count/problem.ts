import { type Exact, exact, gcd, keyOf, type NumberKey } from "../number/exact";
import { readNumber } from "../number/read-number";
import { showNumber } from "../number/show-number";
import { readSentence } from "./read-sentence";
import { SentenceFault, tokensOf, withDivision, withSigns } from "./sentence-tokens";

/** Maximum length of a typed problem. */
export const MAX_PROBLEM = 60;

/** A piece of a problem as it stands on the board; the blank is where its answer goes. */
export type ProblemPart = { text: string; blank: boolean };

/** A number sentence with one blank: how it reads, what belongs in the blank, and where its jumps begin and lead. */
export type Problem = {
  parts: ProblemPart[];
  answer: NumberKey;
  start: NumberKey;
  end: NumberKey;
  /** The jumps from its start to its end: four of 6 for 4 × 6, one for 8 + 5. */
  jumps: readonly NumberKey[];
  /** Where its line begins: at its start, but where that is asked for at its end, and the jumps go back. */
  stands: NumberKey;
  /** Typed with fractions, so its answer is written as one too. */
  fractions: boolean;
};
export type ProblemRead = { ok: true; problem: Problem } | { ok: false; message: string };

const HINT = "Write a number sentence with one blank, such as 8 − 3 = ? or 8 + ? = 12.";

const ONE_SIDE = "Write a single number, or the blank, on one side of “=”, such as 12 = 10 + ?.";

/** All that is typed for a blank: ?, __, □, [ ], ( ), … */
const BLANK = /_+|[□▢◻☐⬜]|\[\s*\]|\(\s*\)|…|\.{2,}/g;
/** A sign between two terms; a minus in front of a number is none. */
const BETWEEN = /[^\s(+−×÷]\s*[+−×÷]/;

/**
 * Reads a problem: "8 − 3 = ?", "8 + ? = 12", "? + 5 = 12", "7 = ? − 9", "8 + ? + 2 = 15", "4 × 6 = ?", "24 ÷ ? = 4". The blank
 * is a question mark, or what else is written for one; one that is left out at the end is understood. Never throws; the
 * message says what is wrong and what to do.
 */
export function readProblem(typed: string): ProblemRead {
  const text = withSigns(typed.trim().replace(BLANK, "?"));
  if (text.length > MAX_PROBLEM) return no(`That is too long. Write at most ${MAX_PROBLEM} characters.`);
  const whole = /=/.test(text) ? text.replace(/=\s*$/, "= ?") : text.includes("?") ? text : `${text} = ?`;
  const sides = whole.split("=").map((side) => side.trim());
  const [left, right] = sides;
  if (left === undefined || right === undefined || sides.length > 2 || left === "" || right === "")
    return no(HINT);
  if (whole.split("?").length !== 2) return no(HINT);
  if (BETWEEN.test(left === "?" ? withDivision(right) : right))
    return BETWEEN.test(left) ? no(ONE_SIDE) : turned(readProblem(`${right} = ${left}`));
  const asked = right === "?" ? withDivision(left) : left;
  // A fraction is typed with a stroke, or with a sign of its own.
  const fractions = /[/⁄]|\p{No}/u.test(asked + right);
  try {
    return right === "?" ? withAnswerLast(asked, fractions) : withBlank(left, right, fractions);
  } catch (fault) {
    if (fault instanceof SentenceFault) return no(fault.message);
    throw fault;
  }
}

/** A problem the other way round: 7 = ? − 9 for ? − 9 = 7. */
function turned(read: ProblemRead): ProblemRead {
  if (!read.ok) return read;
  const { parts } = read.problem;
  const [equals, result] = parts.slice(-2) as [ProblemPart, ProblemPart];
  return { ok: true, problem: { ...read.problem, parts: [result, equals, ...parts.slice(0, -2)] } };
}

function withAnswerLast(left: string, fractions: boolean): ProblemRead {
  const read = readSentence(left, "one");
  if (!read.ok) return read;
  const start = /^[^+−×÷(]*÷/.test(left) ? quotient(left) : null;
  return {
    ok: true,
    problem: {
      parts: [...partsOf(left), { text: "=", blank: false }, { text: "", blank: true }],
      // 24 ÷ 6 asks how many sixes there are, not where the jumps land.
      answer: start ?? read.value,
      start: read.start,
      end: read.value,
      jumps: read.jumps,
      stands: read.start,
      fractions,
    },
  };
}

function quotient(left: string): NumberKey | null {
  const [a, b] = left.split("÷").map((text) => readNumber(text));
  return a?.ok && b?.ok && b.value.n !== 0n ? keyOf(a.value.div(b.value)) : null;
}

/** One of two numbers with a sign between them is asked for: a ± ? = c, ? ± b = c, a × ? = c, a ÷ ? = c. */
function withBlank(left: string, right: string, fractions: boolean): ProblemRead {
  const form = /^(\?|[^+−×÷()?]+)\s*([+−×÷])\s*(\?|[^+−×÷()?]+)$/.exec(left.replace(/^−/, "-"));
  const result = readNumber(right);
  if (!result.ok) return result;
  if (!form) return amongTerms(left, result, fractions);
  const [, a, sign, b] = form as unknown as [string, string, Sign, string];
  const known = readNumber(a.trim() === "?" ? b : a);
  if (!known.ok) return known;
  const first = a.trim() === "?";
  const value = solve(known.value, sign, result.value, first);
  if (value === null)
    return no(
      sign === "×"
        ? "Any number times 0 is 0. Write another problem."
        : "There is no one answer with 0 there. Write another problem.",
    );
  const answer = readNumber(keyOf(value));
  if (!answer.ok) return no("Its answer has too many digits.");
  const filled = first ? [value, known.value] : [known.value, value];
  const [from, by] = filled.map((number) => keyOf(number)) as [NumberKey, NumberKey];
  const jumped = readSentence(`${from} ${sign} ${by}`, "one");
  // Only a division without remainder can be shown as jumps back to 0.
  if (sign === "÷" && !jumped.ok)
    return no("The jumps of that division do not fit on a line. Write another problem.");
  const start = sign === "×" ? exact(0) : exact(from);
  const end = sign === "÷" ? exact(0) : result.value;
  return {
    ok: true,
    problem: {
      parts: [...partsOf(left), { text: "=", blank: false }, { text: showNumber(result.text), blank: false }],
      answer: keyOf(value),
      start: keyOf(start),
      end: keyOf(end),
      jumps: jumped.ok ? jumped.jumps : [keyOf(end.sub(start))],
      stands: keyOf(first && sign !== "×" ? end : start),
      fractions,
    },
  };
}

/** One of three and more terms is asked for: 8 + ? + 2 = 15. */
function amongTerms(left: string, result: { value: Exact; text: string }, fractions: boolean): ProblemRead {
  if (/[×÷()]/.test(left) || !BETWEEN.test(left)) return no(HINT);
  const without = readSentence(left.replace("?", "0"), "one");
  if (!without.ok) return without;
  const lacks = result.value.sub(exact(without.value));
  const isTakenAway = /−\s*\?/.test(left);
  const answer = keyOf(isTakenAway ? lacks.neg() : lacks);
  const filled = readSentence(left.replace("?", answer), "one");
  if (!filled.ok) return filled;
  const first = left.startsWith("?");
  return {
    ok: true,
    problem: {
      parts: [...partsOf(left), { text: "=", blank: false }, { text: showNumber(result.text), blank: false }],
      answer,
      start: filled.start,
      end: filled.value,
      jumps: filled.jumps,
      stands: first ? filled.value : filled.start,
      fractions,
    },
  };
}

type Sign = "+" | "−" | "×" | "÷";

function solve(known: Exact, sign: Sign, result: Exact, first: boolean): Exact | null {
  if (sign === "×") return known.n === 0n ? null : result.div(known);
  if (sign === "÷" && (known.n === 0n || result.n === 0n)) return null;
  if (sign === "÷") return first ? result.mul(known) : known.div(result);
  if (sign === "+") return result.sub(known);
  return first ? result.add(known) : known.sub(result);
}

/** The numbers and signs of one side, as they are written. A minus that makes its number negative is a part of that: −7 + 12. */
function partsOf(side: string): ProblemPart[] {
  const parts: ProblemPart[] = [];
  // Where a number may start, a minus is part of the number.
  let begins = true;
  let minus = "";
  for (const { kind, text } of tokensOf(side)) {
    if (begins && text === "−") {
      minus = text;
      continue;
    }
    const written = kind === "number" ? showNumber(text) : text;
    parts.push(text === "?" ? { text: "", blank: true } : { text: minus + written, blank: false });
    minus = "";
    begins = kind === "sign" && text !== ")" && text !== "?";
  }
  return parts;
}

const no = (message: string): ProblemRead => ({ ok: false, message });

/**
 * The line that a problem is solved on: from 0, or from a whole ten below, to a whole ten above, in ones or in tens. In
 * smaller parts where its numbers have them, and in coarser ones where they are large.
 */
export function problemLine({ start, end, answer, fractions }: Problem): {
  from: string;
  to: string;
  interval: string;
  divisions: number;
} {
  const all = [start, end].map((key) => exact(key));
  const low = all.reduce((a, b) => (a.compare(b) < 0 ? a : b));
  const high = all.reduce((a, b) => (a.compare(b) > 0 ? a : b));
  const units = [start, end, answer].map((key) => exact(key).d);
  const parts = units.some((unit) => unit !== 1n);
  const length = high.sub(low.compare(0) > 0 ? exact(0) : low);
  let ten = exact(parts ? 1 : 10);
  while (length.div(ten).compare(10) > 0) ten = ten.mul(10);
  const from =
    low.compare(0) >= 0 && high.compare(ten.mul(10)) <= 0 ? exact(0) : low.div(ten).floor().mul(ten);
  const above = high.div(ten).ceil().mul(ten);
  const to = above.compare(from) > 0 ? above : from.add(ten);
  const ends = { from: keyOf(from), to: keyOf(to) };
  const common = units.reduce((a, b) => (a * b) / gcd(a, b));
  if (fractions && parts && ten.equals(1) && common <= MAX_DIVISIONS)
    return { ...ends, interval: "1", divisions: Number(common) };
  const few = to.sub(from).div(ten).compare(2) <= 0;
  return { ...ends, interval: keyOf(few ? ten.div(10) : ten), divisions: few ? 1 : 10 };
}

/** Maximum number of parts of a whole on the line of a problem. */
const MAX_DIVISIONS = 12n;
