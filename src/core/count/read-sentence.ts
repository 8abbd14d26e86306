import { type Exact, exact, keyOf, type NumberKey } from "../number/exact";
import { readNumber } from "../number/read-number";
import { showNumber } from "../number/show-number";
import { MOST_WAY, type Way, wayTo } from "./bridge";

/** Most characters of a sentence that is typed. */
export const MOST_SENTENCE = 80;

/** What a sentence says: where it starts, and the jumps that it makes from there. */
export type SentenceRead =
  | { ok: true; start: NumberKey; jumps: NumberKey[]; value: NumberKey }
  | { ok: false; message: string };

type Token = { kind: "number"; value: Exact; text: string } | { kind: "sign"; text: string };
/** A value, and where it is a whole number of equal parts, that: 4 × 6 is 4 of 6. */
type Value = { value: Exact; times?: { count: number; of: Exact }; shared?: { from: Exact; by: Exact } };

class Fault extends Error {}

const SIGNS: Record<string, string> = {
  "+": "+",
  "-": "−",
  "−": "−",
  "–": "−",
  "*": "×",
  x: "×",
  X: "×",
  "×": "×",
  "·": "×",
  ":": "÷",
  "÷": "÷",
  "(": "(",
  ")": ")",
  "=": "=",
  "?": "?",
};
const HINT = "Write a number sentence such as 52 − 17 or 4 × 6.";

/**
 * Reads a number sentence as it is typed, with + − × ÷ and brackets, and the numbers of the lesson; a fraction is
 * written 3/4. It may end with "=", with "= ?" or with its answer. Its first term is where the trail starts, every
 * other one a jump; 4 × 6 alone is four jumps of 6 from 0, and 24 ÷ 6 jumps of 6 back from 24, as long as they come
 * out. A jump of one term is drawn in the way that is chosen. Never throws; the message says what is wrong and what to
 * do.
 */
export function readSentence(typed: string, way: Way): SentenceRead {
  if (typed.trim() === "") return { ok: false, message: HINT };
  if (typed.length > MOST_SENTENCE) {
    return { ok: false, message: `That sentence is too long. Write at most ${MOST_SENTENCE} signs.` };
  }
  try {
    const tokens = tokensOf(typed);
    const terms = new Parser(tokens).sentence();
    return trailOf(terms, way);
  } catch (fault) {
    if (fault instanceof Fault) return { ok: false, message: fault.message };
    throw fault;
  }
}

function tokensOf(typed: string): Token[] {
  const tokens: Token[] = [];
  const text = typed.trim();
  for (let i = 0; i < text.length; ) {
    const here = text[i]!;
    const digits = /^\d+(?:[.,]\d+|\/\d+)?/.exec(text.slice(i))?.[0];
    if (digits) {
      const read = readNumber(digits);
      if (!read.ok) throw new Fault(read.message);
      tokens.push({ kind: "number", value: read.value, text: digits });
      i += digits.length;
    } else if (/\s/.test(here)) i += 1;
    else if (SIGNS[here]) {
      tokens.push({ kind: "sign", text: SIGNS[here] });
      i += 1;
    } else if (/\p{Nd}/u.test(here)) throw new Fault("Write the number with the digits 0 to 9.");
    else throw new Fault(`“${here}” cannot stand in a number sentence. Use numbers and + − × ÷ ( ).`);
  }
  return tokens;
}

/** Reads terms from left to right; × and ÷ bind closer than + and −, brackets closest. */
class Parser {
  private at = 0;
  constructor(private readonly tokens: readonly Token[]) {}

  sentence(): { sign: 1 | -1; value: Value }[] {
    const terms = this.sum();
    const total = totalOf(terms);
    if (this.takes("=")) {
      const isQuestion = this.takes("?") || this.at === this.tokens.length;
      if (!isQuestion) {
        const said = totalOf(this.sum());
        if (!said.equals(total)) {
          throw new Fault(`That comes to ${showNumber(keyOf(total))}, not ${showNumber(keyOf(said))}.`);
        }
      }
    }
    const rest = this.tokens[this.at];
    if (rest) throw new Fault(rest.text === ")" ? "A bracket is closed that was not opened." : HINT);
    return terms;
  }

  private sum(): { sign: 1 | -1; value: Value }[] {
    const terms: { sign: 1 | -1; value: Value }[] = [
      { sign: this.takes("−") ? -1 : 1, value: this.product() },
    ];
    for (;;) {
      if (this.takes("+")) terms.push({ sign: 1, value: this.product() });
      else if (this.takes("−")) terms.push({ sign: -1, value: this.product() });
      else return terms;
    }
  }

  private product(): Value {
    let value: Value = { value: this.factor() };
    for (let factors = 2; ; factors += 1) {
      if (this.takes("×")) {
        const by = this.factor();
        const count = value.value;
        const counts = factors === 2 && count.d === 1n && count.s > 0n && count.n <= BigInt(MOST_WAY);
        value = {
          value: count.mul(by),
          ...(counts ? { times: { count: Number(count.n), of: by } } : {}),
        };
      } else if (this.takes("÷")) {
        const by = this.factor();
        if (by.n === 0n) throw new Fault("Nothing can be divided by 0. Write another number there.");
        const from = value.value;
        value = { value: from.div(by), ...(factors === 2 ? { shared: { from, by } } : {}) };
      } else return value;
    }
  }

  private factor(): Exact {
    if (this.takes("(")) {
      const value = totalOf(this.sum());
      if (!this.takes(")")) throw new Fault("A bracket is not closed. Write ) where it ends.");
      return value;
    }
    // A minus before a number within a product or a bracket: −3 × 4, 5 × (−2).
    if (this.takes("−")) return this.factor().neg();
    const next = this.tokens[this.at];
    if (next?.kind !== "number") {
      throw new Fault(
        next
          ? `A number is missing before “${next.text}”.`
          : "A number is missing at the end of the sentence.",
      );
    }
    this.at += 1;
    return next.value;
  }

  private takes(sign: string): boolean {
    const next = this.tokens[this.at];
    if (next?.kind !== "sign" || next.text !== sign) return false;
    this.at += 1;
    return true;
  }
}

const totalOf = (terms: readonly { sign: 1 | -1; value: Value }[]): Exact =>
  terms.reduce((sum, { sign, value }) => sum.add(value.value.mul(sign)), exact(0));

function tooMany(): never {
  throw new Fault(`That is more than ${MOST_WAY} jumps. Write a shorter sentence, or choose another way.`);
}

function trailOf(terms: readonly { sign: 1 | -1; value: Value }[], way: Way): SentenceRead {
  const [first, ...rest] = terms;
  const total = totalOf(terms);
  const readable = readNumber(keyOf(total));
  if (!readable.ok) throw new Fault("The answer cannot be written with the digits a number may have here.");
  const alone = rest.length === 0;
  const { value: head, sign } = first!;
  let start = head.value.mul(sign);
  const jumps: NumberKey[] = [];
  if (sign === 1 && head.times) {
    start = exact(0);
    jumps.push(...equal(head.times.of, head.times.count));
  } else if (alone && sign === 1 && head.shared) {
    const { from, by } = head.shared;
    if (head.value.d !== 1n || head.value.s <= 0n || head.value.n > BigInt(MOST_WAY)) {
      throw new Fault(
        `${showNumber(keyOf(from))} ÷ ${showNumber(keyOf(by))} is no whole number of jumps that a line has room for.`,
      );
    }
    start = from;
    jumps.push(...equal(by.neg(), Number(head.value.n)));
  }
  let at = start.add(jumps.reduce((sum, by) => sum.add(exact(by)), exact(0)));
  for (const { sign: way1, value } of rest) {
    const by = value.value.mul(way1);
    if (value.times) jumps.push(...equal(value.times.of.mul(way1), value.times.count));
    else jumps.push(...(wayTo(at, at.add(by), way) ?? tooMany()));
    at = at.add(by);
  }
  if (jumps.length > MOST_WAY) tooMany();
  if (jumps.length === 0 && alone) throw new Fault(HINT);
  return { ok: true, start: keyOf(start), jumps, value: keyOf(at) };
}

const equal = (by: Exact, count: number): NumberKey[] =>
  by.n === 0n ? [] : Array<NumberKey>(count).fill(keyOf(by));
