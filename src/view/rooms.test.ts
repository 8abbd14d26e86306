import { readFileSync } from "node:fs";
import { wcagContrast } from "culori";
import { describe, expect, test } from "vitest";
import { INKS } from "@/core/set/ink";
import { ROOMS, type Room } from "@/kit/room-names";

const css = readFileSync("src/app/globals.css", "utf8");
const tokensIn = (block: string) =>
  Object.fromEntries(
    [...block.matchAll(/--color-([\w-]+): (#[0-9a-f]{6});/g)].map(([, name, hex]) => [name, hex]),
  );
const blockOf = (start: string) => {
  const from = css.indexOf(start);
  if (from < 0) throw new Error(`${start} is not in the style sheet.`);
  return css.slice(from, css.indexOf("}", from));
};
const ordinary = tokensIn(blockOf("@theme"));
const tokens = (room: Room): Record<string, string> =>
  room === "light" ? ordinary : { ...ordinary, ...tokensIn(blockOf(`[data-room="${room}"] {`)) };

/** WCAG 2.2, success criteria 1.4.3 and 1.4.11 (and 1.4.6 for high contrast), worked out by culori. */
const MIN: Record<Room, { text: number; figure: number }> = {
  light: { text: 4.5, figure: 3 },
  dark: { text: 4.5, figure: 3 },
  contrast: { text: 7, figure: 4.5 },
};

describe.each(ROOMS)("in a %s room", (room) => {
  const color = tokens(room);
  const ratio = (one: string, other: string) => {
    const [a, b] = [color[one], color[other]];
    if (!a || !b) throw new Error(`There is no colour ${one} or ${other}.`);
    return wcagContrast(a, b);
  };
  const { text, figure } = MIN[room];

  test.each([
    ...["board", "wall", "mist", "lit", ...INKS].map((ground) => ["ink", ground]),
    ...["board", "wall", "mist"].map((ground) => ["quiet", ground]),
    ...["wrong", "by-hand", "ones", "tens", "hundreds", "thousands"].map((name) => [name, "board"]),
    ["on-stair", "stair"],
    ["on-cover", "cover"],
    ["rail-text", "rail"],
    ["stair", "rail"],
  ] as [string, string][])("%s can be read on %s", (words, ground) => {
    expect(ratio(words, ground)).toBeGreaterThanOrEqual(text);
  });

  test.each([
    ...INKS.map((ink) => [`${ink}-dot`, "board"]),
    // An ink's shape must be seen on the ground that it gives a square.
    ...INKS.map((ink) => [`${ink}-dot`, ink]),
    ["cover", "board"],
    ["focus", "board"],
    // The edge of what is typed in or pressed: WCAG 1.4.11.
    ["edge", "board"],
    ["edge", "wall"],
  ] as [string, string][])("%s can be told from %s", (one, other) => {
    expect(ratio(one, other)).toBeGreaterThanOrEqual(figure);
  });

  // One of its two colours contrasts with whatever is under and around it. A cover's square has a ring of the chart's
  // own.
  test.each([
    ...["board", "wall", "mist", "lit", "rail", ...INKS].map((ground) => [ground, "ink"]),
    ["stair", "on-stair"],
    ["cover", "board"],
  ] as [string, string][])("the ring of what has the keyboard is seen on %s", (ground, line) => {
    expect(Math.max(ratio("focus", ground), ratio(line, ground))).toBeGreaterThanOrEqual(3);
  });
});
