"use client";

import { BoardTitle, type TrailSettings } from "@/core/lesson/lesson";
import { NEW_TRAIL } from "@/core/lesson/new-lesson";
import { trailOf, withView } from "@/core/lesson/views-of";
import { Segments } from "@/kit/segments";
import { Switch } from "@/kit/switch";
import { Tabs } from "@/kit/tabs";
import { ChartFields } from "./chart-fields";
import { CheckedField } from "./checked-field";
import { pickBoard, useBoard, useBoardStore } from "./use-board";

/** The set-up drawer: all that a board is made of, beside the board itself. */
export function Drawer() {
  return (
    <aside aria-label="Set up the board" className="flex min-h-0 flex-col rounded-card bg-board p-4">
      <Tabs
        label="What to set up"
        pages={[
          { id: "numbers", name: "Numbers", content: <ChartFields /> },
          { id: "beside", name: "Beside it", content: <BesideFields /> },
          { id: "board", name: "Board", content: <BoardFields /> },
        ]}
      />
    </aside>
  );
}

const PARTS: readonly { part: Exclude<keyof TrailSettings, "kind">; label: string }[] = [
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
      <div>
        <p className="mb-1.5 text-sm font-semibold">Climbing shows one thing every</p>
        <Segments
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
    </div>
  );
}
