import { exchangeWords, stopAt } from "../../count/stops";
import { countedIn } from "../../number/counted-in";
import { listWords } from "../../number/list-words";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { jump, lineFor, many, range, say, start, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe, whole } from "./recipe";

const Fields = z.object({
  kind: z.literal("count-with-exchanges"),
  by: whole(1, 500),
  from: whole(0, 5_000),
  jumps: whole(2, 12),
});
type Inputs = z.infer<typeof Fields>;

const numbersOf = ({ by, from, jumps }: Inputs) => range(from, from + by * jumps, by);

/** The exchanges of the jump that lands on a number of the count; empty if there are none. */
function exchangedAt({ by, from }: Inputs, number: number) {
  const stop = stopAt({ by: String(by), from: String(from), way: "forwards" }, String(number));
  return stop?.exchanges ?? [];
}

/** A count in pieces: before each exchange the class is asked what will happen. */
export const countWithExchanges = recipe<Inputs>({
  kind: "count-with-exchanges",
  schema: Fields.check(
    makesStair((inputs: Inputs) =>
      numbersOf(inputs).some((number) => exchangedAt(inputs, number).length > 0)
        ? null
        : `Nothing is exchanged in ${many(inputs.jumps, "jump")} of ${say(inputs.by)} from ${say(inputs.from)}. Make more jumps, or larger ones.`,
    ),
  ),
  starts: { kind: "count-with-exchanges", by: 6, from: 0, jumps: 6 },
  name: "Count with exchanges",
  about: "A count in pieces. Before each exchange the class says what will happen.",
  fields: [
    { part: "by", label: "Count in", whole: { min: 1, max: 500 } },
    { part: "from", label: "From", whole: { min: 0, max: 5_000 } },
    { part: "jumps", label: "Jumps", whole: { min: 2, max: 12 } },
  ],
  write(inputs) {
    const { by, from, jumps } = inputs;
    const numbers = numbersOf(inputs);
    const landed = numbers.slice(1);
    const exchanged = landed.filter((number) => exchangedAt(inputs, number).length > 0);
    let at = from;
    /** The jumps from where the count stands to a number. */
    const goTo = (number: number) => {
      const beats = range(at + by, number, by).map(() => [jump(by)]);
      at = number;
      return beats;
    };
    const asked = exchanged.map((number, i): RecipeStep => {
      const before = number - by;
      const beats = [...(i === 0 ? [[start(from)]] : []), ...goTo(before)];
      return step(
        `Before ${say(number)}`,
        `We are at ${say(before)}, and ${say(by)} more come. What will be exchanged?`,
        `${listWords(exchangedAt(inputs, number).map(exchangeWords))}: ${say(before)} + ${say(by)} = ${say(number)}`,
        beats,
      );
    });
    return {
      title: `In ${countedIn(String(by))} with exchanges`,
      views: [view(KINDS["place-value"].starts), view(lineFor([from, landed.at(-1)!]))],
      layout: { run: "above", share: 0.68 },
      count: { by: String(by), from: String(from) },
      steps: [
        ...asked,
        step(
          `On to ${say(landed.at(-1)!)}`,
          `At how many of the ${many(jumps, "jump")} was there an exchange?`,
          exchanged.length === jumps
            ? `At each of them`
            : `At ${say(exchanged.length)}: on the way to ${listWords(exchanged.map(say))}`,
          goTo(landed.at(-1)!),
        ),
      ],
    };
  },
});
