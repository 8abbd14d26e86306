import { type CellsAt, cellsAt } from "../cells-at";
import type { DrawingProps } from "../drawing";
import { round } from "../round";
import { type ChartLayout, insideGuides, layOutChart } from "./chart-layout";

type Of = Pick<DrawingProps<"chart">, "view" | "scene" | "size" | "theme">;

/** A chart laid out in the middle of its room. */
export function placeChart({ view, scene, size, theme }: Of): {
  layout: ChartLayout;
  left: number;
  top: number;
} {
  const layout = layOutChart(view, scene.guides ? insideGuides(size) : size, theme.strong);
  return {
    layout,
    left: round((size.width - layout.width) / 2),
    top: round((size.height - layout.height) / 2),
  };
}

/** The cells of a chart in its room. */
export function chartCells(of: Of): CellsAt {
  const { layout, left, top } = placeChart(of);
  return cellsAt(layout, of.scene, { left, top, columns: layout.columns, targets: layout.numbers });
}
