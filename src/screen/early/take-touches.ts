import type { CellsAt } from "@/view/cells-at";

/** The cells of one view on the picture of a board, in pixels of the room in which the board is drawn. */
export type TouchGrid = CellsAt & { readonly view: string };

/** What was done on the picture of a board: a cell touched, or a step climbed or stepped down by key or clicker. */
export type Taken = { readonly view: string; readonly target: string } | { readonly steps: 1 | -1 };

/** The global under which the page stores the touches. */
export const TOUCHED = "yellowStairTouched";

/**
 * Answers touches on the picture of a board, and stores them until the board is interactive, with the keys of the
 * stair: a cell that shows its bare number is marked, as the initial tool does. The function is sent as text and runs by
 * itself, so it uses nothing from any module.
 */
export function takeTouches(name: string, grids: readonly TouchGrid[]): void {
  const taken: Taken[] = [];
  const page = window as unknown as Record<string, unknown>;
  const laid: Record<string, SVGElement[]> = {};
  const make = (tag: string, attributes: Readonly<Record<string, string | number>>) => {
    const element = document.createElementNS("http://www.w3.org/2000/svg", tag);
    for (const key of Object.keys(attributes)) element.setAttribute(key, String(attributes[key]));
    return element;
  };
  /** The first touch marks a number, the next one removes the mark. */
  const show = (board: Element, grid: TouchGrid, target: string) => {
    const key = `${grid.view} ${target}`;
    if (laid[key]) {
      for (const mark of laid[key]) mark.remove();
      delete laid[key];
      return;
    }
    laid[key] = [];
    for (let i = 0; i < grid.targets.length; i += 1) {
      if (grid.targets[i] !== target || !grid.bare[i]) continue;
      const x = grid.left + (i % grid.columns) * grid.cellWidth;
      const y = grid.top + Math.floor(i / grid.columns) * grid.cellHeight;
      const mark = make("g", {
        transform: `translate(${x} ${y})`,
        class: "mix-blend-multiply",
        "data-early": target,
      });
      for (const { tag, attributes } of grid.mark) mark.append(make(tag, attributes));
      board.append(mark);
      laid[key].push(mark);
    }
  };
  const onDown = (event: PointerEvent) => {
    const board = document.querySelector<SVGSVGElement>(".at-rest svg");
    if (event.button !== 0 || !board || document.documentElement.dataset.comesBack !== undefined) return;
    // The board is centred in its room, as large as fits.
    const { left, top, width, height } = board.getBoundingClientRect();
    const room = board.viewBox.baseVal;
    const scale = Math.min(width / room.width, height / room.height);
    const x = (event.clientX - left - (width - room.width * scale) / 2) / scale;
    const y = (event.clientY - top - (height - room.height * scale) / 2) / scale;
    for (const grid of grids) {
      const column = Math.floor((x - grid.left) / grid.cellWidth);
      const row = Math.floor((y - grid.top) / grid.cellHeight);
      if (column < 0 || column >= grid.columns || row < 0) continue;
      const target = grid.targets[row * grid.columns + column];
      if (!target) continue;
      taken.push({ view: grid.view, target });
      show(board, grid, target);
    }
  };
  const onKey = (event: KeyboardEvent) => {
    const { key, repeat, ctrlKey, metaKey, altKey, shiftKey } = event;
    if (repeat || ctrlKey || metaKey || altKey || shiftKey) return;
    const isUp = key === "PageDown" || key === "ArrowRight" || key === " ";
    if (!isUp && key !== "PageUp" && key !== "ArrowLeft") return;
    event.preventDefault();
    taken.push({ steps: isUp ? 1 : -1 });
  };
  // No other listener gets touches on the picture: the page would hydrate because of them, and the answer would appear
  // only after that.
  const keep = (event: Event) => {
    if (event.target instanceof Element && event.target.closest(".at-rest")) event.stopPropagation();
  };
  const kept = ["pointerdown", "touchstart", "mousedown"];
  addEventListener("pointerdown", onDown, true);
  addEventListener("keydown", onKey, true);
  for (const kind of kept) addEventListener(kind, keep, true);
  page[name] = {
    taken,
    stop: () => {
      removeEventListener("pointerdown", onDown, true);
      removeEventListener("keydown", onKey, true);
      for (const kind of kept) removeEventListener(kind, keep, true);
    },
  };
}
