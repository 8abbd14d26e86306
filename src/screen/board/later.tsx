"use client";

import { type ComponentType, useEffect } from "react";
import { KIND_NAMES } from "@/core/views/view";
import { afterFrame } from "@/kit/after-frame";
import { bringInTurn } from "@/kit/bring-in-turn";
import { Busy } from "@/kit/busy";
import { having, later } from "@/kit/later";
import { bringMenus } from "@/kit/menu";
import { allComing, patient, untilThere } from "@/kit/patient";
import { bringPopovers } from "@/kit/popover";
import { bringSelects } from "@/kit/select";
import { filling } from "../fill/filling";
import { noNext } from "../rail/no-next";
import { isPlaying } from "../store/on-show";
import { settingUp } from "../store/setting-up";
import { useBoardStore } from "../store/use-board";
import { TOOL_NAMES, toolOf } from "../tools";
import { recognising } from "../tools/mark";
import { stageOf } from "../views/stages";
import { Handle } from "./handle";

type Parts = typeof import("./parts");
/** The loaders are a chunk of their own. */
const parts = patient(() => import("./parts"));
const part = <K extends keyof Parts>(name: K): Parts[K] =>
  (() => parts().then((all) => (all[name] as () => Promise<unknown>)())) as Parts[K];

/** A part that sets the board up. */
const settable = <K extends keyof Parts>(name: K) =>
  having([settingUp], part(name) as () => Promise<unknown>) as Parts[K];

/*
 * Parts of the board screen that are not loaded when it opens. They are loaded after the board itself stands, so that
 * it stands soon; and before they are asked for, so that a server that goes away takes nothing with it.
 */
const Strip: ComponentType<object> = () => <div aria-busy className="h-[7.25rem] low:h-press" />;

const Card: ComponentType<object> = () => (
  <div aria-busy className="rounded-card bg-board landscape:row-span-2 landscape:mb-3 low:mb-1.5" />
);

export const Drawer = later(settable("drawer"), Card);
export const StepsStrip = later(part("stepsStrip"), Strip);
export const KeepStep = later(part("keepStep"));
export const UnsavedBand = later(part("unsavedBand"));
export const LessonWordsDialog = later(part("lessonWordsDialog"));
export const RemovedBoards = later(part("removedBoards"));
export const Sheets = later(part("sheets"));
export const SittingsBand = later(part("sittingsBand"));
export const FirstTries = later(part("firstTries"));
export const ClassDialog = later(part("classDialog"));
export const VersionsDialog = later(part("versionsDialog"));
export const BoardsDialog = later(part("boardsDialog"));
export const RecipeDialog = later(part("recipeDialog"));
export const SaveDialog = later(part("saveDialog"));
export const PictureDialog = later(part("pictureDialog"));
export const NumbersDialog = later(part("numbersDialog"));
export const PrintBoard = later(part("printBoard"), () => null, "when brought");
export const NoDroppedFiles = later(part("noDroppedFiles"), () => null, "when brought");
export const KeysDialog = later(part("keysDialog"));
export const FindCommand = later(part("findCommand"));
export const Announcer = later(part("announcer"), () => null, "when brought");
export const Voice = later(part("voice"));
export const Slips = later(part("slips"));
export const Verdict = later(part("verdict"));
export const CountPanel = later(settable("countPanel"), Busy);
export const ByRule = later(part("byRule"), Busy);

export const HeaderItems = later(part("headerItems"));
export const ClearItems = later(part("clearItems"));
export const DrawerItems = later(part("drawerItems"));
export const AddBoard = later(part("addBoard"));

/** Can be drawn once loaded; until then a placeholder is shown. */
export const Divider = later(settable("divider"), Handle, "when brought");

/** What tools and menus need is loaded before the rest. */
const TOOL_PARTS = [
  filling,
  noNext,
  recognising,
  settingUp,
  { bring: bringMenus },
  { bring: bringPopovers },
  { bring: bringSelects },
  ...TOOL_NAMES.flatMap((name) => toolOf(name).panel?.Panel ?? []),
];

const AFTER_THE_BOARD_MS = 2500;

/** First what says what happens, and what is in reach of a hand; then everything else. */
function* inTurn() {
  yield* [Announcer, Divider, ...TOOL_PARTS, ...KIND_NAMES.map(stageOf)];
  let rest: typeof import("./rest-in-turn") | undefined;
  yield {
    bring: async () => {
      rest = await untilThere(() => import("./rest-in-turn"));
    },
  };
  yield* rest!.restInTurn();
  yield* allComing;
}

/** Loads the later parts once the board has stood for a while, and while neither a count nor a step is moving. */
export function useLaterParts(): void {
  const store = useBoardStore();
  useEffect(() => {
    const isMoving = () => store.getState().counting || isPlaying(store.getState());
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = bringInTurn(inTurn(), isMoving);
    }, AFTER_THE_BOARD_MS);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, [store]);
}

/**
 * How long to wait for the code that prints, in milliseconds: a slow computer may need it right after the board was
 * opened. A server that is away must not prevent printing.
 */
const PRINT_WAIT_MS = 15_000;

/** Prints the board once the code that draws it for paper is loaded. */
export async function printWhenReady(): Promise<void> {
  await Promise.race([PrintBoard.bring(), new Promise((resolve) => setTimeout(resolve, PRINT_WAIT_MS))]);
  afterFrame(() => window.print());
}
