import { describe, expect, test } from "vitest";
import { fold } from "../scene/fold";
import type { Move } from "../scene/move";
import { EMPTY_SCENE } from "../scene/scene";
import { ALL } from "../set/rule";
import { HUNDRED_CHART } from "../surface/chart";
import { type Heard, heardBetween } from "./heard";
import { newBoard } from "./new-lesson";

const board = {
  ...newBoard("lamps", "Lamps", HUNDRED_CHART),
  stair: [{ id: "one", title: "Start", question: "Which lamp comes next?", answer: "12", beats: [] }],
};
const then = (from: Heard, ...moves: Move[]): Heard => ({ ...from, scene: fold(from.scene, moves) });
const still: Heard = { board, climbed: 0, asking: false, scene: EMPTY_SCENE };

describe("what happens on a board is heard", () => {
  test("a question that stands before its moves is announced once", () => {
    const asking = { ...still, asking: true };
    expect(heardBetween(still, asking)).toBe("Step 1 of 1. Which lamp comes next?");
    const climbed = then({ ...still, climbed: 1 }, { do: "mark", ink: "sun", numbers: ["12"] });
    expect(heardBetween(asking, climbed)).toBe("12 marked in sun.");
    expect(heardBetween(asking, still)).toBe("Start of the board.");
  });

  test("a step with its question, and the way down", () => {
    const up = { ...still, climbed: 1 };
    expect(heardBetween(still, up)).toBe("Step 1 of 1. Which lamp comes next?");
    expect(heardBetween(up, still)).toBe("Start of the board.");
  });

  test("each number that a count comes to", () => {
    const started = then(still, { do: "start", number: "6" });
    expect(heardBetween(still, started)).toBe("6.");
    const counted = then(started, { do: "jump", by: "6" });
    expect(heardBetween(started, counted)).toBe("12.");
    // Taken back, it is at the number before.
    expect(heardBetween(counted, started)).toBe("6.");
    expect(heardBetween(counted, then(counted, { do: "clear-trail" }))).toBe("The count is cleared.");
  });

  test("a count in silence is not told where it stands", () => {
    const started = then(still, { do: "start", number: "6" });
    const hushed = then(started, { do: "jump", by: "6" });
    const scene = { ...hushed.scene, focus: "12" as const, hushed: true };
    expect(heardBetween(started, { ...hushed, scene })).not.toContain("12");
  });

  test("marks by their numbers and ink, many by how many; taken back the other way round", () => {
    const marked = then(still, { do: "mark", ink: "sun", numbers: ["6", "12", "18"] });
    expect(heardBetween(still, marked)).toBe("6, 12 and 18 marked in sun.");
    expect(heardBetween(marked, still)).toBe("6, 12 and 18 no longer marked in sun.");
    const many = then(still, { do: "mark", ink: "sea", numbers: ALL });
    expect(heardBetween(still, many)).toBe("100 numbers marked in sea.");
  });

  test("what is covered is never named; what is shown again is", () => {
    const covered = then(still, { do: "cover", numbers: ["24", "37"] });
    expect(heardBetween(still, covered)).toBe("2 numbers covered.");
    const marked = then(covered, { do: "mark", ink: "kelp", numbers: ["24"] });
    expect(heardBetween(covered, marked)).toBe("");
    expect(heardBetween(marked, then(marked, { do: "lift", numbers: ["37"] }))).toBe("37 shown.");
  });

  test("nothing, where nothing happened", () => {
    expect(heardBetween(still, still)).toBe("");
  });
});
