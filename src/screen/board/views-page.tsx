"use client";

import { ArrowUp, Square, SquareDashed, Trash2 } from "lucide-react";
import { exchangeView, placedOf, swapViews, withoutView, withView } from "@/core/lesson/views-of";
import { MOST_PLACED, PLACED, type PlacedKind } from "@/core/views/placed";
import { IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { Select } from "@/kit/select";
import { ComparedNumbers, ProblemFields, SentenceForm } from "../line/view-fields";
import { CountParts } from "./count-parts";
import { newView, VIEW_NAMES } from "./new-view";
import { pickBoard, pickPrepared, pickScene, useBoard, useBoardStore } from "./use-board";

/** Which views stand on the board, in which places, and what the panel that reads the count shows. */
export function ViewsPage() {
  const board = useBoard(pickPrepared);
  const layout = useBoard((state) => pickBoard(state).layout);
  const hidden = useBoard((state) => pickScene(state).hidden);
  const store = useBoardStore();
  const placed = placedOf(board);
  const change = (next: typeof board) => store.getState().change((state) => ({ ...state, board: next }));
  const free = PLACED.filter((kind) => !placed.some((view) => view.kind === kind));
  return (
    <div className="flex flex-col gap-4">
      <ul aria-label="Views of this board" className="flex flex-col gap-2">
        {placed.map(({ kind }, index) => {
          const isHidden = hidden.includes(kind);
          const name = VIEW_NAMES[kind];
          return (
            <li key={kind} className="flex items-center gap-0.5 rounded-button bg-mist p-1">
              <div className="min-w-0 flex-1 [&>button]:w-full [&>button]:justify-between">
                <Select
                  label={`View ${index + 1}`}
                  value={kind}
                  options={PLACED.map((value) => ({ value, label: VIEW_NAMES[value] }))}
                  onChange={(next) => {
                    const there = placed.find((view) => view.kind === next);
                    change(exchangeView(board, kind, there ?? newView(next)));
                  }}
                />
              </div>
              {index > 0 && (
                <IconButton
                  name={`Move up: ${name}`}
                  onClick={() => change(swapViews(board, kind, placed[index - 1]!.kind))}
                >
                  <ArrowUp aria-hidden size={19} />
                </IconButton>
              )}
              <IconButton
                name={isHidden ? `Show: ${name}` : `Hide for now: ${name}`}
                onClick={() => store.getState().act([[{ do: isHidden ? "show" : "hide", view: kind }]])}
              >
                {isHidden ? <SquareDashed aria-hidden size={19} /> : <Square aria-hidden size={19} />}
              </IconButton>
              {placed.length > 1 && (
                <IconButton name={`Remove: ${name}`} onClick={() => change(withoutView(board, kind))}>
                  <Trash2 aria-hidden size={19} />
                </IconButton>
              )}
            </li>
          );
        })}
      </ul>
      {placed.length < MOST_PLACED && (
        <Select
          label="Add a view"
          value={"" as PlacedKind}
          placeholder="Add a view"
          options={free.map((value) => ({ value, label: VIEW_NAMES[value] }))}
          onChange={(kind) => change(withView(board, newView(kind)))}
        />
      )}
      {placed.length > 1 && (
        <Choice
          label="Arrange"
          value={layout.run}
          options={[
            { value: "beside", label: "Side by side" },
            { value: "above", label: "One above the other" },
          ]}
          onChange={(run) =>
            store
              .getState()
              .setTo({ of: "layout", is: { run, share: run === layout.run ? layout.share : 0.58 } })
          }
        />
      )}
      <SentenceForm />
      <ComparedNumbers />
      <ProblemFields />
      <CountParts />
    </div>
  );
}
