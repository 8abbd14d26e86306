"use client";

import { useState } from "react";
import { type Board, BoardTitle } from "@/core/lesson/board";
import { exchangeView, swapViews, withMain } from "@/core/lesson/edit-views";
import { arrowsOf, placedOf, surfacesOf, timesOf, viewName } from "@/core/lesson/views-of";
import { KINDS } from "@/core/views/kinds";
import { KIND_NAMES, type KindName, type View } from "@/core/views/view";
import type { ViewId } from "@/core/views/view-id";
import * as z from "@/core/zod";
import { Choice } from "@/kit/choice";
import { Segments } from "@/kit/segments";
import { Tabs } from "@/kit/tabs";
import { BoardPanels } from "../board/panels-later";
import { CountNumbers, CountPace } from "../count/count-fields";
import { PatternPage } from "../pattern/pattern-page-later";
import { CoversPage } from "../rule/covers-page";
import { MarksPage } from "../rule/marks-page";
import { pickBoard, useBoard, useBoardStore, useLay } from "../store/use-board";
import { toolOf } from "../tools";
import { ViewFields } from "../views/view-fields";
import { CheckedField } from "./checked-field";
import { ViewsPage } from "./views-page";

/** Pages of the set-up; `tool` is the page of the tool in hand, `moves` that of arrows or of a times grid. */
export type DrawerPage =
  | "numbers"
  | "marks"
  | "covers"
  | "pattern"
  | "count"
  | "pace"
  | "views"
  | "board"
  | "tool"
  | "moves";

/** The set-up drawer: all that a board is made of, beside the board itself. */
export function Drawer({ page, onPage }: { page: DrawerPage; onPage: (page: DrawerPage) => void }) {
  const tool = useBoard((state) => state.tool);
  const arrows = useBoard((state) => arrowsOf(pickBoard(state)) !== undefined);
  const times = useBoard((state) => timesOf(pickBoard(state)) !== undefined);
  const { panel } = toolOf(tool);
  const ofTool =
    panel?.at === "side"
      ? [{ id: "tool", name: panel.name, content: <panel.Panel className="h-full p-1" /> }]
      : [];
  // Opened from the rail, where the count is.
  const ofCount =
    page === "count" || page === "pace"
      ? [
          { id: "count", name: "Count", content: <CountNumbers /> },
          { id: "pace", name: "How it goes", content: <CountPace /> },
        ]
      : [];
  const ofMoves =
    times || arrows
      ? [{ id: "moves", name: times ? "Slide" : "Arrows", content: <BoardPanels preparing /> }]
      : [];
  return (
    <aside
      aria-label="Set up the board"
      className="flex min-h-0 flex-col rounded-card bg-board p-4 short:p-3 landscape:row-span-2 landscape:mb-3 low:mb-1.5"
    >
      <Tabs
        label="What to set up"
        page={page}
        onPage={(id) => onPage(id as DrawerPage)}
        pages={[
          { id: "numbers", name: "Numbers", content: <NumbersFields /> },
          { id: "marks", name: "Marks", content: <MarksPage /> },
          { id: "covers", name: "Covers", content: <CoversPage /> },
          { id: "pattern", name: "Pattern", content: <PatternPage /> },
          { id: "views", name: "Views", content: <ViewsPage /> },
          { id: "board", name: "Board", content: <BoardFields /> },
          ...ofCount,
          ...ofMoves,
          ...ofTool,
        ]}
      />
    </aside>
  );
}

/** The kinds of view that lay out numbers, by their names in a row of choices. */
const SURFACES = KIND_NAMES.flatMap((kind) => {
  const { surface } = KINDS[kind];
  return surface === undefined ? [] : [{ value: kind, label: surface }];
});

/** The main view of the board and its numbers; and those of other views that have numbers too. */
function NumbersFields() {
  const board = useBoard(pickBoard);
  const store = useBoardStore();
  const [chosen, setChosen] = useState<ViewId | null>(null);
  const surfaces = surfacesOf(board);
  const [first] = surfaces;
  const view = surfaces.find(({ id }) => id === chosen) ?? first;
  return (
    <div className="flex flex-col gap-3 short:gap-2">
      {!first && (
        <p className="text-quiet">No chart or line stands on this board. Choose one to put it first.</p>
      )}
      <Segments
        label="What stands on the board"
        value={first?.kind ?? ("" as KindName)}
        options={SURFACES}
        onChange={(kind) => {
          store.getState().change((state) => ({ ...state, board: withSurface(state.board, kind) }));
          setChosen(null);
        }}
      />
      {surfaces.length > 1 && view && (
        <Choice
          label="Set up"
          value={view.id}
          options={surfaces.map((one) => ({ value: one.id, label: viewName(board, one) }))}
          onChange={setChosen}
        />
      )}
      {view && (
        <ViewFields
          view={view}
          {...(surfaces.length > 1 && {
            more: [{ id: "own", name: "Sharing", content: <KeepsItsOwn view={view} /> }],
          })}
        />
      )}
    </div>
  );
}

/** Whether a view shows the board's marks, covers and count, or keeps its own, to be compared. */
function KeepsItsOwn({ view }: { view: View }) {
  const lay = useLay(view);
  return (
    <Choice
      label="Marks, covers and count"
      value={view.own ? "own" : "shared"}
      options={[
        { value: "shared", label: "Shared" },
        { value: "own", label: "Its own" },
      ]}
      onChange={(is) => lay(() => ({ own: is === "own" ? true : undefined }))}
    />
  );
}

/**
 * Changes the kind of the board's first view with numbers: an existing view of that kind comes to the front, else a new
 * one.
 */
function withSurface(board: Board, kind: KindName): Board {
  const [first] = surfacesOf(board);
  const there = placedOf(board).find((view) => view.kind === kind);
  if (!first) return withMain(board, KINDS[kind].starts);
  return there ? swapViews(board, first.id, there.id) : exchangeView(board, first.id, KINDS[kind].starts);
}

const CLIMB_PACES = [
  { value: "0", label: "At once" },
  { value: "0.4", label: "0.4 s" },
  { value: "0.8", label: "0.8 s" },
  { value: "1.5", label: "1.5 s" },
] as const;

/** The board's title, and how fast its steps are climbed. */
function BoardFields() {
  const board = useBoard(pickBoard);
  const store = useBoardStore();
  return (
    <div className="flex flex-col gap-5">
      <CheckedField
        label="Title of this board"
        value={board.title}
        read={(typed) => {
          const read = BoardTitle(z).safeParse(typed);
          return read.success
            ? { ok: true, value: read.data }
            : { ok: false, message: read.error.issues[0]!.message };
        }}
        onTake={(title) =>
          store.getState().change((state) => ({ ...state, board: { ...state.board, title } }))
        }
      />
      <Choice
        label="Pause between the parts of a step"
        value={String(board.climbEvery)}
        options={CLIMB_PACES}
        onChange={(pace) =>
          store
            .getState()
            .change((state) => ({ ...state, board: { ...state.board, climbEvery: Number(pace) } }))
        }
      />
    </div>
  );
}
