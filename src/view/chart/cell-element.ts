/** The index of the cell that a part of a chart's document belongs to; null where it is of none. */
export function cellIndexOf(target: EventTarget | null): number | null {
  const cell = target instanceof Element ? target.closest("[data-cell]") : null;
  return cell ? Number(cell.getAttribute("data-cell")) : null;
}

/** The element of the cell with an index. */
export const cellElement = (grid: HTMLElement, index: number) =>
  grid.querySelector<SVGElement>(`[data-cell="${index}"]`);
