"use client";
import { useCallback, useMemo, useState } from "react";
import { useNoTouchMenu } from "@/kit/use-no-touch-menu";
import { useSureTaps } from "@/kit/use-sure-taps";
import { BesideClass } from "../class/beside-class";
import { hasTime } from "../class/has-time";
import { useClassLink } from "../class/use-class-link";
import { boardCommands } from "../commands/commands";
import { useKeys } from "../commands/use-keys";
import { useOverBoard } from "../commands/use-over-board";
import { useTyping } from "../fill/use-typing";
import { TRY } from "../first/first-visit";
import { BoardHeader } from "../head/board-header";
import { Rail } from "../rail/rail";
import type { Unsaved } from "../save/saver";
import { useLeaving } from "../save/use-leaving";
import { useSaver } from "../save/use-saver";
import { isPlaying } from "../store/on-show";
import { pickBoard, pickBoardInHand, useBoard, useBoardStore } from "../store/use-board";
import { useClock } from "../store/use-clock";
import { useWindowKeeping } from "../store/use-window-keeping";
import { BoardAndSide } from "./board-and-side";
import { type BoardDialog, BoardDialogs } from "./board-dialogs";
import {
  Announcer,
  FirstTries,
  NoDroppedFiles,
  PrintBoard,
  SittingsBand,
  UnsavedBand,
  useLaterParts,
  Voice,
} from "./later";
import type { OpenLesson } from "./open-lesson";
import { QuestionBand } from "./question-band";
import { useDoors } from "./use-doors";
import { useSeenCookie } from "./use-seen-cookie";
import { useSide } from "./use-side";
import { useStrong } from "./use-strong";

/** Seconds from one thing to the next. */
const ORDINARY_PACE = 0.8;

type Props = {
  open: OpenLesson;
  name: string;
  unsaved: Unsaved | null;
  /** This window returns to where it was in the lesson. */
  isBack: boolean;
};

/** The board screen: one board, taught or prepared. */
export function BoardWindow({ open, name, unsaved, isBack }: Props) {
  const store = useBoardStore();
  const preparing = useBoard((state) => state.preparing);
  const [isTry] = useState(() => new URLSearchParams(window.location.search).has(TRY));
  const [strong, setStrong] = useStrong();
  const [dialog, setDialog] = useState<BoardDialog>(null);
  const saver = useSaver({ ...open, name, unsaved }, store);
  const [unsavedHidden, setUnsavedHidden] = useState(false);
  useLaterParts();
  useSeenCookie(strong);
  const voice = useBoard((state) => pickBoard(state).count.voice);
  useWindowKeeping(open.id, store, preparing);
  const { link, openClassScreen } = useClassLink(open.id, strong);

  const room = useSide();
  const doors = useDoors({
    id: open.id,
    setDialog,
    toggle: room.toggle,
    setStrong,
    classScreen: openClassScreen,
  });
  const commands = useMemo(() => boardCommands(store, doors), [store, doors]);
  const closeDialog = useCallback(() => setDialog(null), []);
  const typed = useOverBoard(dialog, closeDialog);
  useKeys(commands, dialog !== null);
  useTyping(dialog !== null);
  useSureTaps();
  useNoTouchMenu();

  // A step played one by one on a board that shows everything at once has a pace of its own.
  const climbEvery = useBoard((state) => pickBoard(state).climbEvery || ORDINARY_PACE);
  const playing = useBoard(isPlaying);
  useClock(playing, climbEvery, () => store.getState().playBeat());

  const moves = useBoard((state) => hasTime(state.counting, pickBoardInHand(state)));
  const { saveFirst, leave } = useLeaving(saver);
  const { panel, shows, toggle } = room;

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
          <BoardAndSide strong={strong} room={room} doors={doors} />
          {!preparing && panel?.at === "below" && <panel.Panel />}
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
      <NoDroppedFiles />
      <PrintBoard strong={strong} />
      <BoardDialogs
        id={open.id}
        saveFirst={saveFirst}
        dialog={dialog}
        close={closeDialog}
        doors={doors}
        commands={commands}
        strong={strong}
        typed={typed}
      />
    </div>
  );
}
