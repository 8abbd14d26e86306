"use client";

import { useEffect, useMemo, useRef } from "react";
import { say } from "@/kit/messages";
import { patient } from "@/kit/patient";
import type { ScreenDoors } from "../commands/commands";
import { lessonOf } from "../store/lesson-of";
import { useBoardStore } from "../store/use-board";
import type { BoardDialog } from "./board-dialogs";
import { printWhenReady } from "./later";
import type { Asked } from "./use-side";

const lessonFile = patient(() => import("../picture/save-lesson-file"));

type Given = {
  /** The lesson. */
  id: string;
  setDialog: (dialog: BoardDialog) => void;
  /** Opens or closes what stands beside the board. */
  toggle: (what: Asked) => void;
} & Pick<ScreenDoors, "setStrong" | "classScreen">;

/** What the screen around the board can do: the same from one drawing to the next. */
export function useDoors({ id, setDialog, toggle, setStrong, classScreen }: Given): ScreenDoors {
  const store = useBoardStore();
  const toggleNow = useRef(toggle);
  useEffect(() => {
    toggleNow.current = toggle;
  });
  return useMemo<ScreenDoors>(() => {
    const opens = (dialog: BoardDialog) => () => setDialog(dialog);
    return {
      setStrong,
      classScreen,
      keepStep: opens("keep"),
      showKeys: opens("keys"),
      showRemoved: opens("removed"),
      saveOrPrint: opens("save"),
      savePicture: opens("picture"),
      sheets: opens("sheets"),
      fromRecipe: opens("recipe"),
      numbers: opens("numbers"),
      findCommand: opens("command"),
      anotherClass: opens("class"),
      versions: opens("versions"),
      allBoards: opens("boards"),
      fullScreen: () =>
        document.fullscreenElement
          ? void document.exitFullscreen()
          : void document.documentElement
              .requestFullscreen()
              .catch(() => say("This browser cannot show full screen.")),
      prepare: () => store.getState().prepare(!store.getState().preparing),
      byRule: () => toggleNow.current("rules"),
      setCount: () => toggleNow.current("count"),
      saveFile: () =>
        void lessonFile().then(({ saveLessonFile }) => saveLessonFile(id, lessonOf(store.getState()))),
      print: () => void printWhenReady(),
    };
  }, [store, id, setDialog, setStrong, classScreen]);
}
