"use client";

import { ArrowUp, Square, SquareDashed, Trash2 } from "lucide-react";
import { addView, exchangeView, swapViews, withoutView } from "@/core/lesson/edit-views";
import { layoutOf, mayStandAbove, placedOf, viewName } from "@/core/lesson/views-of";
import { KINDS } from "@/core/views/kinds";
import { type Layout, MAX_PLACED } from "@/core/views/layout";
import { KIND_NAMES, type KindName, kindOfView } from "@/core/views/view";
import { IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { Select } from "@/kit/select";
import { CountParts } from "../count/count-parts";
import { pickBoard, pickPrepared, pickScene, useBoard, useBoardStore } from "../store/use-board";
import { ViewFields } from "../views/view-fields";

/** The kinds of view that have a place of their own. */
const PLACED = KIND_NAMES.filter((kind) => kind !== "arrows").map((value) => ({
  value,
  label: KINDS[value].name,
}));

const RUNS: readonly { value: Layout["run"]; label: string }[] = [
  { value: "beside", label: "Side by side" },
  { value: "above", label: "One above the other" },
];
const SQUARE = { value: "square", label: "In a square" } as const;

/** Which views stand on the board, in which places, and what the panel that reads the count shows. */
export function ViewsPage() {
  const board = useBoard(pickPrepared);
  const shown = useBoard(pickBoard);
  const hidden = useBoard((state) => pickScene(state).hidden);
  const store = useBoardStore();
  const { layout } = shown;
  const placed = placedOf(board);
  const change = (next: typeof board) => store.getState().change((state) => ({ ...state, board: next }));
  return (
    <div className="flex flex-col gap-4 short:gap-3">
      <ul aria-label="Views of this board" className="flex flex-col gap-2">
        {placed.map((view, index) => {
          const { id } = view;
          const isHidden = hidden.includes(id);
          const name = viewName(board, view);
          return (
            <li
              key={id}
              className="flex flex-wrap items-center justify-end gap-0.5 rounded-button bg-mist p-1"
            >
              {/* A long name has the row to itself. */}
              <div className="min-w-max flex-1 [&>button]:w-full [&>button]:justify-between">
                <Select
                  label={`View ${index + 1}`}
                  value={view.kind as KindName}
                  options={PLACED.map((one) => (one.value === view.kind ? { ...one, label: name } : one))}
                  onChange={(kind) =>
                    kind !== view.kind && change(exchangeView(board, id, KINDS[kind].starts))
                  }
                />
              </div>
              <div className="flex gap-0.5">
                {index > 0 && (
                  <IconButton
                    name={`Move up: ${name}`}
                    onClick={() => change(swapViews(board, id, placed[index - 1]!.id))}
                  >
                    <ArrowUp aria-hidden size="1.1875rem" />
                  </IconButton>
                )}
                <IconButton
                  name={isHidden ? `Show: ${name}` : `Hide for now: ${name}`}
                  onClick={() => store.getState().act([[{ do: isHidden ? "show" : "hide", view: id }]])}
                >
                  {isHidden ? (
                    <SquareDashed aria-hidden size="1.1875rem" />
                  ) : (
                    <Square aria-hidden size="1.1875rem" />
                  )}
                </IconButton>
                {placed.length > 1 && (
                  <IconButton name={`Remove: ${name}`} onClick={() => change(withoutView(board, id))}>
                    <Trash2 aria-hidden size="1.1875rem" />
                  </IconButton>
                )}
              </div>
            </li>
          );
        })}
      </ul>
      {placed.length < MAX_PLACED && (
        <Select
          label="Add a view"
          value={"" as KindName}
          placeholder="Add a view"
          options={PLACED}
          onChange={(kind) => change(addView(board, KINDS[kind].starts))}
        />
      )}
      {placed.length > 1 && (
        <Choice
          label="Arrange"
          value={layoutOf(shown).run}
          options={[
            // A ring among three has no room to be read below or above others: that is not offered.
            ...(mayStandAbove(shown) ? RUNS : RUNS.slice(0, 1)),
            ...(placed.length > 2 || layout.run === "square" ? [SQUARE] : []),
          ]}
          onChange={(run) =>
            store
              .getState()
              .setTo({ of: "layout", is: { run, share: run === layout.run ? layout.share : 0.58 } })
          }
        />
      )}
      {placedOf(shown)
        .filter((view) => kindOfView(view).surface === undefined)
        .map((view) => (
          <ViewFields key={view.id} view={view} />
        ))}
      <CountParts />
    </div>
  );
}
