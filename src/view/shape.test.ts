// @vitest-environment jsdom
import { expect, test } from "vitest";
import { redraw, type Shape } from "./shape";

const ground = (fill: string): Shape => ({ tag: "polygon", attributes: { fill } });
const numeral = (weight: number, text = "48"): Shape => ({
  tag: "text",
  attributes: { "font-weight": weight },
  text,
});

/** A drawing, and what it shows now: fills of grounds, weights of texts. */
function drawing() {
  const at = document.createElementNS("http://www.w3.org/2000/svg", "g");
  const seen = () =>
    [...at.children].map(
      (one) => one.getAttribute("fill") ?? `${one.getAttribute("font-weight")} ${one.textContent}`,
    );
  return { at, seen };
}

test("grounds of several inks are there at once, and only the numeral waits for its weight", () => {
  const { at, seen } = drawing();
  const [plain, one, two] = [
    [numeral(400)],
    [ground("coral"), ground("coral figure"), numeral(700)],
    [ground("coral"), ground("sea"), ground("coral figure"), ground("sea figure"), numeral(700)],
  ];
  redraw(at, [], plain)();
  const finish = redraw(at, plain, one);
  expect(seen()).toEqual(["coral", "coral figure", "400 48"]);
  finish();
  expect(seen()).toEqual(["coral", "coral figure", "700 48"]);
  redraw(at, one, two);
  expect(seen()).toEqual(["coral", "sea", "coral figure", "sea figure", "700 48"]);
});

test("what is covered is gone at once", () => {
  const { at, seen } = drawing();
  const shown = [ground("sea"), numeral(700)];
  redraw(at, [], shown)();
  redraw(at, shown, [ground("cover")]);
  expect(seen()).toEqual(["cover"]);
  redraw(at, [ground("cover")], shown);
  expect(seen()).toEqual(["sea", "700 48"]);
});
