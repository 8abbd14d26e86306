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
    // Other windows hear of a change of what they share.
    localStorage.setItem(ROOM, room);
  } catch {
    // A browser that keeps nothing shows it here all the same.
  }
}

function listen(changed: () => void): () => void {
  const watch = new MutationObserver(changed);
  watch.observe(document.documentElement, { attributeFilter: ["data-room"] });
  return () => watch.disconnect();
}

/** The room that this window is set for, kept up to date. */
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
