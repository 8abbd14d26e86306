"use client";

import { ArrowUp, Eye, EyeOff, Trash2 } from "lucide-react";
import { readProblem } from "@/core/count/problem";
import { MOST_PROBLEMS, type ProblemsSettings, type TrailSettings } from "@/core/lesson/lesson";
import { NEW_TRAIL } from "@/core/lesson/new-lesson";
import { MOST_PLACED, PLACED, type PlacedKind } from "@/core/lesson/placed";
import {
  arrowsOf,
  chartOf,
  exchangeView,
  type PlacedView,
  placedOf,
  swapViews,
  trailOf,
  withoutView,
  withView,
} from "@/core/lesson/views-of";
import { readNumber } from "@/core/number/read-number";
import { showNumber } from "@/core/number/show-number";
import { lineAs } from "@/core/surface/line";
import { startingChart } from "@/core/surface/starting-charts";
import { startingLine } from "@/core/surface/starting-lines";
import { NEW_TIMES } from "@/core/surface/times-grid";
import { Button, IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { Select } from "@/kit/select";
import { Switch } from "@/kit/switch";
import { CheckedField } from "./checked-field";
import { pickBoard, pickScene, useBoard, useBoardStore } from "./use-board";

export const VIEW_NAMES: Record<PlacedKind, string> = {
  chart: "Chart",
  times: "Times grid",
  line: "Number line",
  strip: "Number strip",
  trail: "The count so far",
  sentence: "Number sentence",
  way: "Stops",
  pairs: "To the next ten",
  compare: "Two numbers compared",
  problems: "Several problems",
};

/** A view of a kind as a board begins with it. */
export function newView(kind: PlacedKind): PlacedView {
  switch (kind) {
    case "chart":
      return startingChart("1-100");
    case "times":
      return NEW_TIMES;
    case "line":
      return startingLine("0-100");
    case "strip":
      return lineAs(startingLine("0-20"), "strip");
    case "trail":
      return NEW_TRAIL;
    case "sentence":
      return { kind: "sentence", form: "gathered" };
    case "way":
      return { kind: "way" };
    case "pairs":
      return { kind: "pairs", way: "on" };
    case "compare":
      return { kind: "compare", a: "47", b: "74" };
    case "problems":
      return {
        kind: "problems",
        items: ["8 − 3 = ?", "6 + 7 = ?", "9 + ? = 15", "14 − 6 = ?"],
        check: "at-once",
      };
    default:
      return kind satisfies never;
  }
}

/** Which views stand on the board, in which places, and what the panel that reads the count shows. */
export function ViewsPage() {
  const board = useBoard(pickBoard);
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
                {isHidden ? <EyeOff aria-hidden size={19} /> : <Eye aria-hidden size={19} />}
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
          label="They stand"
          value={board.layout.run}
          options={[
            { value: "beside", label: "Side by side" },
            { value: "above", label: "One above the other" },
          ]}
          onChange={(run) =>
            change({ ...board, layout: { run, share: run === board.layout.run ? board.layout.share : 0.58 } })
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

function SentenceForm() {
  const sentence = useBoard((state) => pickBoard(state).views.find((view) => view.kind === "sentence"));
  const store = useBoardStore();
  if (sentence?.kind !== "sentence") return null;
  return (
    <Choice
      label="The number sentence has"
      value={sentence.form}
      options={[
        { value: "gathered", label: "4 × 6" },
        { value: "each", label: "6 + 6 + 6 + 6" },
      ]}
      onChange={(form) =>
        store.getState().change((state) => ({
          ...state,
          board: withView(state.board, { kind: "sentence", form }),
        }))
      }
    />
  );
}

/** The two numbers that are compared; another one begins without a sign. */
function ComparedNumbers() {
  const compare = useBoard((state) => pickBoard(state).views.find((view) => view.kind === "compare"));
  const store = useBoardStore();
  if (compare?.kind !== "compare") return null;
  const field = (part: "a" | "b", label: string) => (
    <CheckedField
      label={label}
      numeric
      value={showNumber(compare[part])}
      check={(typed) => {
        const read = readNumber(typed);
        return read.ok ? undefined : read.message;
      }}
      onTake={(typed) => {
        const read = readNumber(typed);
        if (!read.ok) return;
        store.getState().change((state) => ({
          ...state,
          board: withView(state.board, { ...compare, [part]: read.text }),
        }));
      }}
    />
  );
  return (
    <div className="grid grid-cols-2 gap-3">
      {field("a", "Compare")}
      {field("b", "With")}
    </div>
  );
}

/** The problems, a line each, and when their answers are checked. */
function ProblemFields() {
  const problems = useBoard((state) => pickBoard(state).views.find((view) => view.kind === "problems"));
  const store = useBoardStore();
  if (problems?.kind !== "problems") return null;
  const lay = (part: Partial<ProblemsSettings>) =>
    store
      .getState()
      .change((state) => ({ ...state, board: withView(state.board, { ...problems, ...part }) }));
  return (
    <div className="flex flex-col gap-3">
      <div className="grid grid-cols-2 gap-2">
        {problems.items.map((text, index) => (
          <div
            // biome-ignore lint/suspicious/noArrayIndexKey: a problem is where it stands.
            key={index}
            className="flex items-end gap-1"
          >
            <CheckedField
              label={`Problem ${index + 1}`}
              value={text}
              className="min-w-0 flex-1"
              check={(typed) => {
                const read = readProblem(typed);
                return read.ok ? undefined : read.message;
              }}
              onTake={(typed) => lay({ items: problems.items.with(index, typed.trim()) })}
            />
            {problems.items.length > 1 && index === problems.items.length - 1 && (
              <IconButton
                name={`Remove problem ${index + 1}`}
                onClick={() => lay({ items: problems.items.slice(0, -1) })}
              >
                <Trash2 aria-hidden size={18} />
              </IconButton>
            )}
          </div>
        ))}
      </div>
      {problems.items.length < MOST_PROBLEMS && (
        <Button onClick={() => lay({ items: [...problems.items, "7 + 5 = ?"] })}>One more problem</Button>
      )}
      <Choice
        label="Check the answers"
        value={problems.check}
        options={[
          { value: "at-once", label: "At once" },
          { value: "at-end", label: "At the end" },
          { value: "off", label: "Off" },
        ]}
        onChange={(check) => lay({ check })}
      />
    </div>
  );
}

const PARTS: readonly { part: Exclude<keyof TrailSettings, "kind" | "words">; label: string }[] = [
  { part: "sentence", label: "Number sentence" },
  { part: "numbers", label: "Numbers so far" },
  { part: "ones", label: "Ones digits so far" },
];
const NO_PARTS: TrailSettings = { ...NEW_TRAIL, numbers: false, sentence: false, ones: false };

/** What the panel reads from the count, and the arrow moves that stand with it. */
function CountParts() {
  const trail = useBoard((state) => trailOf(pickBoard(state))) ?? NO_PARTS;
  const placed = useBoard((state) => placedOf(pickBoard(state)).length);
  const chart = useBoard((state) => chartOf(pickBoard(state)) !== undefined);
  const arrows = useBoard((state) => arrowsOf(pickBoard(state)));
  const stands = useBoard((state) => placedOf(pickBoard(state)).some(({ kind }) => kind === "trail"));
  const store = useBoardStore();
  const full = !stands && placed >= MOST_PLACED;
  const lay = (next: TrailSettings) =>
    store.getState().change((state) => ({ ...state, board: withView(state.board, next) }));
  return (
    <div className="flex flex-col">
      <p className="mb-2 text-[15px] leading-snug text-quiet">
        {full
          ? "There is no room for the count so far: take another view away first."
          : "Read from the count so far:"}
      </p>
      {PARTS.map(({ part, label }) => (
        <Switch
          key={part}
          label={label}
          disabled={full}
          on={trail[part]}
          onChange={(on) => lay({ ...trail, [part]: on })}
        />
      ))}
      <Switch
        label="Arrow moves"
        disabled={!chart || full}
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
      <div className="mt-3">
        <Choice
          label="The number in words"
          value={trail.words}
          options={[
            { value: "off", label: "Off" },
            { value: "british", label: "British" },
            { value: "american", label: "American" },
          ]}
          onChange={(words) => !full && lay({ ...trail, words })}
        />
      </div>
      <p className="mt-2 text-[15px] text-quiet">
        {trail.words === "american" ? "112: one hundred twelve" : "112: one hundred and twelve"}
      </p>
    </div>
  );
}
