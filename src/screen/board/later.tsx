"use client";

import dynamic from "next/dynamic";
import { useEffect } from "react";
import { patient } from "@/kit/patient";
import { neighbours } from "@/view/chart/guides";
import { drawnRoute } from "@/view/chart/route";
import { penLayer } from "../pen/pen-layer-later";

/*
 * Parts of the board screen that are not there when it opens. They come after the board itself stands, so that it
 * stands soon; and they come before they are asked for, so that a server that goes away takes nothing with it.
 */
const parts = {
  neighbours,
  drawnRoute,
  drawer: patient(() => import("./drawer").then((part) => part.Drawer)),
  steps: patient(() => import("./steps-strip").then((part) => part.StepsStrip)),
  stepDialog: patient(() => import("./step-dialog").then((part) => part.StepDialog)),
  lessonWords: patient(() => import("../lesson-words-dialog").then((part) => part.LessonWordsDialog)),
  unsaved: patient(() => import("./unsaved-band").then((part) => part.UnsavedBand)),
  removedBoards: patient(() => import("./removed-boards").then((part) => part.RemovedBoards)),
  keys: patient(() => import("./keys-dialog").then((part) => part.KeysDialog)),
  findCommand: patient(() => import("./find-command")),
  arrows: patient(() => import("../arrows/arrow-panel").then((part) => part.ArrowPanel)),
  timesStage: patient(() => import("./times-stage").then((part) => part.TimesStage)),
  voice: patient(() => import("./voice").then((part) => part.Voice)),
  slips: patient(() => import("./slips").then((part) => part.Slips)),
  verdict: patient(() => import("../times/verdict").then((part) => part.Verdict)),
  timesPanels: patient(() => import("../times/times-panel").then((part) => part.TimesPanels)),
  lineStage: patient(() => import("../line/line-stage").then((part) => part.LineStage)),
  sentenceStage: patient(() => import("../line/sentence-stage").then((part) => part.SentenceStage)),
  wayStage: patient(() => import("../line/sentence-stage").then((part) => part.WayStage)),
  penLayer,
  penStrip: patient(() => import("../pen/pen-strip").then((part) => part.PenStrip)),
  pairsStage: patient(() => import("../line/sentence-stage").then((part) => part.PairsStage)),
  problemsStage: patient(() => import("../line/problems-stage").then((part) => part.ProblemsStage)),
  compareStage: patient(() => import("../line/sentence-stage").then((part) => part.CompareStage)),
  jumpPanel: patient(() => import("../line/jump-panel").then((part) => part.JumpPanel)),
  count: patient(() => import("./count-fields").then((part) => part.CountFields)),
  fill: patient(() => import("../fill/fill-panel").then((part) => part.FillPanel)),
  byRule: patient(() => import("../rule/by-rule").then((part) => part.ByRule)),
};

const AFTER_THE_BOARD_MS = 4000;

/** Brings the later parts once the board has stood for a while. */
export function useLaterParts(): void {
  useEffect(() => {
    const timer = setTimeout(() => {
      for (const part of Object.values(parts)) void part();
    }, AFTER_THE_BOARD_MS);
    return () => clearTimeout(timer);
  }, []);
}

const Busy = () => <div aria-busy className="size-full min-h-40 rounded-card bg-board" />;

export const Drawer = dynamic(parts.drawer, { ssr: false, loading: Busy });
export const StepsStrip = dynamic(parts.steps, {
  ssr: false,
  loading: () => <div aria-busy className="h-28" />,
});
export const StepDialog = dynamic(parts.stepDialog, { ssr: false });
export const UnsavedBand = dynamic(parts.unsaved, { ssr: false });
export const LessonWordsDialog = dynamic(parts.lessonWords, { ssr: false });
export const RemovedBoards = dynamic(parts.removedBoards, { ssr: false });
export const KeysDialog = dynamic(parts.keys, { ssr: false });
export const FindCommand = dynamic(parts.findCommand, { ssr: false });
export const ArrowPanel = dynamic(parts.arrows, { ssr: false, loading: Busy });
export const TimesStage = dynamic(parts.timesStage, { ssr: false, loading: Busy });
export const Voice = dynamic(parts.voice, { ssr: false });
export const Slips = dynamic(parts.slips, { ssr: false });
export const Verdict = dynamic(parts.verdict, { ssr: false });
export const TimesPanels = dynamic(parts.timesPanels, { ssr: false, loading: Busy });
export const LineStage = dynamic(parts.lineStage, { ssr: false, loading: Busy });
export const SentenceStage = dynamic(parts.sentenceStage, { ssr: false, loading: Busy });
export const WayStage = dynamic(parts.wayStage, { ssr: false, loading: Busy });
export const PenStrip = dynamic(parts.penStrip, {
  ssr: false,
  loading: () => <div aria-busy className="h-14" />,
});
export const PairsStage = dynamic(parts.pairsStage, { ssr: false, loading: Busy });
export const ProblemsStage = dynamic(parts.problemsStage, { ssr: false, loading: Busy });
export const CompareStage = dynamic(parts.compareStage, { ssr: false, loading: Busy });
export const JumpPanel = dynamic(parts.jumpPanel, { ssr: false, loading: Busy });
export const CountFields = dynamic(parts.count, { ssr: false, loading: Busy });
export const FillPanel = dynamic(parts.fill, { ssr: false, loading: Busy });
export const ByRule = dynamic(parts.byRule, { ssr: false, loading: Busy });
