"use client";

import { useEffect, useMemo, useState } from "react";
import { arrowsOf, surfacesOf, timesOf } from "@/core/lesson/views-of";
import type { DrawerPage } from "../prepare/drawer";
import { pickBoard, useBoard, useBoardStore } from "../store/use-board";
import { toolOf } from "../tools";

/** What may be asked for to stand beside the board in class. */
export type Asked = "rules" | "count";

/**
 * What stands beside the board. Preparing always shows the set-up, where the tool in hand, the count and the rules have
 * pages; in class it is what was asked for last, a tool in hand or a panel, and else what the board itself has.
 */
export function useSide() {
  const store = useBoardStore();
  const preparing = useBoard((state) => state.preparing);
  const arrows = useBoard((state) => arrowsOf(pickBoard(state)) !== undefined);
  const times = useBoard((state) => timesOf(pickBoard(state)) !== undefined);
  const tool = useBoard((state) => state.tool);
  const { panel } = toolOf(tool);
  const beside = panel?.at === "side" ? panel : null;
  const board = useBoard((state) => pickBoard(state).id);
  // Until a page is asked for it is the one with the settings of what stood there as the board came: a view that is put to
  // it turns no page.
  // biome-ignore lint/correctness/useExhaustiveDependencies: anew with another board, and each time of preparing.
  const opens = useMemo<DrawerPage>(
    () => (surfacesOf(pickBoard(store.getState())).length > 0 ? "numbers" : "views"),
    [board, preparing],
  );
  const [chosen, setPage] = useState<DrawerPage | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  // A tool that is taken in hand comes with its page; put away, it leaves the page that was there before.
  const [onTool, setOnTool] = useState(false);
  useEffect(() => {
    setOnTool(beside !== null);
    if (beside) setAsked(null);
  }, [beside]);
  // What is counted is looked at: its settings give their room back.
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
  const side = preparing ? "drawer" : (asked ?? (beside ? "tool" : arrows || times ? "panels" : "none"));
  const shows: Record<Asked, boolean> = {
    rules: side === "rules" || (preparing && (shownPage === "marks" || shownPage === "covers")),
    count: side === "count" || (preparing && (shownPage === "count" || shownPage === "pace")),
  };
  const toggle = (what: Asked) => {
    // A tool with a panel has the same room: who asks for another has done with it.
    if (beside) store.getState().choose("mark");
    if (preparing) showPage(what === "rules" ? "marks" : "count");
    else setAsked(shows[what] ? null : what);
  };
  return { side, beside, panel, shownPage, showPage, shows, toggle, arrows, times } as const;
}
