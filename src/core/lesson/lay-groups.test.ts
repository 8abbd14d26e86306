import fc from "fast-check";
import { expect, test } from "vitest";
import { landings } from "../count/trail";
import { keyOf } from "../number/exact";
import { fold } from "../scene/fold";
import { groupedOf } from "../scene/grouped";
import { EMPTY_SCENE, numbersWith, type Scene } from "../scene/scene";
import { startingChart } from "../surface/starting-charts";
import { KINDS } from "../views/kinds";
import type { ViewOf } from "../views/view";
import { addView } from "./edit-views";
import { lastCovered, layCounters } from "./lay-groups";
import { newBoard } from "./new-lesson";

const view = (groups: number, each: number): ViewOf<"groups"> => ({
  ...KINDS.groups.starts,
  id: "groups",
  groups,
  each,
});
const onChart = newBoard("b", "Board", startingChart("1-100"));
const onStrip = addView({ ...onChart, views: [] }, KINDS.strip.starts);
const counters = (scene: Scene) =>
  numbersWith(
    scene,
    "counter",
    Array.from({ length: 130 }, (_, i) => String(i)),
  );

test("five groups of four: 4, 8, 12, 16, 20, and 20 is the last number covered", () => {
  const five = view(5, 4);
  const scene = fold(EMPTY_SCENE, layCounters(onChart, EMPTY_SCENE, five, 20).flat());
  expect(landings(scene.trail!).map(keyOf)).toEqual(["4", "8", "12", "16", "20"]);
  expect(counters(scene)).toEqual(Array.from({ length: 20 }, (_, i) => String(i + 1)));
  expect(lastCovered(onChart, scene, five)).toBe("20");
  expect(scene.focus).toBe("20");
});

test("counters lie on the first numbers, each complete group is a jump, and taking them goes all the way back", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 8 }),
      fc.integer({ min: 1, max: 12 }),
      fc.array(fc.integer({ min: -20, max: 20 }), { minLength: 1, maxLength: 6 }),
      fc.constantFrom(onChart, onStrip),
      (groups, each, counts, board) => {
        const of = view(groups, each);
        let scene = EMPTY_SCENE;
        for (const count of counts) scene = fold(scene, layCounters(board, scene, of, count).flat());
        const { laid } = groupedOf(scene, of);
        expect(counters(scene)).toEqual(Array.from({ length: laid }, (_, i) => String(i + 1)));
        expect(scene.trail?.jumps.length ?? 0).toBe(Math.floor(laid / each));
        if (scene.trail) expect(scene.trail.end).toBe(String(Math.floor(laid / each) * each));
        const back = fold(scene, layCounters(board, scene, of, -200).flat());
        expect([counters(back), back.trail]).toEqual([[], null]);
      },
    ),
  );
});

test("a strip that begins with 0 has no counter on it, and a chart counts from its own first number", () => {
  expect(KINDS.strip.starts.from).toBe("0");
  const strip = fold(EMPTY_SCENE, layCounters(onStrip, EMPTY_SCENE, view(1, 6), 6).flat());
  expect(counters(strip)[0]).toBe("1");
  const board = newBoard("b", "Board", startingChart("101-200"));
  const chart = fold(EMPTY_SCENE, layCounters(board, EMPTY_SCENE, view(2, 3), 6).flat());
  expect([chart.trail?.start, chart.trail?.end]).toEqual(["100", "106"]);
});

test("a trail that went elsewhere meanwhile is not taken back with the counters", () => {
  const of = view(3, 4);
  let scene = fold(EMPTY_SCENE, layCounters(onChart, EMPTY_SCENE, of, 8).flat());
  scene = fold(scene, [
    { do: "start", number: "50" },
    { do: "jump", by: "5" },
  ]);
  const taken = fold(scene, layCounters(onChart, scene, of, -4).flat());
  expect([taken.trail?.end, counters(taken).length]).toEqual(["55", 4]);
  const more = fold(scene, layCounters(onChart, scene, of, 4).flat());
  expect([more.trail?.start, more.trail?.end]).toEqual(["8", "12"]);
});

test("where there is no room, no more are laid", () => {
  expect(layCounters(onChart, EMPTY_SCENE, view(2, 60), 200)).toHaveLength(100);
  expect(layCounters(onChart, EMPTY_SCENE, view(3, 5), 200)).toHaveLength(15);
});
