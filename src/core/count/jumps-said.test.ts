import { expect, test } from "vitest";
import { showNumber } from "../number/show-number";
import { jumpsSaid } from "./jumps-said";
import { coverJumps, jumpOn, startTrail, type Trail } from "./trail";

const trail = (start: string, ...jumps: string[]): Trail =>
  jumps.reduce((so, by) => jumpOn(so, by), startTrail(start));
const none = () => false;

test("jumps are read from where to where, and how far", () => {
  expect(jumpsSaid(trail("276", "4", "20", "200"), showNumber, none)).toEqual([
    "from 276 to 280, plus 4",
    "from 280 to 300, plus 20",
    "from 300 to 500, plus 200",
  ]);
  expect(jumpsSaid(trail("52", "-20"), showNumber, none)).toEqual(["from 52 to 32, minus 20"]);
});

test("what is covered is called so: a number, a size, a whole jump", () => {
  const of = trail("276", "4", "20");
  expect(jumpsSaid(of, showNumber, (number) => number === "280")).toEqual([
    "from 276 to covered, plus 4",
    "from covered to 300, plus 20",
  ]);
  expect(jumpsSaid(coverJumps(of, [0], "size", true), showNumber, none)[0]).toBe("from 276 to 280, covered");
  expect(jumpsSaid(coverJumps(of, [1], "arc", true), showNumber, none)[1]).toBe("a covered jump");
});

test("of very many the last ones are read, and how many came before", () => {
  const said = jumpsSaid(trail("0", ...Array.from({ length: 100 }, () => "2")), showNumber, none);
  expect(said[0]).toBe("60 jumps before these");
  expect(said.at(-1)).toBe("from 198 to 200, plus 2");
  expect(said).toHaveLength(41);
});
