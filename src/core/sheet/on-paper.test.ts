import { all, create } from "mathjs";
import { describe, expect, test } from "vitest";
import { fold } from "../scene/fold";
import { EMPTY_SCENE } from "../scene/scene";
import { KINDS } from "../views/kinds";
import type { ViewSettings } from "../views/view";
import { onPaper } from "./on-paper";

// mathjs (mathjs.org), a general-purpose library, checks the answers.
const math = create(all!, { number: "Fraction" });

const solved = (settings: ViewSettings) => fold(EMPTY_SCENE, onPaper(settings, "view").answer);

describe("what a view from the board asks is answered", () => {
  test("problems: each blank makes its sentence true", () => {
    const items = ["8 − 3 = ?", "9 + ? = 15", "? − 7 = 12", "4 × 6 = ?", "24 ÷ ? = 4"];
    const { done } = solved({ ...KINDS.problems.starts, items }).work.view!;
    items.forEach((item, i) => {
      const sentence = item.replace("?", done.get(i)!.says!).replace("=", "==");
      const typed = sentence.replaceAll("−", "-").replaceAll("×", "*").replaceAll("÷", "/");
      expect([item, math.evaluate(typed)]).toEqual([item, true]);
    });
  });

  test("two numbers: the sign between them", () => {
    const sign = (a: string, b: string) => solved({ ...KINDS.compare.starts, a, b }).signs.view;
    expect([sign("0.5", "1/2"), sign("-7", "-3"), sign("2/3", "0.66")]).toEqual(["=", "<", ">"]);
  });

  test("numbers in order, with the signs between them, from either end", () => {
    const numbers = ["264", "3/4", "-20", "0.75"];
    const row = (first: "smallest" | "largest") =>
      solved({ ...KINDS.order.starts, numbers, first, signs: "shown" }).ordered.view!;
    expect(row("smallest")).toMatchObject({ order: [2, 1, 3, 0], signs: ["<", "=", "<"] });
    expect(row("largest")).toMatchObject({ order: [0, 1, 3, 2], signs: [">", "=", ">"] });
  });

  test("pattern cards: the rule of each is told", () => {
    const { cards } = KINDS.cards.starts;
    const { told } = solved(KINDS.cards.starts).sorted.view!;
    expect([...told].sort()).toEqual(cards.map(({ id }) => id).sort());
  });
});

test("upright lines and circles have the height that they need on paper", () => {
  const line = KINDS.line.starts;
  const ratio = (shape: typeof line.shape) => onPaper({ ...line, shape }, "view").ratio;
  expect(ratio("ring")).toBeGreaterThan(3 * ratio("flat"));
  expect(ratio("upright")).toBeGreaterThan(5 * ratio("flat"));
});
