"use client";

import { useState } from "react";
import { ArrowPanel } from "../arrows/arrow-panel-later";
import { pickBoard, useBoard } from "../store/use-board";
import { PanelChoice, TimesPanel } from "./later";
import { LEAST, panelsOf } from "./side";

/**
 * The panel of the board's arrows or of its times grid. Of several one is shown, as high as the highest: the board keeps
 * its size when another is chosen.
 */
export function BoardPanels({ preparing = false }: { preparing?: boolean }) {
  const panels = panelsOf(useBoard(pickBoard));
  const [chosen, setChosen] = useState("");
  const shown = panels.find(({ id }) => id === chosen) ?? panels[0];
  if (!shown) return null;
  const panel =
    shown.kind === "times" ? (
      <TimesPanel key={shown.id} times={shown} preparing={preparing} />
    ) : (
      <ArrowPanel />
    );
  if (panels.length === 1) return panel;
  return (
    <div className="@container flex shrink-0 flex-col gap-3">
      <PanelChoice shown={shown.id} onShow={setChosen} />
      <div className={`grid ${LEAST[panels.some(({ kind }) => kind === "arrows") ? "arrows" : "times"]}`}>
        {panel}
      </div>
    </div>
  );
}
