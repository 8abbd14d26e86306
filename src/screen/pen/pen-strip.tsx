"use client";

import { clsx } from "clsx";
import { Eraser, Highlighter, PenLine, StickyNote, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { keepKeyboard } from "@/kit/rail-button";
import type { PenTool } from "@/view/pen/pen-layer";
import { pickScene, useBoard, useBoardStore } from "../store/use-board";

const TOOLS: readonly { tool: PenTool; name: string; icon: ReactNode }[] = [
  { tool: "pen", name: "Pen", icon: <PenLine aria-hidden size="1.25rem" /> },
  { tool: "highlighter", name: "Highlighter", icon: <Highlighter aria-hidden size="1.25rem" /> },
  { tool: "rubber", name: "Rubber", icon: <Eraser aria-hidden size="1.25rem" /> },
  { tool: "note", name: "Note", icon: <StickyNote aria-hidden size="1.25rem" /> },
];

/** The choice of pen, low on the board, within a pupil's reach. */
export function PenStrip() {
  const pen = useBoard((state) => state.pen);
  const drawn = useBoard((state) => pickScene(state).strokes.length + pickScene(state).notes.length > 0);
  const store = useBoardStore();
  return (
    // biome-ignore lint/a11y/useSemanticElements: buttons of a strip are no form group.
    <div
      role="group"
      aria-label="Pen"
      className="flex shrink-0 items-center justify-center gap-1 rounded-card bg-board px-3 py-1"
    >
      {TOOLS.map(({ tool, name, icon }) => (
        <button
          key={tool}
          type="button"
          aria-label={`Draw with: ${name}`}
          aria-pressed={pen === tool}
          onMouseDown={keepKeyboard}
          onClick={() => store.getState().choosePen(tool)}
          className={clsx(
            "flex h-press items-center gap-2 rounded-button px-4 font-semibold",
            pen === tool ? "bg-ink text-board" : "text-quiet hover:bg-wall hover:text-ink",
          )}
        >
          {icon} {name}
        </button>
      ))}
      <span className="mx-2 h-8 w-px bg-rule" />
      <button
        type="button"
        disabled={!drawn}
        onMouseDown={keepKeyboard}
        onClick={() => store.getState().drawn({ do: "wipe-pen" })}
        className="flex h-press items-center gap-2 rounded-button px-4 font-semibold text-quiet enabled:hover:bg-wall enabled:hover:text-ink disabled:opacity-40"
      >
        <Trash2 aria-hidden size="1.25rem" /> Clear all
      </button>
    </div>
  );
}
