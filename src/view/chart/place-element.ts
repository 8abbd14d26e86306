/** The index of the place that a part of a chart's document belongs to; null where it is of none. */
export function placeIndexOf(target: EventTarget | null): number | null {
  const place = target instanceof Element ? target.closest("[data-place]") : null;
  return place ? Number(place.getAttribute("data-place")) : null;
}

/** The element of the place with an index. */
export const placeElement = (grid: HTMLElement, index: number) =>
  grid.querySelector<SVGElement>(`[data-place="${index}"]`);
