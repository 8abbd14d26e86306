"use client";

import { useState } from "react";
import { viewName } from "@/core/lesson/views-of";
import { Segments } from "@/kit/segments";
import { ArrowPanel } from "../arrows/arrow-panel";
import { pickBoard, pickScene, useBoard } from "../store/use-board";
import { TimesPanel } from "../times/times-panel";
import { LEAST, panelsOf } from "./panels-of";

/**
 * The panel of the board's arrows or of its times grid. Of several one is shown, as high as the highest: the board keeps
 * its size when another is chosen.
 */
export function BoardPanels({ preparing = false }: { preparing?: boolean }) {
  const board = useBoard(pickBoard);
  const hidden = useBoard((state) => pickScene(state).hidden);
  const panels = panelsOf(board, preparing ? [] : hidden);
  const [chosen, setChosen] = useState("");
  const shown = panels.find(({ id }) => id === chosen) ?? panels[0];
  if (!shown) return null;
  return (
    <div className="@container flex shrink-0 flex-col gap-3">
      {panels.length > 1 && (
        <div className="shrink-0 rounded-card bg-board p-1">
          <Segments
            label="What to move"
            value={shown.id}
            options={panels.map((view) => ({ value: view.id, label: viewName(board, view) }))}
            onChange={setChosen}
          />
        </div>
      )}
      <div className={`grid ${LEAST[panels[0]!.kind]}`}>
        {shown.kind === "times" ? (
          <TimesPanel key={shown.id} times={shown} preparing={preparing} />
        ) : (
          <ArrowPanel />
        )}
      </div>
    </div>
  );
}
