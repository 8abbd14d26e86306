"use client";

import { having, later } from "@/kit/later";
import { following } from "../arrows/following";
import { settingUp } from "../store/setting-up";
import { pickBoard, pickScene, useBoard } from "../store/use-board";
import { LEAST, panelsOf } from "./panels-of";

/** As high as the panels will be, so that the board keeps its place when they arrive. */
function PanelsComing() {
  const hidden = useBoard((state) => pickScene(state).hidden);
  const panels = panelsOf(useBoard(pickBoard), hidden);
  const choice = panels.length > 1 ? "mt-18" : "";
  return (
    <div aria-busy className="@container">
      <div className={`rounded-card bg-board ${choice} ${LEAST[panels[0]?.kind ?? "times"]}`} />
    </div>
  );
}

/** The panels of the board, loaded together with what they do. */
export const BoardPanels = later<{ preparing?: boolean }>(
  having([settingUp, following], () => import("./board-panels").then((part) => part.BoardPanels)),
  PanelsComing,
);
