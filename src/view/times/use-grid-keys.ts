"use client";

import { type FocusEvent, type KeyboardEvent, type RefObject, useEffect, useRef, useState } from "react";
import { type CellKey, cellAt, cellKey, isCellKey, MAX_TIMES } from "@/core/surface/cell-key";
import type { TimesSettings, WindowAt } from "@/core/surface/times-grid";
import type { useKeyPress } from "../chart/use-key-press";

const STEPS: Record<string, WindowAt> = {
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
};

/**
 * Keyboard navigation on a times grid: it goes from cell to cell, and slides the window where it would leave it.
 * @param target where the window stands
 * @param settle lets the window come to rest elsewhere
 */
export function useGridKeys(
  body: RefObject<HTMLElement | null>,
  settings: TimesSettings,
  target: WindowAt,
  settle: (at: WindowAt) => void,
  keys: ReturnType<typeof useKeyPress>,
) {
  const [keyboard, setKeyboard] = useState<CellKey | null>(null);
  const wanted = useRef<CellKey | null>(null);
  const elementOf = (cell: CellKey) =>
    body.current?.querySelector<SVGElement>(`[data-cell="${cell}"]`) ?? undefined;
  // A cell that slides in is focused once it is there.
  useEffect(() => {
    if (!wanted.current) return;
    const cell = elementOf(wanted.current);
    if (!cell) return;
    cell.focus();
    wanted.current = null;
  });
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const named = (event.target as Element).getAttribute("data-cell") ?? "";
    if (!isCellKey(named) || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
    const here = cellAt(named);
    const step = STEPS[event.key];
    if (step) {
      const to = { row: here.row + step.row, column: here.column + step.column };
      if (to.row < 1 || to.column < 1 || to.row > MAX_TIMES || to.column > MAX_TIMES)
        return event.preventDefault();
      wanted.current = cellKey(to.row, to.column);
      settle({
        row: Math.max(to.row - settings.rows + 1, Math.min(target.row, to.row)),
        column: Math.max(to.column - settings.columns + 1, Math.min(target.column, to.column)),
      });
      elementOf(wanted.current)?.focus();
    } else if (event.key === "Enter" || event.key === " ") keys.down(named, event.repeat);
    else if (event.key === "Escape") (event.target as SVGElement).blur();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const onFocus = (event: FocusEvent<HTMLElement>) => {
    const named = event.target.getAttribute("data-cell") ?? "";
    const byKeys = event.target.matches(":focus-visible");
    if (isCellKey(named)) setKeyboard(byKeys ? named : null);
    // The grid takes the focus and passes it to its first cell.
    else if (event.target === event.currentTarget && byKeys)
      elementOf(cellKey(target.row, target.column))?.focus();
  };
  const onBlur = () => {
    setKeyboard(null);
    keys.leave();
  };
  return { keyboard, handlers: { onKeyDown, onFocus, onBlur, onKeyUp: keys.onKeyUp } };
}
