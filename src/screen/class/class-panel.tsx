"use client";

import { Eye, EyeOff, type LucideIcon, Pause, Play, Pointer, RotateCcw } from "lucide-react";
import { type ReactNode, useEffect, useState } from "react";
import { useStore } from "zustand";
import type { StoreApi } from "zustand/vanilla";
import { openBoard, stepAsked } from "@/core/lesson/board-state";
import { surfacesOf } from "@/core/lesson/views-of";
import { isCoveredAt } from "@/core/scene/scene";
import { listNumbers } from "@/core/set/rule-words";
import { isCellKey } from "@/core/surface/cell-key";
import { kindOfView } from "@/core/views/view";
import { Button } from "@/kit/button";
import type { BoardScreenState } from "../store/board-store";
import { boardStateOf, sceneOn } from "../store/on-show";
import { sayDone } from "../store/say-done";
import { pickBoard, useBoard, useBoardStore } from "../store/use-board";
import type { ClassLink } from "./class-link";
import { PointLayer } from "./point-layer-later";
import { pointing } from "./pointing";

/** Steps ahead that are shown. */
const AHEAD = 3;

/** What only the teacher sees while a class screen follows: the answer, her note, what is covered, and what comes next. */
export function ClassPanel({ link }: { link: StoreApi<ClassLink> }) {
  const { held, blank, hold, setBlank, setPointing } = useStore(link);
  const points = useStore(pointing, ({ on }) => on);
  // Pointing ends when the class screen is put away, or preparing begins.
  useEffect(() => {
    void PointLayer.bring();
    return () => setPointing(false);
  }, [setPointing]);
  return (
    <aside
      aria-label="Only for you"
      className="-m-1.5 flex w-[21.75rem] shrink-0 flex-col gap-3 overflow-y-auto p-1.5 wrap-break-word portrait:max-h-[34%] portrait:w-[calc(100%+0.75rem)]"
    >
      <Clock does={blank ? "is blank" : held ? "is held" : "follows"} />
      <div className="grid shrink-0 grid-cols-3 gap-2">
        <Turned
          on={held !== null}
          turn={hold}
          icon={held ? Play : Pause}
          name={held ? "Let it follow" : "Hold it"}
        >
          {held ? "Follow" : "Hold"}
        </Turned>
        <Turned
          on={blank}
          turn={setBlank}
          icon={blank ? Eye : EyeOff}
          name={blank ? "Show it again" : "Blank it"}
        >
          {blank ? "Show" : "Blank"}
        </Turned>
        <Turned
          on={points}
          turn={setPointing}
          icon={Pointer}
          name={points ? "Stop pointing" : "Point on the class screen"}
        >
          {points ? "Stop" : "Point"}
        </Turned>
      </div>
      <Answer />
      <Covered />
      <Next />
      <Where />
    </aside>
  );
}

type TurnedProps = {
  on: boolean;
  turn: (on: boolean) => void;
  icon: LucideIcon;
  name: string;
  children: string;
};

/** Something done to the class screen, and undone by the same button. */
const Turned = ({ on, turn, icon: Icon, name, children }: TurnedProps) => (
  <Button
    tone={on ? "stair" : "plain"}
    aria-label={name}
    aria-pressed={on}
    turn={() => turn(!on)}
    className="px-2"
  >
    <Icon aria-hidden size="1.125rem" /> {children}
  </Button>
);

const CARD = "shrink-0 rounded-card bg-board px-4 py-3";
const Label = ({ children }: { children: ReactNode }) => (
  <p className="text-small font-semibold text-quiet">{children}</p>
);

const timeNow = () => new Date().toLocaleTimeString("en-GB", { hour: "numeric", minute: "2-digit" });

/** What the class screen does now, and the time. */
function Clock({ does }: { does: "follows" | "is held" | "is blank" }) {
  const [time, setTime] = useState(timeNow);
  useEffect(() => {
    const timer = setInterval(() => setTime(timeNow()), 1_000);
    return () => clearInterval(timer);
  }, []);
  return (
    <p className="flex shrink-0 items-center gap-2.5 rounded-card bg-board px-4 py-2.5 font-semibold">
      <span
        aria-hidden
        className={`size-3 rounded-full ${does === "follows" ? "bg-kelp-dot" : "border-2 border-quiet"}`}
      />
      Class screen {does}
      <span className="ml-auto font-numeral text-large">{time}</span>
    </p>
  );
}

function Answer() {
  const step = useBoard((state) => stepAsked(boardStateOf(state)));
  if (!step || (!step.answer && !step.note)) return null;
  return (
    <section aria-label="Answer" className={CARD}>
      {step.answer && (
        <>
          <Label>Answer</Label>
          <p className="font-numeral text-title leading-snug font-bold">{step.answer}</p>
        </>
      )}
      {step.note && (
        <>
          <p className="mt-1.5 leading-snug">{step.note}</p>
          <p className="mt-1 text-small text-quiet">Your note</p>
        </>
      )}
    </section>
  );
}

/** The covered numbers of the board on show, in their order. */
function pickCovered(state: BoardScreenState): string {
  const numbers = surfacesOf(pickBoard(state)).flatMap((view) => {
    const scene = sceneOn(state, view);
    const seen = { look: scene.looks[view.id], window: scene.windows[view.id] ?? undefined };
    return kindOfView(view)
      .lists(view, seen)
      .filter((target) => !isCellKey(target) && isCoveredAt(scene, target));
  });
  const all = [...new Set(numbers)];
  return all.length === 0 ? "" : listNumbers(all, 10);
}

function Covered() {
  const covered = useBoard(pickCovered);
  if (covered === "") return null;
  return (
    <section
      aria-label="Under covers"
      className="shrink-0 rounded-card border-2 border-stair bg-lit px-4 py-3"
    >
      <Label>Under covers</Label>
      <p className="font-numeral text-large leading-snug font-bold">{covered}</p>
    </section>
  );
}

function Next() {
  const stair = useBoard((state) => boardStateOf(state).board.stair);
  const climbed = useBoard((state) => boardStateOf(state).climbed);
  const ahead = stair.slice(climbed, climbed + AHEAD);
  return (
    <section
      aria-label="What comes next"
      className="min-h-32 flex-1 overflow-y-auto rounded-card bg-board px-4 py-3"
    >
      <Label>Next</Label>
      {ahead.length === 0 && <p className="pt-1">This is the last step of the board.</p>}
      <ol className="mt-1.5 flex flex-col gap-1.5">
        {ahead.map(({ id, title, question, answer }, i) => (
          <li
            key={id}
            className={`flex gap-3 rounded-button px-3 py-2 ${i === 0 ? "bg-lit ring-2 ring-stair" : "bg-mist"}`}
          >
            <span className="pt-0.5 text-large font-bold">{climbed + i + 1}</span>
            <span className="min-w-0 leading-snug">
              <span className="block font-semibold">{title}</span>
              {question && <span className="line-clamp-2 text-small text-quiet">{question}</span>}
              {answer && <span className="block font-numeral text-small font-bold">{answer}</span>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Where() {
  const store = useBoardStore();
  const at = useBoard((state) => state.at);
  const climbed = useBoard((state) => boardStateOf(state).climbed);
  const steps = useBoard((state) => boardStateOf(state).board.stair.length);
  const again = () => {
    store.getState().change((state) => openBoard(state.board), { answerShown: false, counting: false });
    sayDone(store, "The board is at its start again.");
  };
  return (
    <div className={`${CARD} flex items-center justify-between gap-2`}>
      <p className="font-semibold">
        Board {at + 1}, {climbed === 0 ? "at its start" : `step ${climbed} of ${steps}`}
      </p>
      <Button onClick={again} className="px-3">
        <RotateCcw aria-hidden size="1.125rem" /> Begin again
      </Button>
    </div>
  );
}
