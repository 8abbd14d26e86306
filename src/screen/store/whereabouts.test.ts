import fc from "fast-check";
import { describe, expect, test, vi } from "vitest";
import { landings } from "@/core/count/trail";
import { stepAsked } from "@/core/lesson/board-state";
import { withMain } from "@/core/lesson/edit-views";
import { newBoard, newLesson } from "@/core/lesson/new-lesson";
import { exact, keyOf } from "@/core/number/exact";
import { startingChart } from "@/core/surface/starting-charts";
import { startingLine } from "@/core/surface/starting-lines";
import { cover, openStore, step } from "../../../tests/support/open-store";
import { covered } from "../../../tests/support/seen";
import { lineActionsOf } from "../jumps/line-actions";
import { createBoardStore } from "./board-store";
import { lessonOf } from "./lesson-of";
import { boardStateOf, sceneNow } from "./on-show";
import { type Whereabouts, whereaboutsOf } from "./whereabouts";
import { WhereaboutsKept } from "./whereabouts-kept";

vi.mock("@/kit/messages", () => ({ say: () => {} }));

const SIZES = ["1", "10", "0.5", "1/3", "3/7", "0.000001", "1/9999", "2 1/2", "-4", "999999999999"];
const NUMBERS = ["0", "7", "50", "1/3", "0.125", "-3", "99.999999", "1/999"];
type Doing = ReturnType<typeof doing>;
const lessonOn = (id: string) =>
  newLesson(
    { title: "Jetty", forClass: "" },
    withMain(newBoard("b", "Board", startingChart("1-100")), startingLine(id)),
  );
const doing = (id: string, where: Whereabouts | null = null) => {
  const store = createBoardStore(lessonOn(id), where);
  return { store, lines: lineActionsOf(store), trail: () => sceneNow(store.getState()).trail };
};
const acts: Record<string, (at: Doing, of: number) => void> = {
  start: ({ lines }, of) => lines.startAt(NUMBERS[of % NUMBERS.length]!),
  between: ({ lines, trail }, of) => {
    const from = trail()?.end ?? "0";
    lines.jumpBetween(from, NUMBERS[of % NUMBERS.length]!);
  },
  jump: ({ store, lines }, of) => {
    store.getState().setJump({ by: SIZES[of % SIZES.length]!, times: 1 + (of % 7) });
    lines.jumpSet(of % 2 === 0 ? 1 : -1);
  },
  target: ({ store, lines }, of) => {
    const way = (["gathered", "singles", "fewest", "one", "over-and-back"] as const)[of % 5]!;
    store.getState().setJump({ target: NUMBERS[of % NUMBERS.length]!, way });
    lines.goToTarget();
  },
  split: ({ lines, trail }, of) => {
    const jumps = trail()?.jumps ?? [];
    if (jumps.length === 0) return;
    const index = of % jumps.length;
    const parts = 2 + (of % 2);
    lines.splitJump(index, Array<string>(parts).fill(keyOf(exact(jumps[index]!).div(parts))));
  },
  join: ({ lines, trail }, of) => {
    if ((trail()?.jumps.length ?? 0) > 1) lines.joinJump(of % (trail()!.jumps.length - 1));
  },
  mark: ({ store, trail }, of) => {
    const stops = trail() ? landings(trail()!) : [];
    const number = stops.length > 0 ? keyOf(stops[of % stops.length]!) : "5";
    store.getState().beginSweep(number, 1);
    store.getState().endSweep(1);
  },
  count: ({ store }, of) => store.getState()[of % 3 === 0 ? "oneBack" : "oneOn"](),
  aside: ({ lines }) => lines.setAside(),
  back: ({ store }) => store.getState().takeBack(),
};

describe("where a teacher was", () => {
  test("can be kept whatever was done with jumps, and is the same when it is read again", () => {
    const act = fc.tuple(fc.constantFrom(...Object.keys(acts)), fc.nat({ max: 99 }));
    fc.assert(
      fc.property(
        fc.constantFrom("0-100", "quarters", "tenths", "-10-10", "ring", "open"),
        fc.array(act, { maxLength: 40 }),
        (id, done) => {
          const at = doing(id);
          for (const [what, of] of done) acts[what]!(at, of);
          const where = JSON.parse(JSON.stringify(whereaboutsOf(at.store.getState())));
          const read = WhereaboutsKept.safeParse(where);
          expect(read.error?.issues ?? []).toEqual([]);
          expect(read.data).toEqual(where);
        },
      ),
      { numRuns: 300 },
    );
  });

  test("lets the same be taken back, one act after the other, as before the reload", () => {
    const act = fc.tuple(fc.constantFrom(...Object.keys(acts)), fc.nat({ max: 99 }));
    const liveOf = ({ store }: Doing) => store.getState().boards[0]!.present.live[0] ?? [];
    fc.assert(
      fc.property(fc.array(act, { maxLength: 25 }), (done) => {
        const before = doing("0-100");
        for (const [what, of] of done) acts[what]!(before, of);
        const after = doing("0-100", whereaboutsOf(before.store.getState()));
        for (let left = liveOf(after).length; left > 0; left -= 1) {
          expect(liveOf(after)).toHaveLength(left);
          for (const { store } of [before, after]) store.getState().takeBack();
          expect(liveOf(after)).toEqual(liveOf(before));
          expect(sceneNow(after.store.getState())).toEqual(sceneNow(before.store.getState()));
        }
        expect(after.store.getState().boards[0]!.past).toEqual([]);
      }),
      { numRuns: 100 },
    );
  });

  test("a question that stood before its moves stands again", () => {
    const { store } = openStore({ ...step("one", cover("54")), asks: "first" });
    store.getState().climb();
    const kept = WhereaboutsKept.parse(JSON.parse(JSON.stringify(whereaboutsOf(store.getState()))));
    const again = createBoardStore(lessonOf(store.getState()), kept);
    expect([stepAsked(boardStateOf(again.getState()))?.id, covered(sceneNow(again.getState()))]).toEqual([
      "one",
      [],
    ]);
  });
});
