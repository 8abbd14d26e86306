"use client";

import { useState } from "react";
import { BoardTitle } from "@/core/lesson/lesson";
import { arrowsOf, exchangeView, placedOf, timesOf, withMain } from "@/core/lesson/views-of";
import type { PlacedKind } from "@/core/views/placed";
import { Choice } from "@/kit/choice";
import { Segments } from "@/kit/segments";
import { Tabs } from "@/kit/tabs";
import { ArrowPanel } from "../arrows/arrow-panel";
import { FillPanel } from "../fill/fill-panel";
import { JumpPanel } from "../line/jump-panel";
import { LineFields } from "../line/line-fields";
import { CoversPage } from "../rule/covers-page";
import { MarksPage } from "../rule/marks-page";
import { TimesFields } from "../times/times-fields";
import { TimesPanel } from "../times/times-panel";
import { ChartFields } from "./chart-fields";
import { CheckedField } from "./checked-field";
import { newView } from "./new-view";
import { pickBoard, useBoard, useBoardStore } from "./use-board";
import { ViewsPage } from "./views-page";

/** Pages of the set-up; `tool` is the page of the tool in hand, `moves` that of arrows or of a times grid. */
export type DrawerPage = "numbers" | "marks" | "covers" | "views" | "board" | "tool" | "moves";

/** The set-up drawer: all that a board is made of, beside the board itself. */
export function Drawer({ page, onPage }: { page: DrawerPage; onPage: (page: DrawerPage) => void }) {
  const tool = useBoard((state) => state.tool);
  const arrows = useBoard((state) => arrowsOf(pickBoard(state)) !== undefined);
  const times = useBoard((state) => timesOf(pickBoard(state)) !== undefined);
  const ofTool =
    tool === "write"
      ? [{ id: "tool", name: "Write", content: <FillPanel className="-mx-1 h-full p-0" /> }]
      : tool === "jump"
        ? [{ id: "tool", name: "Jump", content: <JumpPanel className="p-1" /> }]
        : [];
  const ofMoves = times
    ? [{ id: "moves", name: "Slide", content: <TimesPanel /> }]
    : arrows
      ? [{ id: "moves", name: "Arrows", content: <ArrowPanel /> }]
      : [];
  return (
    <aside aria-label="Set up the board" className="flex min-h-0 flex-col rounded-card bg-board p-4">
      <Tabs
        label="What to set up"
        page={page}
        onPage={(id) => onPage(id as DrawerPage)}
        pages={[
          { id: "numbers", name: "Numbers", content: <NumbersFields /> },
          { id: "marks", name: "Marks", content: <MarksPage /> },
          { id: "covers", name: "Covers", content: <CoversPage /> },
          { id: "views", name: "Views", content: <ViewsPage /> },
          { id: "board", name: "Board", content: <BoardFields /> },
          ...ofMoves,
          ...ofTool,
        ]}
      />
    </aside>
  );
}

/** The views that numbers are laid out on, by what they are called in a row of choices. */
const SURFACES = [
  { value: "chart", label: "Chart" },
  { value: "times", label: "Times grid" },
  { value: "line", label: "Line" },
  { value: "strip", label: "Strip" },
] as const;
type Surface = (typeof SURFACES)[number]["value"];
const isSurface = (kind: PlacedKind): kind is Surface => SURFACES.some(({ value }) => value === kind);

/** The main view of the board and its numbers; where others stand beside it that have numbers too, theirs as well. */
function NumbersFields() {
  const board = useBoard(pickBoard);
  const store = useBoardStore();
  const [chosen, setChosen] = useState<Surface | null>(null);
  const placed = placedOf(board);
  const surfaces = placed.map(({ kind }) => kind).filter(isSurface);
  const first = surfaces[0];
  const kind = chosen !== null && surfaces.includes(chosen) ? chosen : first;
  return (
    <div className="flex flex-col gap-4">
      <Segments
        label="What stands on the board"
        value={first ?? ("" as Surface)}
        options={SURFACES}
        onChange={(next) => {
          store.getState().change((state) => {
            const there = placedOf(state.board).find((view) => view.kind === next);
            const view = there ?? newView(next);
            return {
              ...state,
              board: first ? exchangeView(state.board, first, view) : withMain(state.board, view),
            };
          });
          setChosen(null);
        }}
      />
      {surfaces.length > 1 && kind && (
        <Choice
          label="Set up"
          value={kind}
          options={SURFACES.filter(({ value }) => surfaces.includes(value))}
          onChange={setChosen}
        />
      )}
      {kind === "times" && <TimesFields />}
      {kind === "chart" && <ChartFields />}
      {(kind === "line" || kind === "strip") && <LineFields key={kind} kind={kind} />}
    </div>
  );
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
          const read = BoardTitle.safeParse(typed);
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
