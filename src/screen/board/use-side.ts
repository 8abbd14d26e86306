"use client";

import { useEffect, useMemo, useState } from "react";
import { arrowsOf, surfacesOf, timesOf } from "@/core/lesson/views-of";
import type { DrawerPage } from "../prepare/drawer";
import { pickBoard, pickScene, useBoard, useBoardStore } from "../store/use-board";
import { toolOf } from "../tools";
import { panelsOf } from "./panels-of";

/** What may be opened beside the board in class. */
export type Asked = "rules" | "count";

/**
 * What stands beside the board. While preparing it is always the set-up, which has pages for the tool in hand, the
 * count and the rules; in class it is what was opened last, a tool or a panel, and otherwise what the board itself has.
 */
export function useSide() {
  const store = useBoardStore();
  const preparing = useBoard((state) => state.preparing);
  const arrows = useBoard((state) => arrowsOf(pickBoard(state)) !== undefined);
  const times = useBoard((state) => timesOf(pickBoard(state)) !== undefined);
  const panels = useBoard((state) => panelsOf(pickBoard(state), pickScene(state).hidden).length > 0);
  const tool = useBoard((state) => state.tool);
  const { panel } = toolOf(tool);
  const beside = panel?.at === "side" ? panel : null;
  const board = useBoard((state) => pickBoard(state).id);
  // Until a page is chosen, it is the one with the settings of what stood there when the board came: adding a view
  // turns no page.
  // biome-ignore lint/correctness/useExhaustiveDependencies: reset with another board, and each time of preparing.
  const opens = useMemo<DrawerPage>(
    () => (surfacesOf(pickBoard(store.getState())).length > 0 ? "numbers" : "views"),
    [board, preparing],
  );
  const [chosen, setPage] = useState<DrawerPage | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  // Taking a tool in hand opens its page; putting it away returns to the page before.
  const [onTool, setOnTool] = useState(false);
  useEffect(() => {
    setOnTool(beside !== null);
    if (beside) setAsked(null);
  }, [beside]);
  // While the count is watched, its settings give their room back.
  const counting = useBoard((state) => state.counting);
  useEffect(() => {
    if (counting) setAsked((was) => (was === "count" ? null : was));
  }, [counting]);
  const page = chosen === "moves" && !arrows && !times ? null : chosen;
  const shownPage: DrawerPage = onTool ? "tool" : (page ?? opens);
  const showPage = (next: DrawerPage) => {
    setOnTool(next === "tool");
    if (next !== "tool") setPage(next);
  };
  const side = preparing ? "drawer" : (asked ?? (beside ? "tool" : panels ? "panels" : "none"));
  const shows: Record<Asked, boolean> = {
    rules: side === "rules" || (preparing && (shownPage === "marks" || shownPage === "covers")),
    count: side === "count" || (preparing && (shownPage === "count" || shownPage === "pace")),
  };
  const toggle = (what: Asked) => {
    // A tool's panel has the same place: opening another closes it.
    if (beside) store.getState().choose("mark");
    if (preparing) showPage(what === "rules" ? "marks" : "count");
    else setAsked(shows[what] ? null : what);
  };
  return { side, beside, panel, shownPage, showPage, shows, toggle, arrows, times } as const;
}
