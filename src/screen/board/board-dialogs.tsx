"use client";

import type { Command, ScreenDoors } from "../commands/commands";
import { useBoard, useBoardStore } from "../store/use-board";
import {
  BoardsDialog,
  ClassDialog,
  FindCommand,
  KeepStep,
  KeysDialog,
  LessonWordsDialog,
  NumbersDialog,
  PictureDialog,
  RecipeDialog,
  RemovedBoards,
  SaveDialog,
  Sheets,
  VersionsDialog,
} from "./later";

/** The window that stands over the board, if one does. */
export type BoardDialog =
  | "keep"
  | "save"
  | "sheets"
  | "recipe"
  | "picture"
  | "numbers"
  | "keys"
  | "command"
  | "words"
  | "class"
  | "boards"
  | "versions"
  | "removed"
  | null;

type Props = {
  /** The lesson. */
  id: string;
  dialog: BoardDialog;
  close: () => void;
  doors: ScreenDoors;
  commands: readonly Command[];
  strong: boolean;
  /** What was typed before the window was there. */
  typed: () => string;
  /** Saves what is not saved yet; false where that cannot be done now. */
  saveFirst: () => Promise<boolean>;
};

/** The windows that open over the board. */
export function BoardDialogs({ id, dialog, close, doors, commands, strong, typed, saveFirst }: Props) {
  const store = useBoardStore();
  const words = useBoard((state) => state.words);
  const turn = (isOpen: boolean) => !isOpen && close();
  switch (dialog) {
    case "keep":
      return <KeepStep onClose={close} />;
    case "words":
      return (
        <LessonWordsDialog
          open
          onOpenChange={turn}
          words={words}
          onSave={(said) => {
            store.getState().setWords(said);
            close();
          }}
        />
      );
    case "class":
      return <ClassDialog id={id} onClose={close} />;
    case "boards":
      return <BoardsDialog id={id} onClose={close} />;
    case "versions":
      return (
        <VersionsDialog
          id={id}
          onClose={close}
          first={saveFirst}
          onRestored={() => window.location.reload()}
        />
      );
    case "save":
      return <SaveDialog open onOpenChange={turn} doors={doors} />;
    case "recipe":
      return <RecipeDialog onClose={close} />;
    case "sheets":
      return <Sheets onClose={close} />;
    case "picture":
      return <PictureDialog open onOpenChange={turn} strong={strong} />;
    case "numbers":
      return <NumbersDialog open onOpenChange={turn} />;
    case "removed":
      return <RemovedBoards onClose={close} />;
    case "keys":
      return <KeysDialog open onOpenChange={turn} commands={commands} />;
    case "command":
      return <FindCommand open onOpenChange={turn} commands={commands} typed={typed} />;
    case null:
      return null;
    default:
      return dialog satisfies never;
  }
}
