import { describe, expect, test } from "vitest";
import { fold } from "@/core/scene/fold";
import { lineMarks } from "@/core/scene/line-marks";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { ALL } from "@/core/set/rule";
import { type LineSettings, plainLine, wholeSpan } from "@/core/surface/line";
import { layOutLine } from "./line-layout";

const ROOM = { width: 1200, height: 320 };
const lay = (line: LineSettings, ...moves: Move[]) => {
  const span = wholeSpan(line);
  return layOutLine(line, span, lineMarks(line, span, fold(EMPTY_SCENE, moves)), ROOM, false);
};
const cover = (numbers: string[] | typeof ALL): Move => ({ do: "cover", numbers });
const sizes = (line: LineSettings, ...moves: Move[]) =>
  new Set(lay(line, ...moves).labels.map(({ width, height }) => `${width} × ${height}`));

describe("the covers of a line", () => {
  test.each([
    ["to 100", plainLine("0", "100", "10", 10)],
    ["across the thousand", plainLine("900", "1100", "50", 5)],
    ["with many labels", plainLine("0", "40", "1", 1)],
    ["below zero", plainLine("-5", "5", "1", 2)],
    ["in quarters", plainLine("0", "2", "0.25", 1, { numbers: "mixed" })],
    ["upright", plainLine("0", "100", "10", 10, { shape: "upright" })],
  ])("are all of one size: %s", (_, line) => {
    expect(sizes(line, cover(ALL)).size).toBe(1);
  });

  test("are as large over a short number as over a long one, and lie on no other", () => {
    const line = plainLine("0", "100", "10", 10);
    const { labels } = lay(line, cover(["10", "100"]));
    const [ten, hundred] = ["10", "100"].map((key) => labels.find((label) => label.key === key)!);
    expect(ten!.width).toBe(hundred!.width);
    for (const label of labels)
      for (const other of labels)
        if (other !== label)
          expect(Math.abs(other.x - label.x)).toBeGreaterThanOrEqual((other.width + label.width) / 2);
  });

  test("leave the other labels, and what is written by hand, as they are", () => {
    const line = plainLine("0", "100", "10", 10);
    const bare = lay(line).labels;
    const { labels } = lay(line, cover(["20", "30"]), { do: "write", number: "30", says: "30" });
    for (const { key, width } of labels)
      if (key !== "20") expect([key, width]).toEqual([key, bare.find((one) => one.key === key)!.width]);
  });
});
