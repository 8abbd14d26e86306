import { expect, test } from "vitest";
import { KINDS } from "../views/kinds";
import { isCoveredPart } from "./covered-part";
import { fold } from "./fold";
import { opened, revealed } from "./revealed";
import { EMPTY_SCENE, isCoveredAt } from "./scene";

test("nothing of a view that was covered in whatever way is covered any longer", () => {
  const scene = fold(EMPTY_SCENE, [
    { do: "start", number: "0" },
    { do: "jump", by: "6" },
    { do: "cover-jump", jumps: [0], part: "size" },
    { do: "set-aside", ink: "kelp" },
    { do: "start", number: "0" },
    { do: "jump", by: "4" },
    { do: "cover-jump", jumps: [0], part: "size" },
    { do: "cover", numbers: ["4", "6"] },
    { do: "cover-part", view: "one", part: "in-all", on: true },
    { do: "turn-group", view: "one", group: 1, on: true },
    { do: "cover-far", view: "one", on: true },
    { do: "ask", number: "7", as: "place" },
  ]);
  const all = revealed(scene, "one");
  expect(isCoveredAt(scene, "4")).toBe(true);
  expect(["4", "6"].filter((number) => isCoveredAt(all, number))).toEqual([]);
  expect([all.trail!.covers, all.aside!.trail.covers]).toEqual([[], []]);
  expect(isCoveredPart(all, "one", "in-all", true)).toBe(false);
  expect([all.grouped.one!.turned, all.farCovered, all.asked]).toEqual([[], [], null]);
});

test("a view has nothing covered from the start", () => {
  expect(opened({ ...KINDS.groups.starts, counters: "covered", size: "covered" })).toMatchObject({
    counters: "shown",
    size: "shown",
    all: "shown",
  });
});
