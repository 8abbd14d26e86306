import { renderToStaticMarkup } from "react-dom/server";
import { expect, test } from "vitest";
import { cellState } from "@/core/scene/cell-state";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { FlagFigure, flagBox, isSeen } from "./flag";

const mark: Move = { do: "mark", ink: "sun", numbers: ["54"] };
const too: Move = { do: "mark", ink: "coral", numbers: ["54"] };
const cover: Move = { do: "cover", numbers: ["54"] };
const flag = (...moves: Move[]) => ({
  key: "54",
  state: cellState(fold(EMPTY_SCENE, moves), "54"),
  at: { x: 100, y: 200 },
});
const shapesIn = ({ state, at }: ReturnType<typeof flag>) =>
  renderToStaticMarkup(<FlagFigure state={state} {...at} />).match(/<(circle|polygon|path)/g)?.length ?? 0;

test("the marks of a number without a label are shown over its place, and none of them under a cover", () => {
  expect([flag(mark), flag(mark, too), flag(cover), flag(mark, too, cover)].map(shapesIn)).toEqual([
    1, 2, 0, 0,
  ]);
  expect(flag(mark, cover, { do: "lift", numbers: ["54"] })).toEqual(flag(mark));
});

test("a size keeps off what is shown, and is not moved by what is covered", () => {
  expect([flag(mark), flag(cover), flag(mark, cover)].map(isSeen)).toEqual([true, false, false]);
  expect(flagBox(flag(mark))).toEqual({ left: 94, right: 106, top: 172, bottom: 200 });
  expect(flagBox(flag(mark, too)).top).toBe(159);
});
