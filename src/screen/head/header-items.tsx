"use client";

import {
  ArchiveRestore,
  Expand,
  History,
  Keyboard,
  ListFilter,
  MonitorUp,
  Move,
  PencilLine,
  Printer,
  Users,
  ZoomIn,
} from "lucide-react";
import { MenuItem, MenuLine } from "@/kit/menu";
import { say } from "@/kit/messages";
import { RoomItems } from "@/kit/room-items";
import type { ScreenDoors } from "../commands/commands";
import type { WorkAside } from "../save/kept-keys";
import { workAside } from "../save/kept-work";
import { sendAside } from "../save/send-copy";
import { useBoard, useBoardStore } from "../store/use-board";
import { BoardItems } from "./board-items";

// Created when needed: a date format takes a slow computer a tenth of a second.
const day = (at: number) => new Date(at).toLocaleDateString("en-GB", { day: "numeric", month: "long" });

/** Saves what was set aside as a lesson of its own, and opens it. */
function openAside(one: WorkAside): void {
  sendAside(one).then(
    (id) => window.location.assign(`/lesson/${id}?prepare`),
    () => say("It could not be opened as a copy. Check that Yellow Stair is running, then try again."),
  );
}

type Props = {
  /** The lesson. */
  id: string;
  preparing: boolean;
  strong: boolean;
  doors: ScreenDoors;
  renameLesson: () => void;
};

/** What the menu at the head holds. */
export function HeaderItems({ id, preparing, strong, doors, renameLesson }: Props) {
  const store = useBoardStore();
  const removed = useBoard((state) => state.removed);
  return (
    <>
      <MenuItem icon={<ZoomIn aria-hidden size="1.1875rem" />} onSelect={() => doors.setStrong((on) => !on)}>
        {strong ? "Ordinary size" : "Back of the room"}
      </MenuItem>
      <RoomItems />
      <MenuItem icon={<Move aria-hidden size="1.1875rem" />} onSelect={() => store.getState().showGuides()}>
        Neighbours of the number
      </MenuItem>
      <MenuItem icon={<ListFilter aria-hidden size="1.1875rem" />} onSelect={doors.byRule}>
        Mark or cover by rule
      </MenuItem>
      <MenuItem icon={<MonitorUp aria-hidden size="1.1875rem" />} onSelect={doors.classScreen}>
        Class screen
      </MenuItem>
      {!preparing && (
        <MenuItem icon={<Users aria-hidden size="1.1875rem" />} onSelect={doors.anotherClass}>
          Teach another class
        </MenuItem>
      )}
      <MenuItem icon={<Expand aria-hidden size="1.1875rem" />} onSelect={doors.fullScreen}>
        Full screen
      </MenuItem>
      <MenuItem icon={<PencilLine aria-hidden size="1.1875rem" />} onSelect={renameLesson}>
        Rename or label the lesson
      </MenuItem>
      <MenuItem icon={<Printer aria-hidden size="1.1875rem" />} onSelect={doors.saveOrPrint}>
        Save or print
      </MenuItem>
      <MenuItem icon={<Keyboard aria-hidden size="1.1875rem" />} onSelect={doors.showKeys}>
        Show the keys
      </MenuItem>
      {preparing && <MenuLine />}
      {preparing && <BoardItems fromRecipe={doors.fromRecipe} allBoards={doors.allBoards} />}
      {preparing && (
        <MenuItem icon={<History aria-hidden size="1.1875rem" />} onSelect={doors.versions}>
          Earlier versions
        </MenuItem>
      )}
      {preparing && removed.length > 0 && (
        <MenuItem icon={<ArchiveRestore aria-hidden size="1.1875rem" />} onSelect={doors.showRemoved}>
          Removed boards
        </MenuItem>
      )}
      {workAside(id).map((one) => (
        <MenuItem
          key={one.key}
          icon={<ArchiveRestore aria-hidden size="1.1875rem" />}
          onSelect={() => openAside(one)}
        >
          Open what was set aside on {day(one.at)}
        </MenuItem>
      ))}
    </>
  );
}
