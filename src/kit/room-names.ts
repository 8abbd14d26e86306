/** How light the room with the screen is: it changes the colours and nothing else. */
export const ROOMS = ["light", "dark", "contrast"] as const;
export type Room = (typeof ROOMS)[number];

export const ROOM_NAMES: Record<Room, string> = {
  light: "Light room",
  dark: "Dark room",
  contrast: "High contrast",
};

/** The cookie that tells the server the colours of the page; all windows of a browser share it. */
export const ROOM = "yellow-stair-room";

/** Reads a room from a cookie or another window; the ordinary light one if it is invalid. */
export const readRoom = (name: string | null | undefined): Room =>
  ROOMS.find((room) => room === name) ?? "light";

/** If no room was chosen, the one that the operating system asks for. Runs before the page is seen. */
export const AS_PREFERRED = `{const asks=(what)=>matchMedia(what).matches;const room=asks("(prefers-contrast: more)")?"contrast":asks("(prefers-color-scheme: dark)")?"dark":null;if(room)document.documentElement.dataset.room=room}`;
