"use client";

import { type ComponentType, useEffect } from "react";
import { KIND_NAMES } from "@/core/views/view";
import { bringInTurn } from "@/kit/bring-in-turn";
import { Busy } from "@/kit/busy";
import { later } from "@/kit/later";
import { bringMenus } from "@/kit/menu";
import { bringPopovers } from "@/kit/popover";
import { Neighbours } from "@/view/chart/guides";
import { DrawnRoute } from "@/view/chart/route";
import { ArrowPanel } from "../arrows/arrow-panel-later";
import { filling } from "../fill/filling";
import { PenLayer } from "../pen/pen-layer-later";
import { TOOL_NAMES, toolOf } from "../tools";
import { stageOf } from "../views/stages";
import { Handle } from "./handle";

/*
 * Parts of the board screen that are not there when it opens. They come after the board itself stands, so that it
 * stands soon; and they come before they are asked for, so that a server that goes away takes nothing with it.
 */
const Strip: ComponentType<object> = () => <div aria-busy className="h-28" />;

export const Drawer = later(() => import("../prepare/drawer").then((part) => part.Drawer), Busy);
export const StepsStrip = later(
  () => import("../prepare/steps-strip").then((part) => part.StepsStrip),
  Strip,
);
export const KeepStep = later(() => import("../prepare/keep-step").then((part) => part.KeepStep));
export const UnsavedBand = later(() => import("./unsaved-band").then((part) => part.UnsavedBand));
export const LessonWordsDialog = later(() =>
  import("../lesson-words-dialog").then((part) => part.LessonWordsDialog),
);
export const RemovedBoards = later(() =>
  import("../prepare/removed-boards").then((part) => part.RemovedBoards),
);
export const Sheets = later(() => import("../sheets/sheets").then((part) => part.Sheets));
export const SittingsBand = later(() => import("../sitting/sittings-band").then((part) => part.SittingsBand));
export const FirstTries = later(() => import("../first/first-tries").then((part) => part.FirstTries));
export const ClassDialog = later(() => import("../sitting/class-dialog").then((part) => part.ClassDialog));
export const VersionsDialog = later(() =>
  import("../versions/versions-dialog").then((part) => part.VersionsDialog),
);
export const BoardsDialog = later(() => import("../boards/boards-dialog").then((part) => part.BoardsDialog));
export const RecipeDialog = later(() => import("../recipes/recipe-dialog").then((part) => part.RecipeDialog));
export const SaveDialog = later(() => import("../picture/save-dialog").then((part) => part.SaveDialog));
export const PictureDialog = later(() =>
  import("../picture/picture-dialog").then((part) => part.PictureDialog),
);
export const NumbersDialog = later(() =>
  import("../numbers/numbers-dialog").then((part) => part.NumbersDialog),
);
export const PrintBoard = later(
  () => import("../picture/print-board").then((part) => part.PrintBoard),
  () => null,
  "when brought",
);
export const KeysDialog = later(() => import("../commands/keys-dialog").then((part) => part.KeysDialog));
export const FindCommand = later(() => import("../commands/find-command").then((part) => part.default));
export const Announcer = later(
  () => import("../heard/announcer").then((part) => part.Announcer),
  () => null,
  "when brought",
);
export const Voice = later(() => import("../count/voice").then((part) => part.Voice));
export const Slips = later(() => import("../count/slips").then((part) => part.Slips));
export const Verdict = later(() => import("../times/verdict").then((part) => part.Verdict));
export const TimesPanels = later(() => import("../times/times-panel").then((part) => part.TimesPanels), Busy);
export const CountPanel = later(() => import("../count/count-fields").then((part) => part.CountPanel), Busy);
export const ByRule = later(() => import("../rule/by-rule").then((part) => part.ByRule), Busy);

export const HeaderItems = later(() => import("../head/header-items").then((part) => part.HeaderItems));
export const ClearItems = later(() => import("../rail/clear-items").then((part) => part.ClearItems));
export const DrawerItems = later(() => import("../rail/drawer-items").then((part) => part.DrawerItems));
export const AddBoard = later(() => import("../head/board-items").then((part) => part.AddBoard));

/** It can be drawn once it is there; until then it is seen. */
export const Divider = later(() => import("./divider").then((part) => part.Divider), Handle, "when brought");

const PARTS = [
  Neighbours,
  DrawnRoute,
  PenLayer,
  Drawer,
  StepsStrip,
  KeepStep,
  UnsavedBand,
  LessonWordsDialog,
  RemovedBoards,
  SaveDialog,
  ClassDialog,
  VersionsDialog,
  BoardsDialog,
  RecipeDialog,
  Sheets,
  PictureDialog,
  NumbersDialog,
  PrintBoard,
  KeysDialog,
  FindCommand,
  ArrowPanel,
  Announcer,
  Voice,
  Slips,
  Verdict,
  TimesPanels,
  CountPanel,
  ByRule,
  HeaderItems,
  ClearItems,
  DrawerItems,
  AddBoard,
];

/** What tools and menus need comes before the rest. */
const TOOL_PARTS = [
  filling,
  { bring: bringMenus },
  { bring: bringPopovers },
  ...TOOL_NAMES.flatMap((name) => toolOf(name).panel?.Panel ?? []),
];

const AFTER_THE_BOARD_MS = 2500;

/** Brings the later parts once the board has stood for a while. */
export function useLaterParts(): void {
  useEffect(() => {
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = bringInTurn([Divider, ...TOOL_PARTS, ...KIND_NAMES.map(stageOf), ...PARTS]);
    }, AFTER_THE_BOARD_MS);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, []);
}
