import type { Sheet } from "./sheet";

/** The papers of sheets, their shorter and longer side in millimetres (ISO 216; ANSI/ASME Y14.1). */
const PAPERS = { a4: [210, 297], letter: [215.9, 279.4] } as const;

/** A page of a sheet, in millimetres. */
export function pageSize({ paper, way }: Pick<Sheet, "paper" | "way">): { width: number; height: number } {
  const [short, long] = PAPERS[paper];
  return way === "upright" ? { width: short, height: long } : { width: long, height: short };
}
