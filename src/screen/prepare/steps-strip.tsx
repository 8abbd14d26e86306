"use client";

import { Hammer, ScrollText } from "lucide-react";
import { Fragment, useEffect, useMemo, useRef, useState } from "react";
import { openBoard } from "@/core/lesson/board-state";
import { recordOver, rewordStep, whyNotRecorded } from "@/core/lesson/edit-stair";
import { faultsOf } from "@/core/lesson/stair-faults";
import { later } from "@/kit/later";
import { say } from "@/kit/messages";
import { boardStateOf } from "../store/on-show";
import { sayDone } from "../store/say-done";
import { pickBoard, pickClimbed, pickPrepared, useBoard, useBoardStore } from "../store/use-board";
import { AgainCard, FootCard, KeepCard, SideButton, StepCard } from "./step-cards";
import { StepDialog } from "./step-dialog";

const Workshop = later(() => import("../workshop/workshop").then((part) => part.Workshop));

const MIN_HEIGHT = 78;
const MAX_HEIGHT = 112;

/** The stair as it is prepared: its steps with their titles and questions, rising from left to right. */
export function StepsStrip({ keepStep, fromRecipe }: { keepStep: () => void; fromRecipe: () => void }) {
  const stair = useBoard((state) => pickBoard(state).stair);
  const climbed = useBoard(pickClimbed);
  const isWritten = useBoard((state) => pickBoard(state).recipe !== undefined);
  const [wording, setWording] = useState<number | null>(null);
  /** The step to open the workshop at; 0 for none in particular. */
  const [looking, setLooking] = useState<number | null>(null);
  const board = useBoard(pickPrepared);
  const faults = useMemo(() => faultsOf(board), [board]);
  /** The id of the step being recorded over. */
  const [again, setAgain] = useState<string | null>(null);
  const store = useBoardStore();
  // The current step and the card after it, which keeps or records, stay in sight, however long the stair is.
  const strip = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is in sight follows the step.
  useEffect(() => {
    const here = strip.current?.querySelector("[aria-current=step]");
    here?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [climbed, board.id]);
  const height = (level: number) =>
    MIN_HEIGHT + ((MAX_HEIGHT - MIN_HEIGHT) * level) / Math.max(stair.length + 1, 6);
  const doAgain = (level: number) => {
    setAgain(stair[level - 1]!.id);
    store.getState().standOn(level - 1);
  };
  const keepCard = (below: number) => {
    const next = stair[below];
    if (!next || next.id !== again) return <KeepCard height={height(below + 1)} keepStep={keepStep} />;
    return (
      <AgainCard
        title={next.title}
        height={height(below + 1)}
        onKeep={() => {
          const fault = whyNotRecorded(boardStateOf(store.getState()));
          if (fault) return say(fault);
          store.getState().change((state) => recordOver(state, below + 1));
          setAgain(null);
          sayDone(store, `Step “${next.title}” now does this.`);
        }}
        onLeave={() => setAgain(null)}
      />
    );
  };
  return (
    <section
      ref={strip}
      aria-label="Steps"
      className="flex h-[7.25rem] min-w-0 shrink-0 items-end wrap-break-word low:h-press low:items-start gap-1 overflow-y-hidden pr-1 cramped:overflow-x-auto cramped:gap-2 cramped:px-1"
    >
      {/* They stay in sight while the steps slide, except where there is room for little else. */}
      <div className="flex shrink-0 flex-col justify-end gap-1.5 self-stretch pb-2 low:flex-row low:pb-0">
        {stair.length > 0 && (
          <SideButton icon={<Hammer aria-hidden size="1.125rem" />} onPress={() => setLooking(climbed || 1)}>
            Workshop
          </SideButton>
        )}
        {/* A stair can be written for the teacher; one that was can be written again with other numbers. */}
        <SideButton icon={<ScrollText aria-hidden size="1.125rem" />} onPress={fromRecipe}>
          {isWritten ? "Other numbers" : "From a recipe"}
        </SideButton>
      </div>
      <div className="flex min-w-0 flex-1 items-end gap-2 self-stretch overflow-x-auto overflow-y-hidden scroll-pr-64 scroll-pl-2 px-1 cramped:contents">
        <FootCard height={height(0)} here={climbed === 0} />
        {climbed === 0 && keepCard(0)}
        {stair.map((step, index) => (
          <Fragment key={step.id}>
            <StepCard
              step={step}
              level={index + 1}
              steps={stair.length}
              here={climbed === index + 1}
              height={height(index + 1)}
              faults={faults.filter(({ level }) => level === index + 1).length}
              onReword={() => setWording(index + 1)}
              onLook={() => setLooking(index + 1)}
              onAgain={() => doAgain(index + 1)}
            />
            {climbed === index + 1 && keepCard(index + 1)}
          </Fragment>
        ))}
      </div>
      {looking !== null && (
        <Workshop
          level={looking}
          onClose={() => setLooking(null)}
          onAgain={(level) => {
            setLooking(null);
            doAgain(level);
          }}
        />
      )}
      <StepDialog
        doing="Change the words"
        words={wording === null ? null : (stair[wording - 1] ?? null)}
        put={(words) => rewordStep(openBoard(board), wording ?? 0, words)}
        level={wording ?? 0}
        onClose={() => setWording(null)}
        onSave={(words) => {
          if (wording !== null) store.getState().change((state) => rewordStep(state, wording, words));
          setWording(null);
        }}
      />
    </section>
  );
}
