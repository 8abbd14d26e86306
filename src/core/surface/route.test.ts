import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { isCount } from "../count/count";
import { NEW_COUNT } from "../count/count-settings";
import { numberSentence } from "../count/number-sentence";
import type { Arrow } from "../count/route";
import { isRoute, jumpBack, jumpOn, startTrail, type Trail } from "../count/trail";
import { exact, keyOf } from "../number/exact";
import { ARROW_CARDS, cardsFrom, drawCard } from "../puzzle/arrow-cards";
import { randomOf } from "../puzzle/draw";
import { fold } from "../scene/fold";
import { EMPTY_SCENE } from "../scene/scene";
import { type ChartSettings, chartNumbers, plainChart } from "./chart";
import { moveByArrow, routeOf } from "./route";
import { SIDES } from "./sides";
import { startingChart } from "./starting-charts";

const hundred = startingChart("1-100");
const up: ChartSettings = { ...hundred, climb: "up" };

/** The trail that arrows make, as far as the chart goes. */
function follow(chart: ChartSettings, start: string, arrows: readonly Arrow[]): Trail {
  return arrows.reduce((trail, arrow) => {
    const move = moveByArrow(chart, trail.end, arrow);
    return move.ok ? jumpOn(trail, move.by, arrow) : trail;
  }, startTrail(start));
}
const sentence = (trail: Trail) =>
  numberSentence(trail)
    ?.map(({ text }) => text)
    .join(" ");
const arrows = fc.array(fc.constantFrom(...SIDES), { minLength: 1, maxLength: 20 });
const card = (text: string) =>
  [...text].map((sign) => ({ u: "up", d: "down", l: "left", r: "right" })[sign] as Arrow);

describe("arrow moves", () => {
  // Worked examples of the task: three up and two right from 63.
  test("63, three up, two right: on a chart growing down the page 35, on one growing up 95", () => {
    expect(sentence(follow(hundred, "63", card("uuurr")))).toBe("63 − 30 + 2 = 35");
    expect(sentence(follow(up, "63", card("uuurr")))).toBe("63 + 30 + 2 = 95");
    expect(sentence(follow(hundred, "63", card("ruruu")))).toBe("63 − 30 + 2 = 35");
    expect(sentence(follow(hundred, "63", card("uuu")))).toBe("63 − 30 = 33");
    expect(sentence(follow(hundred, "63", card("lr")))).toBe("63 = 63");
    expect(sentence(follow(hundred, "0", card("d")))).toBeUndefined();
  });

  test("leaving the chart is caught and said", () => {
    expect(moveByArrow(hundred, "5", "up")).toEqual({
      ok: false,
      message: "The chart ends here: nothing stands above 5.",
    });
    expect(moveByArrow(hundred, "40", "right")).toMatchObject({ ok: false });
    expect(moveByArrow(hundred, "100", "down")).toMatchObject({ ok: false });
    expect(moveByArrow(hundred, "1", "left")).toMatchObject({ ok: false });
    expect(routeOf(hundred, "15", card("uuu"))).toEqual(["5"]);
  });

  test("the sentence is true, and the way back leads home, on charts of every kind", () => {
    const chart = fc.constantFrom<ChartSettings>(
      hundred,
      up,
      startingChart("tenths"),
      startingChart("-50-49"),
      { ...hundred, reads: "back-and-forth" },
      { ...plainChart("0", "1/4", 7, { by: "last", last: "20" }), run: "down" },
    );
    const back = { up: "down", down: "up", left: "right", right: "left" } as const;
    fc.assert(
      fc.property(chart, fc.nat(), arrows, (over, seed, way) => {
        const numbers = chartNumbers(over);
        const start = numbers[seed % numbers.length]!;
        const trail = follow(over, start, way);
        expect(isRoute(trail)).toBe(true);
        const parts = numberSentence(trail);
        if (parts) {
          const texts = parts.map(({ text }) => text.replace("−", "-"));
          const equals = texts.indexOf("=");
          let sum = exact(texts[0]!);
          for (let i = 1; i < equals; i += 2) {
            const term = exact(texts[i + 1]!);
            sum = texts[i] === "-" ? sum.sub(term) : sum.add(term);
          }
          expect(keyOf(sum)).toBe(trail.end);
        }
        const home = trail.arrows.toReversed().map((arrow) => back[arrow!]);
        expect(follow(over, trail.end, home).end).toBe(start);
      }),
    );
  });

  test("a route of tens down a hundred chart is no count in tens", () => {
    const route = follow(hundred, "10", card("dd"));
    expect(isCount(route, { ...NEW_COUNT, by: "10", from: "10" })).toBe(false);
    expect(jumpBack(route)).toMatchObject({ end: "20", arrows: ["down"] });
    expect(isRoute(jumpOn(route, "10"))).toBe(false);
  });

  test("the row of tiles lies on the board until it is cleared", () => {
    const laid = fold(EMPTY_SCENE, [{ do: "lay", arrows: card("uur") }]);
    expect(laid.tiles).toEqual(["up", "up", "right"]);
    expect(fold(laid, [{ do: "lay", arrows: [] }]).tiles).toEqual([]);
  });
});

describe("arrow cards", () => {
  test("are all different, and short enough for a row", () => {
    expect(new Set(ARROW_CARDS.map((one) => one.join())).size).toBe(ARROW_CARDS.length);
    for (const one of ARROW_CARDS) expect(one.length).toBeLessThanOrEqual(6);
  });

  test("a drawn card stays on the chart, from every number", () => {
    for (const number of chartNumbers(hundred)) {
      const drawn = drawCard(hundred, number, randomOf(Number(number)))!;
      expect(routeOf(hundred, number, drawn)).toHaveLength(drawn.length);
      expect(cardsFrom(hundred, number)).toContain(drawn);
    }
    expect(drawCard(plainChart("1", "1", 1, { by: "rows", rows: 1 }), "1", randomOf(1))).toBeNull();
  });
});
