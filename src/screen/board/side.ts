import type { View } from "@/core/views/view";

/** A panel at the side, and the room it has there; on an upright screen below the board, which keeps
 * nearly half of it. */
export const SIDE =
  "grid-cols-[minmax(0,1fr)_21.25rem] portrait:grid-rows-[minmax(45%,1fr)_minmax(0,26.25rem)]";
/** The arrows at the side; on an upright screen they lie below the board and need no more than they are high. */
export const ARROWS =
  "grid-cols-[minmax(0,1fr)_21.25rem] portrait:grid-rows-[minmax(45%,1fr)_fit-content(26.25rem)]";
/**
 * While preparing: the set-up at the side, as high as the board and its steps together; on an upright screen the three
 * below each other, where the board keeps nearly half of what the steps leave.
 */
export const PREPARING =
  "grid-cols-[minmax(0,1fr)_21.25rem] landscape:grid-rows-[minmax(0,1fr)_auto] landscape:gap-y-3 low:gap-y-1.5 portrait:grid-rows-[minmax(calc(45%-3.75rem),1fr)_minmax(0,26.25rem)_auto]";
/** What stands between the board and the rail while preparing: its steps, and above them the settings of a tool. */
export const BELOW_BOARD =
  "flex min-w-0 flex-col gap-3 low:gap-1.5 landscape:col-start-1 landscape:row-start-2 portrait:-mt-1 phone:sticky phone:bottom-0 phone:bg-wall";
/** A panel of a few arrows, which needs less. */
export const SLIM = "grid-cols-[minmax(0,1fr)_15.75rem] portrait:grid-rows-[minmax(0,1fr)_auto]";
/** What a panel takes from the board, gap included, in pixels. */
export const SIDE_ROOM = { width: 340 + 16, height: 420 + 16 } as const;
/** The arrows; on an upright screen with the choice of their way, their tiles and their buttons beside them, one below another. */
export const ARROWS_ROOM = { width: SIDE_ROOM.width, height: 52 + 12 + 44 + 12 + 44 + 2 * 16 + 16 } as const;
/**
 * How high the count so far stands over a panel on an upright screen, in rem: one part in a row with its title, several beside
 * each other, the sentence and its words below each other.
 */
export function countHeight(view: View): number {
  if (view.kind !== "trail") return ONE_PART;
  const { sentence, numbers, ones, words } = view;
  const inWords = words !== "off";
  if (sentence && inWords) return 16;
  return [sentence, numbers, ones, inWords].filter(Boolean).length > 1 ? 12 : ONE_PART;
}
const ONE_PART = 5;
/** The arrows with all that belongs to them, and the room above them, where a view stands over them. In pixels. */
export const ARROWS_UNDER = 288 + 16;
/** Two rows of arrows, on an upright screen with what a touch marks beside them. */
export const SLIM_ROOM = { width: 252 + 16, height: 2 * 56 + 8 + 2 * 16 + 16 } as const;
/** The same below each other, with the room above them, where a view stands over them. */
export const SLIM_UNDER = SLIM_ROOM.height + 16 + 27 + 52;
