import { expect, test } from "vitest";
import { NEW_COUNT } from "../count/count-settings";
import { fold } from "../scene/fold";
import type { Move } from "../scene/move";
import { EMPTY_SCENE, inksAt, isCoveredAt } from "../scene/scene";
import { inksOf } from "../set/ink";
import { SHEET_KINDS } from "../sheet/kinds";
import { MAX_BROUGHT } from "../sheet/kinds/view";
import { makeCopy, newSheet, type PartSettings, SHEET_KIND_NAMES } from "../sheet/sheet";
import { HUNDRED_CHART } from "../surface/chart";
import { KINDS } from "../views/kinds";
import type { View } from "../views/view";
import { newBoard } from "./new-lesson";
import { boardAsOnPaper, partOfView, viewOnPaper } from "./sheet-from-board";

const chart = (more: object = {}) => ({ ...HUNDRED_CHART, id: "chart", ...more }) as View;
const sheetOf = (...parts: PartSettings[]) => {
  const [first, ...rest] = parts.map((of, i) => ({ id: `p${i}`, instruction: "", of }));
  const sheet = newSheet("s", "Posts", 5, first!);
  return { ...sheet, parts: [first!, ...rest] };
};
const stateWith = (view: View, live: Move[]) => ({
  board: { ...newBoard("b", "Posts", HUNDRED_CHART), views: [view] },
  climbed: 0,
  // All in one act of one beat, before the first step.
  live: [[[live]]],
});
const sceneOn = (of: PartSettings) => {
  const sheet = sheetOf(of);
  return fold(EMPTY_SCENE, viewOnPaper(sheet, sheet.parts[0]!)!.question);
};

test("what was covered first stays covered on paper, however much was done after it", () => {
  const tapped = Array.from({ length: MAX_BROUGHT - 1 }, (): Move => ({ do: "focus", number: "5" }));
  const covered: Move = { do: "cover", numbers: ["24"] };
  const part = partOfView(stateWith(chart(), [covered, ...tapped]), chart());
  expect(isCoveredAt(sceneOn(part!), "24")).toBe(true);
  // What cannot be kept whole is not kept at all.
  expect(partOfView(stateWith(chart(), [covered, ...tapped, covered]), chart())).toBeNull();
});

test("a view that keeps its own brings its own marks, and not those of the board", () => {
  const own = chart({ own: true });
  const part = partOfView(
    stateWith(own, [
      { do: "mark", ink: "sun", numbers: ["7"] },
      { do: "within", view: own.id, moves: [{ do: "mark", ink: "sea", numbers: ["8"] }] },
    ]),
    own,
  )!;
  expect(inksOf(inksAt(sceneOn(part), "8"))).toEqual(["sea"]);
  expect(inksOf(inksAt(sceneOn(part), "7"))).toEqual([]);
});

test("a view brings what it reads from: the count of its board, and the views with its numbers", () => {
  const stops = { ...KINDS.stops.starts, id: "stops" } as View;
  const board = {
    ...newBoard("b", "Posts", HUNDRED_CHART),
    views: [chart(), stops],
    count: { ...NEW_COUNT, by: "7" },
  };
  const part = partOfView({ board, climbed: 0, live: [] }, stops)!;
  expect(part).toMatchObject({ count: { by: "7", from: "0", way: "forwards" }, beside: [{ id: "chart" }] });
  const sheet = sheetOf(part);
  const shown = boardAsOnPaper(sheet, sheet.parts[0]!, "c")!;
  expect(shown.views.map(({ id }) => id)).toEqual(["view", "chart"]);
  expect(fold(EMPTY_SCENE, shown.opening).hidden).toEqual(["chart"]);
  expect(shown.count.by).toBe("7");
});

test("a board shows each part as the first copy of its sheet has it", () => {
  const sheet = sheetOf(...SHEET_KIND_NAMES.slice(0, 8).map((kind) => SHEET_KINDS[kind].starts));
  const copy = makeCopy(sheet, 0);
  for (const [at, part] of sheet.parts.entries()) {
    const board = boardAsOnPaper(sheet, part, "b");
    const first = copy[at]!.tasks.find((task) => task.view)?.view;
    expect(board === null, part.of.kind).toBe(first === undefined);
    if (board) expect(board.opening).toEqual(first!.question);
  }
});
