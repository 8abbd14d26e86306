"use client";

import { viewName } from "@/core/lesson/views-of";
import { Segments } from "@/kit/segments";
import { pickBoard, useBoard } from "../store/use-board";
import { panelsOf } from "./side";

type Props = { shown: string; onShow: (id: string) => void };

/** Which of several panels is shown: that of the arrows, or of which times grid. */
export function PanelChoice({ shown, onShow }: Props) {
  const board = useBoard(pickBoard);
  return (
    <div className="shrink-0 rounded-card bg-board p-1">
      <Segments
        label="What to move"
        value={shown}
        options={panelsOf(board).map((view) => ({ value: view.id, label: viewName(board, view) }))}
        onChange={onShow}
      />
    </div>
  );
}
