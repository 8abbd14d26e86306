import type { BoardState } from "@/core/lesson/board-state";
import type { PictureWish } from "@/core/lesson/picture-wish";

const TOO_LONG_MS = 60_000;

/** Requests a picture of a board as it stands. Throws with a message for the teacher. */
export async function askPicture(state: BoardState, wish: PictureWish, signal?: AbortSignal): Promise<Blob> {
  const { board, climbed, live } = state;
  const late = AbortSignal.timeout(TOO_LONG_MS);
  const response = await fetch("/api/picture", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    // Steps that were never reached have no acts.
    body: JSON.stringify({ shown: { board, climbed, live: Array.from(live, (acts) => acts ?? []) }, wish }),
    signal: signal ? AbortSignal.any([signal, late]) : late,
  });
  if (!response.ok) throw new Error("The picture could not be made. Try again.");
  return response.blob();
}

/** Downloads a file. */
export function keepFile(content: Blob, name: string): void {
  const address = URL.createObjectURL(content);
  const link = document.createElement("a");
  link.href = address;
  link.download = name;
  link.click();
  // By then the browser has started the download.
  setTimeout(() => URL.revokeObjectURL(address), 60_000);
}
