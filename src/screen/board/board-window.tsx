"use client";

import { clsx } from "clsx";
import { useEffect, useMemo, useRef, useState } from "react";
import { layoutOf } from "@/core/lesson/views-of";
import { afterFrame } from "@/kit/after-frame";
import { say } from "@/kit/messages";
import { patient } from "@/kit/patient";
import { LOW, UPRIGHT, useMedia } from "@/kit/use-media";
import { useNoDroppedFiles } from "@/kit/use-no-dropped-files";
import { useNoTouchMenu } from "@/kit/use-no-touch-menu";
import { useSureTaps } from "@/kit/use-sure-taps";
import { ArrowPanel } from "../arrows/arrow-panel-later";
import { BesideClass } from "../class/beside-class";
import { hasTime } from "../class/has-time";
import { useClassLink } from "../class/use-class-link";
import { boardCommands, type ScreenDoors } from "../commands/commands";
import { useKeys } from "../commands/use-keys";
import { useTyping } from "../fill/use-typing";
import { TRY } from "../first/first-visit";
import { BoardHeader } from "../head/board-header";
import { Rail } from "../rail/rail";
import { isOn, keep } from "../save/browser-store";
import { sendAside } from "../save/save-door";
import type { Unsaved } from "../save/saver";
import { useLeaving } from "../save/use-leaving";
import { useSaver } from "../save/use-saver";
import { lessonOf } from "../store/lesson-of";
import { isPlaying } from "../store/on-show";
import { pickBoard, pickBoardInHand, useBoard, useBoardStore } from "../store/use-board";
import { useClock } from "../store/use-clock";
import { useWindowKeeping } from "../store/use-window-keeping";
import { ViewStage } from "../views/stages";
import { type BoardDialog, BoardDialogs } from "./board-dialogs";
import { BoardViews, OF_MANY, Shared, usePlaced } from "./board-views";
import {
  Announcer,
  ByRule,
  CountPanel,
  Drawer,
  FirstTries,
  PrintBoard,
  SittingsBand,
  StepsStrip,
  TimesPanels,
  UnsavedBand,
  useLaterParts,
  Voice,
} from "./later";
import type { OpenLesson } from "./open-lesson";
import { OverPanel } from "./over-panel";
import { QuestionBand } from "./question-band";
import { ARROWS, BELOW_BOARD, PREPARING, SIDE, SLIM } from "./side";
import { useSeenCookie } from "./use-seen-cookie";
import { useSide } from "./use-side";

/** Seconds from one thing to the next. */
const ORDINARY_PACE = 0.8;
const STRONG = "yellow-stair:back-of-the-room";

type Props = {
  open: OpenLesson;
  name: string;
  unsaved: Unsaved | null;
  /** This window returns to where it was in the lesson. */
  isBack: boolean;
};

const tellWhereFilesOpen = () => say("To open lesson files, drop them on the page of all lessons.");

const lessonFile = patient(() => import("../picture/save-lesson-file"));

/**
 * How long to wait for the code that prints, in milliseconds: a slow computer may need it right after the board was
 * opened. A server that is away must not prevent printing.
 */
const PRINT_WAIT_MS = 15_000;

/** Prints the board once the code that draws it for paper is loaded. */
async function printWhenReady(): Promise<void> {
  await Promise.race([PrintBoard.bring(), new Promise((resolve) => setTimeout(resolve, PRINT_WAIT_MS))]);
  afterFrame(() => window.print());
}

/** The board screen: one board, taught or prepared. */
export function BoardWindow({ open, name, unsaved, isBack }: Props) {
  const store = useBoardStore();
  const preparing = useBoard((state) => state.preparing);
  const [isTry] = useState(() => new URLSearchParams(window.location.search).has(TRY));
  const [strong, setStrong] = useState(() => isOn(localStorage, STRONG));
  // When opened again, it shows the step that it showed before.
  const [rulesPage, setRulesPage] = useState("marks");
  const [dialog, setDialog] = useState<BoardDialog>(null);
  const saver = useSaver({ ...open, name, unsaved }, store);
  const [unsavedHidden, setUnsavedHidden] = useState(false);
  useLaterParts();
  useSeenCookie(strong);
  const voice = useBoard((state) => pickBoard(state).count.voice);
  useWindowKeeping(open.id, store, preparing);
  const { link, openClassScreen } = useClassLink(open.id, strong);

  const toggleSide = useRef<typeof toggle>(() => {});
  const doors = useMemo<ScreenDoors>(
    () => ({
      keepStep: () => setDialog("keep"),
      setStrong: (change) =>
        setStrong((was) => {
          keep(localStorage, STRONG, change(was));
          return change(was);
        }),
      fullScreen: () =>
        document.fullscreenElement
          ? void document.exitFullscreen()
          : void document.documentElement
              .requestFullscreen()
              .catch(() => say("This browser cannot show full screen.")),
      prepare: () => store.getState().prepare(!store.getState().preparing),
      byRule: () => toggleSide.current("rules"),
      setCount: () => toggleSide.current("count"),
      showKeys: () => setDialog("keys"),
      showRemoved: () => setDialog("removed"),
      saveOrPrint: () => setDialog("save"),
      savePicture: () => setDialog("picture"),
      sheets: () => setDialog("sheets"),
      fromRecipe: () => setDialog("recipe"),
      saveFile: () =>
        void lessonFile().then(({ saveLessonFile }) => saveLessonFile(open.id, lessonOf(store.getState()))),
      numbers: () => setDialog("numbers"),
      print: () => void printWhenReady(),
      bringBack: (key, lesson) =>
        void sendAside({ key, lesson }).then(
          (id) => window.location.assign(`/lesson/${id}?prepare`),
          () => say("It could not be opened as a copy. Check that Yellow Stair is running, then try again."),
        ),
      findCommand: () => setDialog("command"),
      classScreen: openClassScreen,
      anotherClass: () => setDialog("class"),
      versions: () => setDialog("versions"),
      allBoards: () => setDialog("boards"),
    }),
    [store, open.id, openClassScreen],
  );
  const commands = useMemo(() => boardCommands(store, doors), [store, doors]);
  useKeys(commands);
  useTyping();
  useSureTaps();
  useNoTouchMenu();
  useNoDroppedFiles(tellWhereFilesOpen);

  // A step played one by one on a board that shows everything at once has a pace of its own.
  const climbEvery = useBoard((state) => pickBoard(state).climbEvery || ORDINARY_PACE);
  const playing = useBoard(isPlaying);
  useClock(playing, climbEvery, () => store.getState().playBeat());

  const moves = useBoard((state) => hasTime(state.counting, pickBoardInHand(state)));
  const { side, beside, panel, shownPage, showPage, shows, toggle, arrows, times } = useSide();
  const isBeside = useBoard((state) => layoutOf(pickBoard(state)).run !== "above");
  const share = useBoard((state) => pickBoard(state).layout.share);
  const placed = usePlaced();
  // The count panel is narrow: it gives its room to whatever else is opened at the side.
  const narrow = isBeside && placed.length === 2 && placed[1]?.kind === "trail";
  const low = useMedia(LOW);
  const upright = useMedia(UPRIGHT);
  // A second view stands over the arrows, where there is room, and the main one keeps its size.
  const overPanel = side === "panels" && isBeside && placed.length === 2 && (narrow || !(upright || low));
  const besideViews = side !== "none" && !overPanel;
  const tools = (
    <>
      {arrows && <ArrowPanel />}
      {times && <TimesPanels />}
    </>
  );

  useEffect(() => {
    toggleSide.current = toggle;
  });

  const { saveFirst, leave } = useLeaving(saver);
  const below = panel?.at === "below" && <panel.Panel />;

  return (
    <div
      className="board-page relative flex h-dvh flex-col overflow-hidden bg-wall"
      data-strong={strong || undefined}
    >
      <BoardHeader
        id={open.id}
        preparing={preparing}
        strong={strong}
        save={saver.state}
        doors={doors}
        renameLesson={() => setDialog("words")}
        showUnsaved={() => setUnsavedHidden(false)}
        leave={leave}
      />
      {(saver.state.kind === "stale" || saver.state.kind === "refused") && !unsavedHidden && (
        <UnsavedBand
          state={saver.state}
          onHide={() => setUnsavedHidden(true)}
          id={open.id}
          name={name}
          stop={saver.stop}
        />
      )}
      {isTry && <FirstTries />}
      {!isBack && !preparing && open.sittings.length > 0 && (
        <SittingsBand id={open.id} sittings={open.sittings} />
      )}
      <main
        className={`${moves ? "live" : "live quick"} flex min-h-0 flex-1 flex-col gap-3 px-5 low:gap-1.5 low:px-2 ${preparing ? "" : "pb-3 low:pb-1.5"}`}
      >
        <BesideClass link={link}>
          <QuestionBand />
          <div
            className={clsx(
              "grid min-h-0 flex-1 gap-4 portrait:grid-cols-1",
              // On a phone what stands beside the board stands below it, and is scrolled to.
              besideViews &&
                "phone:flex phone:flex-col phone:overflow-y-auto phone:[&>*]:shrink-0 phone:[&>*:first-child]:min-h-80 phone:[&>*:first-child]:flex-1",
              besideViews && (preparing ? PREPARING : side !== "panels" ? SIDE : arrows ? ARROWS : SLIM),
            )}
          >
            {overPanel || (narrow && !besideViews) ? (
              <Shared layout={{ run: "beside", share }} fits={side === "panels"}>
                <div data-place="main" className={`min-h-0 min-w-0 [&>section]:size-full ${OF_MANY}`}>
                  <ViewStage view={placed[0]!} strong={strong} />
                </div>
                <OverPanel view={placed[1]!} strong={strong} panel={side === "panels" && tools} />
              </Shared>
            ) : (
              <BoardViews
                placed={narrow && (!preparing || low) ? placed.slice(0, 1) : placed}
                strong={strong}
              />
            )}
            {side === "panels" && !overPanel && (
              <div className="flex min-h-0 flex-col gap-4 overflow-y-auto *:first:mt-auto">{tools}</div>
            )}
            {side === "drawer" && <Drawer page={shownPage} onPage={showPage} />}
            {side === "count" && <CountPanel onClose={() => toggle("count")} />}
            {side === "rules" && <ByRule page={rulesPage} onPage={setRulesPage} />}
            {side === "tool" &&
              beside &&
              (narrow && beside.withCount ? (
                // The count panel stays while jumps are made.
                <div className="flex min-h-0 flex-col gap-4">
                  <div className="h-[30%] min-h-0 shrink-0">
                    <ViewStage view={placed[1]!} strong={strong} />
                  </div>
                  <beside.Panel />
                </div>
              ) : (
                <beside.Panel />
              ))}
            {preparing && (
              <div className={BELOW_BOARD}>
                {below}
                <StepsStrip keepStep={doors.keepStep} fromRecipe={doors.fromRecipe} />
              </div>
            )}
          </div>
          {!preparing && below}
        </BesideClass>
      </main>
      <Rail
        keepStep={doors.keepStep}
        byRule={shows.rules}
        onByRule={() => toggle("rules")}
        settingCount={shows.count}
        onSetCount={() => toggle("count")}
      />

      {voice && <Voice />}
      <Announcer />
      <PrintBoard strong={strong} />
      <BoardDialogs
        id={open.id}
        saveFirst={saveFirst}
        dialog={dialog}
        close={() => setDialog(null)}
        doors={doors}
        commands={commands}
        strong={strong}
      />
    </div>
  );
}
