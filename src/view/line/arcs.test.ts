import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { coverJumps, jumpOn, startTrail, type Trail } from "@/core/count/trail";
import { exact } from "@/core/number/exact";
import { fold } from "@/core/scene/fold";
import { type LineMarks, lineMarks } from "@/core/scene/line-marks";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { wholeSpan } from "@/core/surface/line";
import { startingLine } from "@/core/surface/starting-lines";
import { type ArcLabel, arcLabels } from "./arc-labels";
import { type Arc, alongArc, arcsOf, arcUnder, togetherOf } from "./arc-shape";
import { arcTextSize } from "./arc-text";
import { overlaps } from "./box";
import { flagBox } from "./flag";
import { labelledArcs } from "./labelled-arcs";
import { layOutLine } from "./line-layout";
import { MIN_FLAGS_APART } from "./place-labels";

const ROOM = { width: 1200, height: 320 };
const trail = (start: string, ...jumps: string[]): Trail =>
  jumps.reduce((so, by) => jumpOn(so, by), startTrail(start));

describe("the sizes of jumps", () => {
  const marks = (of: Trail, other?: Trail): LineMarks => ({
    states: {},
    ranks: {},
    focus: null,
    start: of.start,
    trail: of,
    aside: other ? { trail: other, ink: "sun", beside: "sea" } : null,
    brackets: [],
  });
  const sizes = (of: Trail) => {
    const line = startingLine("0-100");
    const layout = layOutLine(line, wholeSpan(line), marks(of), ROOM, false);
    return arcLabels(layout, of, arcsOf(layout, { trail: of, aside: null }).trail);
  };
  const noneOnAnother = (labels: readonly ArcLabel[], size = 20) => {
    labels.forEach((a, i) => {
      for (const b of labels.slice(i + 1)) {
        const apart = Math.abs(a.x - b.x) >= (a.width + b.width) / 2 - 0.02 || Math.abs(a.y - b.y) >= size;
        expect(apart).toBe(true);
      }
    });
  };
  const some = fc
    .array(fc.integer({ min: -30, max: 30 }).filter(Boolean).map(String), { minLength: 1, maxLength: 14 })
    .map((by) => trail("50", ...by));
  test("stand over their arcs; small equal ones share one", () => {
    expect(sizes(trail("27", "3", "40")).map(({ text }) => text)).toEqual(["+3", "+40"]);
    expect(sizes(trail("10", "1", "1", "1", "1", "1", "1")).map(({ text }) => text)).toEqual([
      "6 jumps of 1",
    ]);
    expect(sizes(trail("60", "-20", "-20")).map(({ text }) => text)).toEqual(["−20", "−20"]);
  });

  test("never lie on an arc, on the ways that are taught", () => {
    const line = startingLine("0-100");
    for (const of of [
      trail("27", "3", "40"),
      trail("27", "3", "10", "10", "10", "10"),
      trail("52", "-20", "3"),
      trail("38", "40", "-2"),
      trail("63", "-30", "2"),
      trail("45", "-5", "-30", "-2"),
    ]) {
      const layout = layOutLine(line, wholeSpan(line), marks(of), ROOM, false);
      const { trail: arcs } = arcsOf(layout, { trail: of, aside: null });
      const labels = arcLabels(layout, of, arcs);
      expect(labels).toHaveLength(arcs.length);
      const half = arcTextSize(layout) * 0.45;
      for (const { text, x, y, width } of labels)
        for (const { from, to, height } of arcs)
          for (const point of alongArc(layout.geometry, from, to, height))
            expect(Math.abs(point.x - x) > width / 2 || Math.abs(point.y - y) > half, text).toBe(true);
    }
  });

  test("stand whole round a ring, however small it is, and a few fives have theirs", () => {
    const ring = startingLine("ring");
    for (const room of [
      { width: 640, height: 130 },
      { width: 300, height: 300 },
      { width: 900, height: 560 },
    ]) {
      for (let jumps = 2; jumps <= 11; jumps += 1) {
        const of = trail("0", ...Array<string>(jumps).fill("5"));
        const layout = layOutLine(ring, wholeSpan(ring), marks(of), room, false);
        const labels = arcLabels(layout, of, arcsOf(layout, { trail: of, aside: null }).trail);
        const half = arcTextSize(layout) * 0.5;
        for (const { x, y, width } of labels) {
          expect(
            [x - width / 2, y - half, room.width - x - width / 2, room.height - y - half].every(
              (by) => by >= 0,
            ),
          ).toBe(true);
        }
        expect(labels.length, `${jumps} in ${room.width} × ${room.height}`).toBeGreaterThanOrEqual(1);
      }
    }
  });

  test("never lie on each other", () => {
    fc.assert(fc.property(some, (of) => noneOnAnother(sizes(of))));
  });

  test("are larger for the back of the room, unless one were left out for it", () => {
    const line = startingLine("0-100");
    const strong = (of: Trail) => layOutLine(line, wholeSpan(line), marks(of), ROOM, true);
    const way = trail("27", "3", "40");
    const layout = strong(way);
    expect(labelledArcs(layout, { trail: way, aside: null }).size).toBeGreaterThan(arcTextSize(layout) * 1.1);
    const told = (labels: readonly ArcLabel[]) => labels.reduce((sum, { jumps }) => sum + jumps.length, 0);
    fc.assert(
      fc.property(some, (of) => {
        const layout = strong(of);
        const { arcs, labels, size } = labelledArcs(layout, { trail: of, aside: null });
        noneOnAnother(labels.trail, size);
        expect(told(labels.trail)).toBeGreaterThanOrEqual(told(arcLabels(layout, of, arcs.trail)));
      }),
    );
  });

  test("of two trails have two inks, the larger jumps over the smaller, and never lie on each other either", () => {
    const upright = { ...startingLine("0-100"), shape: "upright" as const };
    for (const [line, room] of [
      [startingLine("0-100"), ROOM],
      [startingLine("0-100"), { width: 560, height: 260 }],
      [upright, { width: 420, height: 640 }],
      [startingLine("ring"), { width: 620, height: 560 }],
    ] as const) {
      fc.assert(
        fc.property(some, some, (of, other) => {
          const two = marks(of, other);
          const layout = layOutLine(line, wholeSpan(line), two, room, false);
          const arcs = arcsOf(layout, two);
          const tallest = (of: readonly { height: number }[]) => Math.max(...of.map(({ height }) => height));
          expect(Math.max(tallest(arcs.trail), tallest(arcs.aside))).toBeLessThanOrEqual(
            layout.geometry.headroom + 0.01,
          );
          expect(tallest(arcs.trail)).not.toBe(tallest(arcs.aside));
          expect(new Set(arcs.trail.map(({ style }) => style.line))).toEqual(
            new Set(["var(--color-sea-dot)"]),
          );
          expect(new Set(arcs.aside.map(({ style }) => style.line))).toEqual(
            new Set(["var(--color-sun-dot)"]),
          );
          const ahead = arcLabels(layout, of, arcs.trail, { figures: true });
          noneOnAnother(
            [...ahead, ...arcLabels(layout, other, arcs.aside, { figures: true, taken: ahead })],
            arcTextSize(layout),
          );
        }),
        { numRuns: 40 },
      );
    }
  });
});

describe("a count in small jumps that marks its numbers", () => {
  const line = startingLine("0-100");
  const lay = (count: number, width: number, is = line) => {
    const of = trail("1", ...Array<string>(count).fill("1"));
    const numbers = Array.from({ length: count + 1 }, (_, i) => `${i + 1}`);
    const scene = fold({ ...EMPTY_SCENE, trail: of }, [{ do: "mark", ink: "sun", numbers }]);
    const marks = lineMarks(is, wholeSpan(is), scene);
    return { layout: layOutLine(is, wholeSpan(is), marks, { width, height: 320 }, false), marks };
  };

  test("has its size over the marks on the line, not on them", () => {
    for (const width of [300, 480, 700, 1200])
      for (const count of [5, 14, 40, 80]) {
        const { layout, marks } = lay(count, width);
        const { labels, size } = labelledArcs(layout, marks);
        expect([width, count, labels.trail.length]).not.toContain(0);
        for (const { x, y, width: wide } of labels.trail) {
          const box = { left: x - wide / 2, right: x + wide / 2, top: y - size / 2, bottom: y + size / 2 };
          expect(layout.flags.filter((flag) => overlaps(flagBox(flag), box))).toEqual([]);
        }
      }
  });

  test("shows no more marks over the line than can be told apart, and none of them far from its own", () => {
    for (const width of [300, 480, 1200]) {
      const { layout } = lay(80, width);
      const [xs, taken] = [layout.flags.map(({ at }) => at.x), new Set(layout.labels.map(({ key }) => key))];
      const apart = xs.slice(1).map((x, i) => x - xs[i]!);
      expect(Math.min(...apart)).toBeGreaterThanOrEqual(MIN_FLAGS_APART);
      for (let number = 1; number <= 81; number += 1) {
        if (taken.has(`${number}`)) continue;
        const { x } = layout.geometry.point(layout.placing.partOf(exact(number)), 0);
        expect(Math.min(...xs.map((at) => Math.abs(at - x)))).toBeLessThan(MIN_FLAGS_APART);
      }
    }
  });

  test("has the labels of a row in the order of their numbers", () => {
    for (const width of [240, 254, 300, 480, 700])
      for (let count = 1; count < 60; count += 1) {
        const { labels } = lay(count, width, { ...line, to: "300", interval: "100" }).layout;
        for (const a of labels)
          for (const b of labels)
            if (a.y === b.y && Number(a.key) < Number(b.key))
              expect([a.key, b.key, a.x < b.x]).toContain(true);
      }
  });

  test("is laid out as on a line that was never laid out before", () => {
    for (const width of [300, 480, 1200])
      for (const count of [3, 30, 80]) {
        const [kept, anew] = [lay(count, width), lay(count, width, { ...line })];
        const plain = ({ layout: { labels, flags, numeral, ticks, cell } }: typeof kept) => [
          labels,
          flags,
          numeral,
          ticks,
          cell,
        ];
        expect(plain(kept)).toEqual(plain(anew));
      }
  });
});

describe("jumps that are drawn together", () => {
  const arc = (index: number, length: number) => ({ index, length }) as Arc;
  const counts = (arcs: Arc[]) => {
    const { together, single } = togetherOf({ heavy: 4 }, arcs);
    return [together.length, single.length];
  };
  const some = (count: number, length: number) => Array.from({ length: count }, (_, i) => arc(i, length));

  test("are those that nobody can tell apart: many dots, or very many", () => {
    expect(counts(some(60, 30))).toEqual([0, 60]);
    expect(counts(some(61, 30))).toEqual([61, 0]);
    expect(counts(some(12, 5))).toEqual([0, 12]);
    expect(counts([...some(20, 5), ...some(3, 40)])).toEqual([20, 3]);
  });
});

describe("a touch on an arc", () => {
  const along = (id: string, of: Trail, room = ROOM) => {
    const line = startingLine(id);
    const scene = { ...EMPTY_SCENE, trail: of };
    const layout = layOutLine(line, wholeSpan(line), lineMarks(line, wholeSpan(line), scene), room, false);
    const tops = arcsOf(layout, { trail: of, aside: null }).trail.map(({ from, to, height }) =>
      layout.geometry.point((from + to) / 2, height),
    );
    return { layout, tops };
  };

  test("finds its jump, also among more than a hundred, and round a ring", () => {
    const many = trail("0", ...Array<string>(100).fill("1"), ...Array<string>(50).fill("-2"));
    const line = along("0-100", many, { width: 2400, height: 600 });
    expect(line.tops).toHaveLength(150);
    const over = trail("40", "10", "10", "10", "10");
    const ring = along("ring", over, { width: 700, height: 700 });
    for (const [{ layout, tops }, of] of [
      [line, many],
      [ring, over],
    ] as const) {
      tops.forEach((top, index) => {
        expect(arcUnder(layout, { trail: of, aside: null }, top, false)).toBe(index);
      });
    }
    expect(arcUnder(line.layout, { trail: many, aside: null }, { x: 1200, y: 20 }, false)).toBeNull();
  });

  test("finds a covered one only where it shows as a ghost", () => {
    const of = coverJumps(trail("20", "30", "30"), [1], "arc", true);
    const { layout, tops } = along("0-100", of);
    const two = { trail: of, aside: null };
    expect(arcUnder(layout, two, tops[1]!, false)).toBeNull();
    expect(arcUnder(layout, two, tops[1]!, true)).toBe(1);
    expect(arcUnder(layout, two, tops[0]!, false)).toBe(0);
  });
});
