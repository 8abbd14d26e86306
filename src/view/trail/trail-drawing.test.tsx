// @vitest-environment jsdom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, test } from "vitest";
import { newBoard } from "@/core/lesson/new-lesson";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { plainChart } from "@/core/surface/chart";
import { KINDS } from "@/core/views/kinds";
import { ORDINARY } from "../drawing";
import { TrailDrawing } from "./trail-drawing";

afterEach(cleanup);

const sixes = (jumps: number): Move[] => [
  { do: "start", number: "0" },
  ...Array.from({ length: jumps }, (): Move => ({ do: "jump", by: "6" })),
];
// The board holds what is counted, and not the 0 from which it is counted.
const BOARD = newBoard("board", "Board", plainChart("1", "1", 10, { by: "last", last: "1000" }));
const show = (moves: Move[], settings = KINDS.trail.starts, board = BOARD, height = 500, width = 300) =>
  render(
    <TrailDrawing
      view={{ ...settings, id: "trail" }}
      board={board}
      scene={fold(EMPTY_SCENE, moves)}
      size={{ width, height }}
      theme={ORDINARY}
    />,
  );
const part = (name: string) =>
  document.querySelector(`[data-part=${name}]`)?.textContent?.replace(/\s+/g, " ");

describe("the panel beside the chart", () => {
  test("invites to count while there is no trail", () => {
    show([]);
    expect(screen.getByText("Counting in 2s from 0.")).toBeTruthy();
  });

  test("waits for the route where there are arrows to follow", () => {
    const arrows = { ...KINDS.arrows.starts, id: "arrows" } as const;
    show([], KINDS.trail.starts, { ...BOARD, views: [...BOARD.views, arrows] });
    expect(document.body.textContent).toBe("The route goes here.");
  });

  test("reads the trail: number sentence, numbers so far, ones digits in rows", () => {
    show(sixes(8));
    expect(screen.getByText("8 jumps so far")).toBeTruthy();
    expect(part("sentence")).toBe("8 × 6 = 48");
    expect(part("numbers")).toBe("6, 12, 18, 24, 30, 36, 42, 48, ?");
    expect(part("ones")).toBe("62840628");
  });

  test("what is covered on the board is covered here, in every part", () => {
    show([...sixes(8), { do: "cover", numbers: ["48"] }]);
    expect(document.body.textContent).not.toContain("48");
    expect(part("ones")).toBe("6284062");
    expect(screen.getAllByRole("img", { name: "covered" })).toHaveLength(3);
  });

  test("shows only the parts that are wanted", () => {
    show(sixes(2), { ...KINDS.trail.starts, sentence: false, ones: false });
    expect([part("sentence"), part("numbers"), part("ones")]).toEqual([undefined, "6, 12, ?", undefined]);
  });

  test("a long count shows its latest numbers", () => {
    show(sixes(100), KINDS.trail.starts, BOARD, 900);
    expect(part("numbers")).toMatch(/^… 366, .* 600, \?$/);
    expect(part("ones")).toMatch(/^…/);
  });

  test("alone in a room too low for its title above it the sentence has the height for itself", () => {
    const alone = { ...KINDS.trail.starts, numbers: false, ones: false };
    const sized = (height: number, width: number) => {
      cleanup();
      show(sixes(8), alone, BOARD, height, width);
      const sentence = document.querySelector<HTMLElement>("[data-part=sentence]")!;
      return {
        isRow: sentence.parentElement!.matches(".flex"),
        size: Number.parseFloat(sentence.style.fontSize),
      };
    };
    expect(sized(300, 748)).toEqual({ isRow: false, size: 43.2 });
    expect(sized(56, 748).isRow).toBe(true);
    expect(sized(40, 748)).toEqual({ isRow: true, size: 32 });
    // Where both have no room beside each other either, its title is only heard.
    expect(sized(56, 300)).toEqual({ isRow: false, size: 43.2 });
    expect(screen.getByText("8 jumps so far").className).toContain("sr-only");
  });

  test("in a wide and low room its parts stand beside each other, and those that are not there leave no room", () => {
    const columns = (settings: typeof KINDS.trail.starts, height = 208) => {
      cleanup();
      const { container } = show(sixes(14), settings, BOARD, height, 748);
      return (container.firstElementChild as HTMLElement).style.gridTemplateColumns;
    };
    const three = KINDS.trail.starts;
    expect(columns(three)).toBe("repeat(3, minmax(0, 1fr))");
    // Below each other they would have been 290 px high: these are all in sight.
    expect(part("sentence")).toBe("14 × 6 = 84");
    expect(part("numbers")).toMatch(/^6, 12, .* 78, 84, \?$/);
    expect(part("ones")).toBeDefined();
    cleanup();
    // Ten digits that come again have a row of their own: 225 px for the ten of them.
    show([{ do: "start", number: "0" }, ...Array(12).fill({ do: "jump", by: "9" })], three, BOARD, 208, 748);
    const ones = document.querySelector<HTMLElement>("[data-part=ones]")!;
    expect(Number.parseFloat(ones.style.fontSize)).toBeLessThan(748 / 3 / 10 / 0.75);
    expect(columns({ ...three, ones: false })).toBe("repeat(2, minmax(0, 1fr))");
    expect(columns({ ...three, sentence: false, ones: false })).toBe("");
    expect(columns(three, 500)).toBe("");
    expect(columns({ ...three, sentence: false })).toBe("repeat(2, minmax(0, 1fr))");
    expect(part("sentence")).toBeUndefined();
  });

  test("in little room it shows fewer of them, and the ones digits where they have room", () => {
    show(sixes(100));
    expect(part("numbers")).toMatch(/^… 522, .* 600, \?$/);
    expect(part("ones")).toMatch(/^…/);
    cleanup();
    show(sixes(100), KINDS.trail.starts, BOARD, 220);
    expect(part("numbers")).toMatch(/ 594, 600, \?$/);
    expect(part("ones")).toBeUndefined();
  });
});
