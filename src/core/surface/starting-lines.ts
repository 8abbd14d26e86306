import { type LineSettings, plainLine } from "./line";

/** Lines that a board can begin from. */
export const STARTING_LINES = [
  { id: "0-10", name: "0 to 10", line: plainLine("0", "10", "1") },
  { id: "0-20", name: "0 to 20", line: plainLine("0", "20", "1") },
  { id: "0-100", name: "0 to 100, tens and ones", line: plainLine("0", "100", "10", 10) },
  { id: "0-1000", name: "0 to 1,000, hundreds and tens", line: plainLine("0", "1000", "100", 10) },
  { id: "-10-10", name: "−10 to 10", line: plainLine("-10", "10", "1") },
  { id: "tenths", name: "6 to 8 in tenths", line: plainLine("6", "8", "1", 10) },
  { id: "quarters", name: "0 to 3 in quarters", line: plainLine("0", "3", "1/4") },
  { id: "thousands", name: "0 to 100,000 in thousands", line: plainLine("0", "100000", "10000", 10) },
  { id: "ring", name: "Circle, 0 to 60 in fives", line: plainLine("0", "60", "5", 5, { shape: "ring" }) },
  { id: "open", name: "Empty line", line: plainLine("0", "100", "10", 1, { open: true }) },
] as const satisfies readonly { id: string; name: string; line: LineSettings }[];

/** The starting line with an id; 0 to 100 if there is none. */
export function startingLine(id: string): LineSettings {
  return (STARTING_LINES.find((start) => start.id === id) ?? STARTING_LINES[2]).line;
}
