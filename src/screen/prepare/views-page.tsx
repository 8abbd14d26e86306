"use client";

import { ArrowUp, Square, SquareDashed, Trash2 } from "lucide-react";
import { useState } from "react";
import { addView, exchangeView, swapViews, withoutView } from "@/core/lesson/edit-views";
import { layoutOf, mayStandAbove, placedOf, surfacesOf, viewName } from "@/core/lesson/views-of";
import { KINDS } from "@/core/views/kinds";
import { type Layout, MAX_PLACED } from "@/core/views/layout";
import { KIND_NAMES, type KindName } from "@/core/views/view";
import { IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { Parts } from "@/kit/parts";
import { Select } from "@/kit/select";
import { CountParts } from "../count/count-parts";
import { pickBoard, pickPrepared, pickScene, useBoard, useBoardStore } from "../store/use-board";
import { hasFields, ViewFields } from "../views/view-fields";

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

/** The part of the page with the views and their places. */
const ARRANGE = "arrange";

/** Whether a view is set up here: views with numbers have a page of their own. */
const hasPart = (kind: KindName): boolean => KINDS[kind].surface === undefined && hasFields(kind);

/**
 * The page for the views of the board: which ones stand where; the parts of the count panel; and the settings of each
 * view without numbers of its own.
 */
export function ViewsPage() {
  const board = useBoard(pickBoard);
  const [part, setPart] = useState<string | null>(null);
  const toSetUp = placedOf(board).filter(({ kind }) => hasPart(kind));
  // If no view has numbers, the page is opened for the settings of the first view.
  const first = surfacesOf(board).length === 0 ? toSetUp[0]?.id : undefined;
  const parts = [
    { id: ARRANGE, name: "Arrange", content: <Arrange onNew={setPart} /> },
    { id: "count", name: "Count panel", content: <CountParts /> },
    ...toSetUp.map((view) => ({
      id: view.id as string,
      name: viewName(board, view),
      content: <ViewFields key={view.id} view={view} />,
    })),
  ];
  const shown = parts.find(({ id }) => id === (part ?? first))?.id ?? ARRANGE;
  return <Parts label="Parts of the views" parts={parts} part={shown} onPart={setPart} />;
}

/**
 * The views of the board in their places.
 * @param onNew is told which part of the page a new view has
 */
function Arrange({ onNew }: { onNew: (part: string) => void }) {
  const board = useBoard(pickPrepared);
  const shown = useBoard(pickBoard);
  const hidden = useBoard((state) => pickScene(state).hidden);
  const store = useBoardStore();
  const { layout } = shown;
  const placed = placedOf(board);
  const change = (next: typeof board) => store.getState().change((state) => ({ ...state, board: next }));
  const bring = (next: typeof board, at: number) => {
    change(next);
    const view = placedOf(next)[at];
    onNew(view && hasPart(view.kind) ? view.id : ARRANGE);
  };
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
                    kind !== view.kind && bring(exchangeView(board, id, KINDS[kind].starts), index)
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
          onChange={(kind) => bring(addView(board, KINDS[kind].starts), placed.length)}
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
    </div>
  );
}
