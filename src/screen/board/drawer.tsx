"use client";

import { BoardTitle, type TrailSettings } from "@/core/lesson/lesson";
import { NEW_TRAIL } from "@/core/lesson/new-lesson";
import { arrowsOf, timesOf, trailOf, withMain, withoutView, withView } from "@/core/lesson/views-of";
import { startingChart } from "@/core/surface/starting-charts";
import { NEW_TIMES } from "@/core/surface/times-grid";
import { Choice } from "@/kit/choice";
import { Segments } from "@/kit/segments";
import { Switch } from "@/kit/switch";
import { Tabs } from "@/kit/tabs";
import { CoversPage } from "../rule/covers-page";
import { MarksPage } from "../rule/marks-page";
import { TimesFields } from "../times/times-fields";
import { ChartFields } from "./chart-fields";
import { CheckedField } from "./checked-field";
import { pickBoard, useBoard, useBoardStore } from "./use-board";

export type DrawerPage = "numbers" | "marks" | "covers" | "beside" | "board";

/** The set-up drawer: all that a board is made of, beside the board itself. */
export function Drawer({ page, onPage }: { page: DrawerPage; onPage: (page: DrawerPage) => void }) {
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
          { id: "beside", name: "Beside", content: <BesideFields /> },
          { id: "board", name: "Board", content: <BoardFields /> },
        ]}
      />
    </aside>
  );
}

/** The main view of the board, a chart or a times grid, and its numbers. */
function NumbersFields() {
  const main = useBoard((state) => (timesOf(pickBoard(state)) ? "times" : "chart"));
  const store = useBoardStore();
  return (
    <div className="flex flex-col gap-4">
      <Segments
        label="What stands on the board"
        value={main}
        options={[
          { value: "chart", label: "Chart" },
          { value: "times", label: "Times grid" },
        ]}
        onChange={(next) =>
          store.getState().change((state) => ({
            ...state,
            board: withMain(state.board, next === "times" ? NEW_TIMES : startingChart("1-100")),
          }))
        }
      />
      {main === "times" ? <TimesFields /> : <ChartFields />}
    </div>
  );
}

const PARTS: readonly { part: Exclude<keyof TrailSettings, "kind" | "words">; label: string }[] = [
  { part: "sentence", label: "Number sentence" },
  { part: "numbers", label: "Numbers so far" },
  { part: "ones", label: "Ones digits so far" },
];

/** What the panel beside the chart reads from the count. */
function BesideFields() {
  const trail = useBoard((state) => trailOf(pickBoard(state))) ?? {
    ...NEW_TRAIL,
    numbers: false,
    sentence: false,
    ones: false,
  };
  const times = useBoard((state) => timesOf(pickBoard(state)) !== undefined);
  const arrows = useBoard((state) => arrowsOf(pickBoard(state)));
  const store = useBoardStore();
  return (
    <div className="flex flex-col">
      <p className="mb-2 text-[15px] leading-snug text-quiet">Read from the count, beside the chart:</p>
      {PARTS.map(({ part, label }) => (
        <Switch
          key={part}
          label={label}
          on={trail[part]}
          onChange={(on) =>
            store.getState().change((state) => ({
              ...state,
              board: withView(state.board, { ...trail, [part]: on }),
            }))
          }
        />
      ))}
      <Switch
        label="Arrow moves"
        disabled={times}
        on={arrows !== undefined}
        onChange={(on) =>
          store.getState().change((state) => ({
            ...state,
            board: on
              ? withView(withView(state.board, { ...trail, sentence: true }), {
                  kind: "arrows",
                  layFirst: false,
                })
              : withoutView(state.board, "arrows"),
          }))
        }
      />
      <p className="mt-3 mb-1.5 font-semibold">The number in words</p>
      <Segments
        label="The number in words"
        value={trail.words}
        options={[
          { value: "off", label: "Off" },
          { value: "british", label: "British" },
          { value: "american", label: "American" },
        ]}
        onChange={(words) =>
          store
            .getState()
            .change((state) => ({ ...state, board: withView(state.board, { ...trail, words }) }))
        }
      />
      <p className="mt-2 text-[15px] text-quiet">
        {trail.words === "american" ? "112: one hundred twelve" : "112: one hundred and twelve"}
      </p>
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
        check={(typed) => BoardTitle.safeParse(typed).error?.issues[0]?.message}
        onTake={(typed) =>
          store.getState().change((state) => ({ ...state, board: { ...state.board, title: typed.trim() } }))
        }
      />
      <Choice
        label="Climbing shows one thing every"
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
