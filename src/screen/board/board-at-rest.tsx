import { clsx } from "clsx";
import { asOpened } from "@/core/lesson/at-first";
import type { Lesson } from "@/core/lesson/lesson";
import { arrowsOf, keptOf, layoutOf, standingOf } from "@/core/lesson/views-of";
import { stackedHeight } from "@/view/board/board-layout";
import { rowsOf } from "@/view/board/rows-of";
import { clamp, edgesGrown, type Size } from "@/view/drawing";
import { unsavedFrom } from "../save/kept-keys";
import { whereKey } from "../store/where-key";
import { StillBoard } from "../views/still-board";
import { CHOICE_ROOM, panelsOf } from "./panels-of";
import type { Seen } from "./seen";
import {
  ARROWS,
  ARROWS_ROOM,
  ARROWS_UNDER,
  countHeight,
  SIDE,
  SIDE_ROOM,
  SLIM,
  SLIM_ROOM,
  SLIM_UNDER,
} from "./side";

/** The height below which a window counts as low, in pixels: as in the style sheet's variant. */
const LOW = 480;
/** The width below which a window is cramped: several views lie below each other, each so high, and are scrolled to. */
const CRAMPED = 600;
const heightOfMany = (screen: number) => clamp(200, 0.44 * screen, 440);
/** The steps while preparing, in pixels. */
const STEPS = 116;
/** On an upright screen the board keeps this much of its room, as `SIDE` says. */
const MIN = 0.45;

/**
 * The room left for the board in a window, after the head, the rail and the edges.
 * @param named whether the head shows the boards of the lesson, upright in a row of their own
 */
function roomIn({ width, height }: Seen, named: boolean): Size {
  // The variants of the style sheet: `low`, and narrow windows whose rail has two rows.
  if (height <= LOW) return { width: width - 16, height: height - 44 - 56 - 6 };
  const rail = width >= 1024 ? 104 : 160;
  const head = named && height > width ? 96 : 60;
  const grow = edgesGrown({ screen: height });
  return { width: width - 40 * grow, height: height - (head + rail + 12) * grow };
}

type Props = { id: string; revision: number; lesson: Lesson; prepare: boolean; seen: Seen; nonce: string };

/**
 * The board screen as the server draws it, with the first board in its place, until the live one replaces it. In a
 * window that returns to where it was, nothing is shown meanwhile: what was covered by hand must not be seen for a
 * moment.
 */
export function BoardAtRest({ id, revision, lesson, prepare, seen, nonce }: Props) {
  const board = lesson.boards[0]!;
  const keeps = prepare || arrowsOf(board) !== undefined;
  const { scene } = asOpened(board);
  const placed = (keeps ? keptOf : standingOf)(board, scene);
  const upright = seen.height > seen.width;
  const panels = panelsOf(board, prepare ? [] : scene.hidden).length;
  const choice = panels > 1 && !prepare ? CHOICE_ROOM : 0;
  // As on the live board, a second view stands over the panel, unless it needs the height for its rows.
  const overPanel =
    panels > 0 &&
    layoutOf(board).run !== "above" &&
    placed.length === 2 &&
    rowsOf(placed[1]!) === undefined &&
    (placed[1]?.kind === "trail" || !(upright || seen.height <= LOW));
  const side = prepare || (panels > 0 && !overPanel);
  const [grid, { width, height }] = prepare
    ? [SIDE, SIDE_ROOM]
    : arrowsOf(board)
      ? [ARROWS, ARROWS_ROOM]
      : [SLIM, SLIM_ROOM];
  const named = lesson.boards.length > 1 || prepare;
  const whole = roomIn(seen, named);
  const grow = edgesGrown({ screen: seen.height });
  const leaves = overPanel && !prepare;
  const needs = height + choice;
  const beneath = upright ? needs : choice + (arrowsOf(board) ? ARROWS_UNDER : SLIM_UNDER);
  const under = leaves ? beneath * grow : 0;
  const high = Math.max(100, whole.height - (prepare ? STEPS * grow : 0));
  const room = {
    width: whole.width - (side && !upright ? width * grow : 0),
    height: side && upright ? Math.max(grid === SLIM ? 0 : high * MIN, high - needs * grow) : high,
  };
  // Upright the view over the panel has a height of its own, and the main one has the rest.
  const second = leaves && upright ? 16 * countHeight(placed[1]!) * grow + under : 0;
  const cramped = seen.height <= LOW || seen.width < CRAMPED;
  const stacked = cramped && placed.length > 1 && !side && !leaves ? heightOfMany(seen.height) : 0;
  if (stacked > 0) room.height = stackedHeight(placed.length, stacked);
  const layout = layoutOf(board);
  const share = second > 0 ? Math.max(0, 1 - second / (room.height - 16 * grow)) : layout.share;
  return (
    <div
      aria-busy
      data-strong={seen.strong || undefined}
      data-kinds={board.views.map(({ kind }) => kind).join(" ")}
      className="board-page relative flex h-dvh flex-col overflow-hidden bg-wall"
    >
      <script
        nonce={nonce}
        suppressHydrationWarning
        // biome-ignore lint/security/noDangerouslySetInnerHtml: it is our own, and runs before anything is seen.
        dangerouslySetInnerHTML={{ __html: comesBack(id) }}
      />
      <header className="flex min-h-[3.75rem] shrink-0 items-center gap-3 pr-5 pl-2 phone:gap-x-1 phone:pr-2 low:min-h-press portrait:flex-wrap portrait:gap-y-0">
        {/* What is pressed comes with the live board: here the way back has its room, as have the menu and the way to preparing. */}
        <span className="size-press shrink-0" />
        <h1 className="mr-auto truncate text-large font-bold portrait:flex-1">{lesson.title}</h1>
        {named && (
          <div className="flex min-w-0 flex-1 items-center gap-1 overflow-hidden portrait:order-last portrait:w-full portrait:flex-none portrait:pb-2 portrait:pl-2">
            {lesson.boards.map(({ id: key, title }, index) => (
              <span
                key={key}
                className="h-press shrink-0 px-3.5 text-small leading-11 font-semibold text-quiet first:landscape:ml-auto"
              >
                {index + 1} {title}
              </span>
            ))}
          </div>
        )}
        <span className="h-press w-40 shrink-0 phone:w-[8.1875rem]" />
      </header>
      {/* Whatever stands below or beside the board is rendered first, so that the board has its place from its first
          frame on. */}
      {prepare && <div className="order-1 h-[7.25rem] shrink-0 low:h-press" />}
      <footer className="order-2 h-[6.5rem] shrink-0 bg-rail max-[63.9375rem]:h-40 low:h-touch" />
      <main className="flex min-h-0 flex-1 flex-col px-5 pb-3 low:px-2 low:pb-1.5">
        <div
          className={clsx(
            "grid min-h-0 flex-1 gap-4 portrait:grid-cols-1",
            side && grid,
            stacked > 0 && "overflow-hidden",
          )}
        >
          {side && (
            <div
              className={clsx(
                "order-1",
                // The set-up reaches down beside the steps.
                prepare && "rounded-card bg-board landscape:-mb-[7.25rem] low:-mb-press",
              )}
              style={!prepare && upright ? { height: (needs - 16) * grow } : {}}
            />
          )}
          <div className="at-rest min-h-0 min-w-0" style={stacked > 0 ? { height: room.height } : {}}>
            <StillBoard
              of={`${id} ${revision}`}
              board={{ ...board, stair: [], layout: { ...layout, share } }}
              at={0}
              room={room}
              theme={{
                strong: seen.strong,
                screen: seen.height,
                upright,
                keeps,
                under,
                ...(stacked > 0 && { stacked }),
              }}
              from="the server"
              takesTouches={nonce}
            />
          </div>
        </div>
      </main>
    </div>
  );
}

/** Tells before anything is drawn whether this window returns to the lesson. */
const comesBack = (id: string) =>
  `try{if(sessionStorage.getItem(${JSON.stringify(whereKey(id))})||Object.keys(localStorage).some(function(k){return k.indexOf(${JSON.stringify(unsavedFrom(id))})===0}))document.documentElement.dataset.comesBack=""}catch(e){}`.replaceAll(
    "<",
    "\\u003c",
  );
