"use client";

import { useEffect, useSyncExternalStore } from "react";
import { keepCookie } from "./keep-cookie";
import { ROOM, type Room, readRoom } from "./room-names";

const here = () => readRoom(document.documentElement.dataset.room);

/** Sets the colours of this window, and of the others that this browser has open. */
export function setRoom(room: Room): void {
  document.documentElement.dataset.room = room;
  keepCookie(ROOM, room);
  try {
    // Other windows are notified of changes to shared storage.
    localStorage.setItem(ROOM, room);
  } catch {
    // Without storage the room still changes in this window.
  }
}

function listen(changed: () => void): () => void {
  const watch = new MutationObserver(changed);
  watch.observe(document.documentElement, { attributeFilter: ["data-room"] });
  return () => watch.disconnect();
}

/** The room of this window, kept up to date. */
export const useRoom = (): Room => useSyncExternalStore(listen, here, () => "light");

/** Follows the other windows of this browser into another room. */
export function RoomOfAll() {
  useEffect(() => {
    const hear = ({ key, newValue }: StorageEvent) => {
      if (key === ROOM) document.documentElement.dataset.room = readRoom(newValue);
    };
    window.addEventListener("storage", hear);
    return () => window.removeEventListener("storage", hear);
  }, []);
  return null;
}
