import { patient } from "@/kit/patient";
import type { ShelfAnswer, ShelfRequest } from "./shelf-messages";

/** Reads an answer; loaded only when needed. */
const answers = patient(() => import("./shelf-messages"));

const TOO_LONG_MS = 15_000;

/** Asks the server to change the shelf. Throws if no readable answer comes. */
export async function askShelf(request: ShelfRequest): Promise<ShelfAnswer> {
  const response = await fetch("/api/shelf", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(request),
    signal: AbortSignal.timeout(TOO_LONG_MS),
  });
  const { ShelfAnswer } = await answers();
  return ShelfAnswer.parse(await response.json());
}
