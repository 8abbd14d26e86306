/** How light the room is that a screen stands in: it changes the colours and nothing else. */
export const ROOMS = ["light", "dark", "contrast"] as const;
export type Room = (typeof ROOMS)[number];

export const ROOM_NAMES: Record<Room, string> = {
  light: "Light room",
  dark: "Dark room",
  contrast: "High contrast",
};

/** The cookie that tells the server in which colours a page is to come; a browser's windows share it. */
export const ROOM = "yellow-stair-room";

/** What a cookie or another window says; where that is no room, an ordinary light one. */
export const readRoom = (name: string | null | undefined): Room =>
  ROOMS.find((room) => room === name) ?? "light";

/** Where no room was chosen, the one that the system of this computer asks for. It runs before the page is seen. */
export const AS_PREFERRED = `{const asks=(what)=>matchMedia(what).matches;const room=asks("(prefers-contrast: more)")?"contrast":asks("(prefers-color-scheme: dark)")?"dark":null;if(room)document.documentElement.dataset.room=room}`;
