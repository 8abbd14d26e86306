import { type Exact, exact, keyOf, type NumberKey } from "../number/exact";
import { readNumber } from "../number/read-number";
import { showNumber } from "../number/show-number";
import { MAX_WAY, type Way, wayTo } from "./bridge";
import { SentenceFault, type Token, tokensOf, withDivision } from "./sentence-tokens";

/** Maximum length of a typed sentence. */
export const MAX_SENTENCE = 80;

/** A sentence that was read: where it starts, and its jumps from there. */
export type SentenceRead =
  /** `terms` as in `Trail`: how the sentence was typed. */
  | { ok: true; start: NumberKey; jumps: NumberKey[]; terms: number[]; value: NumberKey }
  | { ok: false; message: string };

/** A value, and where it is a whole number of equal parts, that: 4 × 6 is 4 of 6. */
type Value = { value: Exact; times?: { count: number; of: Exact }; shared?: { from: Exact; by: Exact } };

const HINT = "Write a number sentence such as 52 − 17 or 4 × 6.";

/**
 * Reads a number sentence as it is typed, with + − × ÷ and brackets, and the numbers of the lesson; a fraction is
 * written 3/4. It may end with "=", with "= ?" or with its answer, or begin with its answer. Its first term is where the trail starts, every
 * other one a jump; 4 × 6 alone is four jumps of 6 from 0, and 24 ÷ 6 jumps of 6 back from 24, as long as they come
 * out. A term is one jump, unless another way is asked for. Never throws; the message says what is wrong and what to
 * do.
 * @param parts of a whole, as for `wayTo`
 */
export function readSentence(typed: string, way: Way, parts = 1): SentenceRead {
  if (typed.trim() === "") return { ok: false, message: HINT };
  if (typed.length > MAX_SENTENCE) {
    return { ok: false, message: `That sentence is too long. Write at most ${MAX_SENTENCE} characters.` };
  }
  try {
    const tokens = tokensOf(withDivision(typed));
    const terms = new Parser(tokens).sentence();
    return trailOf(terms, way, parts);
  } catch (fault) {
    if (fault instanceof SentenceFault) return { ok: false, message: fault.message };
    throw fault;
  }
}

/** Whether it is one number, with nothing to work out. */
const isAlone = ([first, ...others]: readonly { value: Value }[]): boolean =>
  others.length === 0 && !first?.value.times && !first?.value.shared;

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
        const other = this.sum();
        const said = totalOf(other);
        // The answer may stand first: 35 = 27 + 8.
        if (said.equals(total) && this.at === this.tokens.length && isAlone(terms)) return other;
        if (!said.equals(total)) {
          throw new SentenceFault(
            `That comes to ${showNumber(keyOf(total))}, not ${showNumber(keyOf(said))}.`,
          );
        }
      }
    }
    const rest = this.tokens[this.at];
    if (rest) throw new SentenceFault(rest.text === ")" ? "A bracket is closed that was not opened." : HINT);
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
        const counts = factors === 2 && count.d === 1n && count.s > 0n && count.n <= BigInt(MAX_WAY);
        value = {
          value: count.mul(by),
          ...(counts ? { times: { count: Number(count.n), of: by } } : {}),
        };
      } else if (this.takes("÷")) {
        const by = this.factor();
        if (by.n === 0n)
          throw new SentenceFault("No number can be divided by 0. Write another number there.");
        const from = value.value;
        value = { value: from.div(by), ...(factors === 2 ? { shared: { from, by } } : {}) };
      } else return value;
    }
  }

  private factor(): Exact {
    if (this.takes("(")) {
      const value = totalOf(this.sum());
      if (!this.takes(")")) throw new SentenceFault("A bracket is not closed. Write ) where it ends.");
      return value;
    }
    // A minus before a number within a product or a bracket: −3 × 4, 5 × (−2).
    if (this.takes("−")) return this.factor().neg();
    const next = this.tokens[this.at];
    if (next?.text === "?") {
      throw new SentenceFault(
        "Write a number for the ?, or put this sentence among the problems of a board.",
      );
    }
    if (next?.kind !== "number") {
      throw new SentenceFault(
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
  throw new SentenceFault(
    `That is more than ${MAX_WAY} jumps. Write a shorter sentence, or choose another way.`,
  );
}

function trailOf(terms: readonly { sign: 1 | -1; value: Value }[], way: Way, parts: number): SentenceRead {
  const [first, ...rest] = terms;
  const total = totalOf(terms);
  const readable = readNumber(keyOf(total));
  if (!readable.ok) throw new SentenceFault("The answer has too many digits.");
  const alone = rest.length === 0;
  const { value: head, sign } = first!;
  let start = head.value.mul(sign);
  const jumps: NumberKey[] = [];
  const said: number[] = [];
  const go = (more: readonly NumberKey[], as: "jumps" | "product" | "quotient") => {
    jumps.push(...more);
    if (as === "jumps") said.push(...more.map(() => 0));
    else if (more.length > 0) said.push(as === "product" ? more.length : -more.length);
  };
  if (sign === 1 && head.times) {
    start = exact(0);
    go(equal(head.times.of, head.times.count), "product");
  } else if (alone && sign === 1 && head.shared) {
    const { from, by } = head.shared;
    if (head.value.d !== 1n || head.value.s <= 0n || head.value.n > BigInt(MAX_WAY)) {
      throw new SentenceFault(
        `${showNumber(keyOf(from))} ÷ ${showNumber(keyOf(by))} does not make a whole number of jumps that fit on the line.`,
      );
    }
    start = from;
    go(equal(by.neg(), Number(head.value.n)), "quotient");
  }
  let at = start.add(jumps.reduce((sum, by) => sum.add(exact(by)), exact(0)));
  for (const { sign: way1, value } of rest) {
    const by = value.value.mul(way1);
    if (value.times) go(equal(value.times.of.mul(way1), value.times.count), "product");
    else go(wayTo(at, at.add(by), way, parts) ?? tooMany(), "jumps");
    at = at.add(by);
  }
  if (jumps.length > MAX_WAY) tooMany();
  if (jumps.length === 0 && alone) {
    throw new SentenceFault(head.times ? "That makes no jump. Write a sentence with a jump in it." : HINT);
  }
  return { ok: true, start: keyOf(start), jumps, terms: said, value: keyOf(at) };
}

const equal = (by: Exact, count: number): NumberKey[] =>
  by.n === 0n ? [] : Array<NumberKey>(count).fill(keyOf(by));
