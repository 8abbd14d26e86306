import { type CellsAt, cellsAt } from "../cells-at";
import type { DrawingProps } from "../drawing";
import { round } from "../round";
import { type ChartLayout, insideGuides, layOutChart } from "./chart-layout";

type Of = Pick<DrawingProps<"chart">, "view" | "scene" | "size" | "theme">;

type Laid = { width: number; height: number; strong: boolean; layout: ChartLayout };
const laid = new WeakMap<object, Laid>();

/** The layout of a chart in a room. Memoised, so that unchanged cells are not rendered again. */
function layOut(view: Of["view"], { width, height }: Of["size"], strong: boolean): ChartLayout {
  const known = laid.get(view);
  if (known && known.width === width && known.height === height && known.strong === strong)
    return known.layout;
  const layout = layOutChart(view, { width, height }, strong);
  laid.set(view, { width, height, strong, layout });
  return layout;
}

/** A chart laid out in the middle of its room. */
export function placeChart({ view, scene, size, theme }: Of): {
  layout: ChartLayout;
  left: number;
  top: number;
} {
  const layout = layOut(view, scene.guides ? insideGuides(size) : size, theme.strong);
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
