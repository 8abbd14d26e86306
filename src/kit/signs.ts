import { createLucideIcon } from "lucide-react";

/*
 * Icons for what is done to numbers, drawn as it looks on the board: a square that is marked, one that is uncovered,
 * one that is written in, a jump on a line.
 */
const SQUARE = { x: "3", y: "3", width: "18", height: "18", rx: "3" } as const;

export const MarkSign = createLucideIcon("mark", [
  ["rect", { ...SQUARE, key: "square" }],
  ["circle", { cx: "9", cy: "9", r: "3", fill: "currentColor", key: "dot" }],
]);

export const LiftSign = createLucideIcon("lift", [
  ["rect", { ...SQUARE, strokeDasharray: "4 3.2", key: "square" }],
]);

export const WriteSign = createLucideIcon("write", [
  ["rect", { ...SQUARE, key: "square" }],
  ["path", { d: "M13.6 17V7L8 13.8h8.2", key: "four" }],
]);

export const JumpSign = createLucideIcon("jump", [
  ["path", { d: "M2 20h20M5 17v6M19 17v6", key: "line" }],
  ["path", { d: "M5 13C6.5 3.5 17.5 3.5 19 13", key: "arc" }],
  ["path", { d: "m15.4 10.6 3.6 2.8 2.8-3.7", key: "head" }],
]);
