// @vitest-environment jsdom
import { cleanup, fireEvent, act as flush, render, screen, within } from "@testing-library/react";
import fc from "fast-check";
import { afterEach, beforeAll, beforeEach, describe, expect, test, vi } from "vitest";
import { createStore } from "zustand/vanilla";
import { newBoard } from "@/core/lesson/new-lesson";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE, type Scene } from "@/core/scene/scene";
import { INKS } from "@/core/set/ink";
import { plainChart } from "@/core/surface/chart";
import { startingChart } from "@/core/surface/starting-charts";
import { ORDINARY } from "../drawing";
import { type SceneSource, still } from "../scene/scene-source";
import { Chart } from "./chart";
import { ChartDrawing } from "./chart-drawing";
import { cellUnder, layOutChart } from "./chart-layout";

const drawn = vi.hoisted(() => ({ cells: 0, lines: 0 }));
vi.mock("./face-shapes", async (original) => {
  const { faceShapes, ...rest } = await original<typeof import("./face-shapes")>();
  return {
    ...rest,
    faceShapes: (...face: Parameters<typeof faceShapes>) => {
      drawn.cells += 1;
      return faceShapes(...face);
    },
  };
});
vi.mock("@/kit/after-frame", () => ({ afterFrame: (then: () => void) => then() }));
vi.mock("./chart-lines", async (original) => ({
  ...(await original<typeof import("./chart-lines")>()),
  ChartLines: () => {
    drawn.lines += 1;
    return null;
  },
}));

beforeAll(() => {
  vi.stubGlobal(
    "ResizeObserver",
    class {
      observe() {}
      disconnect() {}
    },
  );
  Element.prototype.setPointerCapture = () => {};
});
beforeEach(() => Object.assign(drawn, { cells: 0, lines: 0 }));
afterEach(cleanup);

function live() {
  const store = createStore<{ scene: Scene }>()(() => ({ scene: EMPTY_SCENE }));
  const source: SceneSource = { read: () => store.getState().scene, subscribe: store.subscribe };
  const make = (...moves: Move[]) =>
    flush(() => store.setState(({ scene }) => ({ scene: fold(scene, moves) })));
  return { source, make };
}

// By its label, not its role: computing the roles of a whole chart takes jsdom a second.
const cell = (name: string) => screen.getByLabelText(name);

describe("the chart", () => {
  test("is a grid with rows, places and names", () => {
    const { source, make } = live();
    render(<Chart settings={startingChart("1-100")} source={source} strong={false} />);
    const grid = screen.getByRole("grid", { name: "Chart from 1 to 100" });
    expect(within(grid).getAllByRole("row")).toHaveLength(10);
    expect(within(grid).getAllByRole("gridcell")).toHaveLength(100);
    make({ do: "mark", ink: "sun", numbers: ["48", "12"] }, { do: "mark", ink: "sea", numbers: ["12"] });
    expect(cell("48, sun mark").getAttribute("aria-colindex")).toBe("8");
    expect(cell("48, sun mark").closest("[role=row]")?.getAttribute("aria-rowindex")).toBe("5");
    expect(cell("12, sun and sea marks")).toBeTruthy();
  });

  test("one touch redraws the place it changes, not the chart", () => {
    const { source, make } = live();
    render(
      <Chart settings={plainChart("1", "1", 30, { by: "rows", rows: 40 })} source={source} strong={false} />,
    );
    expect(drawn).toEqual({ cells: 1200, lines: 1 });
    make({ do: "mark", ink: "sun", numbers: ["48"] });
    expect(drawn).toEqual({ cells: 1201, lines: 1 });
    make({ do: "focus", number: "54" });
    expect(drawn).toEqual({ cells: 1201, lines: 1 });
    make({ do: "start", number: "0" });
    expect(drawn).toEqual({ cells: 1201, lines: 1 });
    make({ do: "cover", numbers: ["54", "55"] });
    expect(drawn).toEqual({ cells: 1203, lines: 1 });
  });

  test("places that draw themselves anew show what a chart drawn afresh shows", () => {
    const number = fc.integer({ min: 1, max: 20 }).map(String);
    const numbers = fc.uniqueArray(number, { minLength: 1, maxLength: 4 });
    const move = fc.oneof<fc.Arbitrary<Move>[]>(
      fc.record({ do: fc.constantFrom("mark", "unmark"), ink: fc.constantFrom(...INKS), numbers }),
      fc.record({ do: fc.constantFrom("cover", "lift", "stand-out", "stand-back"), numbers }),
      fc.record({ do: fc.constant("write"), number, says: number }),
      fc.constant({ do: "check" }),
    );
    const faces = () =>
      [...document.querySelectorAll("[data-cell]")].map((one) => {
        // A lifted cover is still visible as it goes.
        for (const going of one.querySelectorAll(".cover-lifted")) going.remove();
        return one.innerHTML;
      });
    for (const covers of ["solid", "empty"] as const) {
      fc.assert(
        fc.property(fc.array(move, { minLength: 1, maxLength: 12 }), (moves) => {
          const settings = { ...startingChart("1-24"), covers };
          const { source, make } = live();
          render(<Chart settings={settings} source={source} strong={false} />);
          for (const one of moves) make(one);
          const anew = faces();
          cleanup();
          render(<Chart settings={settings} source={still(source.read())} strong={false} />);
          expect(anew).toEqual(faces());
          cleanup();
        }),
        { numRuns: 20 },
      );
    }
  });

  test("a covered number is nowhere to be found, neither are its marks", () => {
    const { source, make } = live();
    render(<Chart settings={startingChart("1-100")} source={source} strong={false} />);
    make(
      { do: "mark", ink: "sun", numbers: ["54"] },
      { do: "cover", numbers: ["54"] },
      { do: "focus", number: "54" },
    );
    const covered = cell("covered, in focus");
    const said = [...document.querySelectorAll("[aria-label]")].map((element) =>
      element.getAttribute("aria-label"),
    );
    const written = [...document.querySelectorAll("text")].map((text) => text.textContent);
    expect(written).toHaveLength(99);
    for (const words of [...said, ...written]) expect(words).not.toMatch(/54/);
    expect(covered.textContent).toBe("");
    expect(covered.innerHTML).not.toContain("sun");
    make({ do: "lift", numbers: ["54"] });
    expect(cell("54, sun mark, in focus")).toBeTruthy();
  });

  test("arrow keys move from place to place, Enter touches, Escape gives the keyboard back", () => {
    const { source } = live();
    const met: string[] = [];
    const sweep = { begin: (number: string) => met.push(number), over: () => {}, end: () => {} };
    render(<Chart settings={startingChart("1-100")} source={source} strong={false} sweep={sweep} />);
    const press = (key: string) => fireEvent.keyDown(document.activeElement!, { key });
    flush(() => cell("1").focus());
    for (const key of ["ArrowDown", "ArrowDown", "ArrowRight", "ArrowUp"]) press(key);
    press("Enter");
    press("End");
    press(" ");
    for (const key of ["ArrowDown", "Home", "Enter"]) press(key);
    expect(met).toEqual(["12", "20", "21"]);
    expect([...document.querySelectorAll('[role=gridcell][tabindex="0"]')]).toEqual([document.activeElement]);
    press("Escape");
    expect(document.activeElement).toBe(document.body);
  });

  test("a fast drag leaves no place between out", () => {
    const { source } = live();
    const met: string[] = [];
    const note = (number: string) => void met.push(number);
    const ended = vi.fn();
    render(
      <Chart
        settings={startingChart("1-100")}
        source={source}
        strong={false}
        sweep={{ begin: note, over: note, end: ended }}
      />,
    );
    const grid = screen.getByRole("grid");
    const { cellWidth, cellHeight } = layOutChart(startingChart("1-100"), { width: 880, height: 560 }, false);
    const at = (column: number, row: number) => ({
      clientX: (column + 0.5) * cellWidth,
      clientY: (row + 0.5) * cellHeight,
      pointerId: 1,
      button: 0,
    });
    const send = (type: string, where: object, to: Element = grid) =>
      fireEvent(to, Object.assign(new MouseEvent(type, { bubbles: true, ...where }), { pointerId: 1 }));
    send("pointerdown", at(0, 0), cell("1"));
    send("pointermove", at(5, 0));
    send("pointermove", at(5, 3));
    send("pointermove", at(4, 3));
    send("pointerup", at(4, 3));
    send("pointermove", at(9, 9));
    expect(met).toEqual(["1", "2", "3", "4", "5", "6", "16", "26", "36", "35"]);
    expect(ended).toHaveBeenCalledOnce();
  });
});

describe("the layout of a chart", () => {
  test("numerals of a hundred chart are at least 22 px in the room of a 1280 × 800 board", () => {
    for (const room of [
      { width: 880, height: 500 },
      { width: 560, height: 400 },
    ]) {
      expect(layOutChart(startingChart("1-100"), room, false).numeral).toBeGreaterThanOrEqual(22);
    }
    expect(layOutChart(startingChart("1-100"), { width: 880, height: 500 }, true).numeral).toBeGreaterThan(
      32,
    );
  });

  test("long numbers make cells wider, so that they are larger where there is room", () => {
    const room = { width: 1240, height: 560 };
    const plain = layOutChart(startingChart("1-100"), room, false);
    const long = layOutChart({ ...startingChart("1-100"), first: "-45", difference: "0.25" }, room, false);
    expect(plain.cellWidth / plain.cellHeight).toBeCloseTo(1.75, 2);
    expect(long.cellWidth).toBeGreaterThan(plain.cellWidth);
    // "−44.75" in the cells of a plain chart would have 22 px.
    expect(long.numeral).toBeGreaterThan(27);
    for (const first of ["999999990", "-1000000000000"]) {
      const far = layOutChart({ ...startingChart("1-100"), first }, room, false);
      expect(far.width).toBeCloseTo(room.width, 0);
      expect(far.height).toBeLessThanOrEqual(room.height);
    }
  });

  test("finds the place under every point, and none beside the chart", () => {
    const layout = layOutChart(startingChart("1-24"), { width: 500, height: 500 }, false);
    layout.numbers.forEach((_, index) => {
      const [column, row] = [index % 6, Math.floor(index / 6)];
      expect(cellUnder(layout, (column + 0.01) * layout.cellWidth, (row + 0.99) * layout.cellHeight)).toBe(
        index,
      );
    });
    expect(cellUnder(layout, -1, 5)).toBeNull();
    expect(cellUnder(layout, layout.width + 1, 5)).toBeNull();
  });

  test("the picture of a chart draws the same places", () => {
    const scene = fold(EMPTY_SCENE, [{ do: "cover", numbers: ["7"] }]);
    const chart = startingChart("1-24");
    const { container } = render(
      <ChartDrawing
        view={{ ...chart, id: "chart" }}
        board={newBoard("board", "Board", chart)}
        scene={scene}
        size={{ width: 300, height: 200 }}
        theme={ORDINARY}
      />,
    );
    expect([...container.querySelectorAll("text")].map((text) => text.textContent)).toEqual(
      Array.from({ length: 24 }, (_, i) => String(i + 1)).filter((n) => n !== "7"),
    );
  });
});
