import fc from "fast-check";
import { evaluate } from "mathjs";
import { describe, expect, test } from "vitest";
import { keyOf } from "../number/exact";
import { numberSentence } from "./number-sentence";
import {
  coverJumps,
  isRoute,
  joinJumps,
  jumpBack,
  jumpOn,
  landings,
  numbersSaid,
  splitJump,
  startTrail,
  stopsOf,
  type Trail,
} from "./trail";

const PLAIN = { arrow: null, size: false } as const;

describe("trails", () => {
  test("land on each number as often as they come by; their stops are each of them once", () => {
    const trail = ["2", "2", "-2", "2", "1/2"].reduce((so, by) => jumpOn(so, by), startTrail("0"));
    expect(landings(trail).map(keyOf)).toEqual(["2", "4", "2", "4", "4.5"]);
    expect([...stopsOf(trail).keys()]).toEqual(["2", "4", "4.5"]);
    expect(stopsOf(trail)).toBe(stopsOf(trail));
    expect([...stopsOf(startTrail("7")).keys()]).toEqual([]);
  });

  const jumps = fc.array(
    fc
      .integer({ min: -200, max: 200 })
      .filter((n) => n !== 0)
      .map(String),
    { maxLength: 30 },
  );

  test("a jump and then back is where it was", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -999, max: 999 }).map(String),
        jumps,
        fc.integer({ min: 1, max: 99 }).map(String),
        (start, made, by) => {
          const trail = made.reduce((trail, by) => jumpOn(trail, by), startTrail(start));
          expect(jumpBack(jumpOn(trail, by))).toEqual(trail);
          expect(landings(trail).at(-1)?.toString() ?? start).toBe(trail.end);
        },
      ),
    );
    expect(jumpBack(startTrail("4"))).toEqual(startTrail("4"));
  });

  test("an arrow and a cover stay with their jump, whatever is done to the others", () => {
    type Jump = { by: string; arrow: "up" | null; size: boolean };
    const act = fc.record({
      do: fc.constantFrom("jump", "arrow", "cover", "lift", "split", "join", "back"),
      at: fc.nat(20),
    });
    const asList = ({ jumps, arrows, covers }: Trail): Jump[] =>
      jumps.map((by, i) => ({ by, arrow: (arrows[i] ?? null) as "up" | null, size: !!covers[i]?.size }));
    fc.assert(
      fc.property(fc.array(act, { maxLength: 30 }), (acts) => {
        let trail = startTrail("0");
        // The same, kept in the plainest way: a list of jumps.
        let list: Jump[] = [];
        for (const { do: what, at } of acts) {
          const here = list.length > 0 ? at % list.length : 0;
          const one = list[here];
          if (what === "jump") [trail, list] = [jumpOn(trail, "6"), [...list, { ...PLAIN, by: "6" }]];
          else if (what === "arrow")
            [trail, list] = [jumpOn(trail, "10", "up"), [...list, { ...PLAIN, by: "10", arrow: "up" }]];
          else if (!one) continue;
          else if (what === "back") [trail, list] = [jumpBack(trail), list.slice(0, -1)];
          else if (what === "split") {
            trail = splitJump(trail, here, ["1", String(Number(one.by) - 1)]);
            list = list.toSpliced(
              here,
              1,
              { ...PLAIN, by: "1" },
              { ...PLAIN, by: String(Number(one.by) - 1) },
            );
          } else if (what === "join") {
            trail = joinJumps(trail, here);
            const next = list[here + 1];
            const sum = next && Number(one.by) + Number(next.by);
            if (sum !== undefined)
              list = list.toSpliced(here, 2, ...(sum ? [{ ...PLAIN, by: `${sum}` }] : []));
          } else {
            trail = coverJumps(trail, [here], "size", what === "cover");
            list = list.with(here, { ...one, size: what === "cover" });
          }
          expect(asList(trail)).toEqual(list);
          expect(isRoute(trail)).toBe(list.every(({ arrow }) => arrow !== null));
        }
      }),
    );
  });

  test("numbers said leave out a start that is not on the board", () => {
    const trail = jumpOn(jumpOn(startTrail("0"), "6"), "6");
    expect(numbersSaid(trail, () => false)).toEqual(["6", "12"]);
    expect(numbersSaid(trail, () => true)).toEqual(["0", "6", "12"]);
  });

  test.each([
    ["0", ["6", "6", "6", "6", "6", "6", "6", "6"], "8 × 6 = 48"],
    ["0", ["6"], "1 × 6 = 6"],
    ["4", ["6", "6"], "4 + 6 + 6 = 16"],
    ["4", ["6"], "4 + 6 = 10"],
    ["60", ["-6", "-6"], "60 − 6 − 6 = 48"],
    ["8", ["-3"], "8 − 3 = 5"],
    ["27", ["3", "40"], "27 + 3 + 40 = 70"],
    ["0", ["-2", "-2"], "0 − 2 × 2 = −4"],
    ["0", ["0.1", "0.1", "0.1"], "3 × 0.1 = 0.3"],
    ["0", ["10", "2"], "10 + 2 = 12"],
  ])("from %s by %j the number sentence is %s", (start, made, sentence) => {
    expect(written(made.reduce((trail, by) => jumpOn(trail, by), startTrail(start)))).toBe(sentence);
  });

  test("every number sentence is true, as mathjs works it out", () => {
    fc.assert(
      fc.property(fc.integer({ min: -99, max: 99 }).map(String), jumps, (start, made) => {
        const sentence = written(made.reduce((trail, by) => jumpOn(trail, by), startTrail(start)));
        if (sentence === undefined) {
          expect(made).toEqual([]);
          return;
        }
        const [left, right] = sentence
          .replaceAll("−", "-")
          .replaceAll("×", "*")
          .replaceAll(",", "")
          .split("=");
        expect(evaluate(left!)).toBe(evaluate(right!));
      }),
    );
  });

  const written = (trail: Trail) =>
    numberSentence(trail)
      ?.map((part) => part.text)
      .join(" ");
});
