import type { Ink } from "@/core/set/ink";
import type { Point } from "@/core/surface/ink-split";

type InkStyle = { name: string; ground: string; figure: string };

/** How each ink looks: its name, the ground it gives a cell, and its shape's colour. */
export const INK_STYLE: Record<Ink, InkStyle> = {
  sun: { name: "Sun", ground: "var(--color-sun)", figure: "var(--color-sun-dot)" },
  coral: { name: "Coral", ground: "var(--color-coral)", figure: "var(--color-coral-dot)" },
  sea: { name: "Sea", ground: "var(--color-sea)", figure: "var(--color-sea-dot)" },
  kelp: { name: "Kelp", ground: "var(--color-kelp)", figure: "var(--color-kelp-dot)" },
  plum: { name: "Plum", ground: "var(--color-plum)", figure: "var(--color-plum-dot)" },
};

/** The corners of each ink's shape about its middle, of about equal weight to the eye. The sun is round. */
export const INK_CORNERS: Record<Exclude<Ink, "sun">, readonly Point[]> = {
  coral: [
    [0, -1.05],
    [1.1, 0.85],
    [-1.1, 0.85],
  ],
  sea: [
    [-0.85, -0.85],
    [0.85, -0.85],
    [0.85, 0.85],
    [-0.85, 0.85],
  ],
  kelp: [
    [0, -1.15],
    [1.15, 0],
    [0, 1.15],
    [-1.15, 0],
  ],
  plum: star(5, 1.2, 0.52),
};

function star(points: number, outer: number, inner: number): Point[] {
  return Array.from({ length: 2 * points }, (_, i) => {
    const turn = (Math.PI * i) / points;
    const reach = i % 2 === 0 ? outer : inner;
    return [reach * Math.sin(turn), -reach * Math.cos(turn)] as const;
  });
}
