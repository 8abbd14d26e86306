"use client";

import { Contrast, Moon, Sun } from "lucide-react";
import { MenuItem } from "./menu";
import { setRoom, useRoom } from "./room";
import { ROOM_NAMES, ROOMS } from "./room-names";

const SIGNS = { light: Sun, dark: Moon, contrast: Contrast };

/** The rooms that a menu offers: all but the current one. */
export function RoomItems() {
  const now = useRoom();
  return ROOMS.filter((room) => room !== now).map((room) => {
    const Sign = SIGNS[room];
    return (
      <MenuItem key={room} icon={<Sign aria-hidden size="1.1875rem" />} onSelect={() => setRoom(room)}>
        {ROOM_NAMES[room]}
      </MenuItem>
    );
  });
}
