"use client";

import { clsx } from "clsx";
import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp, Layers, Pause, Play, X } from "lucide-react";
import { useRef } from "react";
import type { Arrow } from "@/core/count/route";
import { arrowsOf, chartOf } from "@/core/lesson/views-of";
import { cardsFrom } from "@/core/puzzle/arrow-cards";
import { moveByArrow } from "@/core/surface/route";
import { Button, IconButton, TurnButton } from "@/kit/button";
import { Popover } from "@/kit/popover";
import { keepKeyboard } from "@/kit/rail-button";
import { Segments } from "@/kit/segments";
import { useSize } from "@/kit/use-size";
import { pickBoardInHand, pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { useClock } from "../store/use-clock";
import { arrowActionsOf, tilesLeft } from "./arrow-actions";
import { TILE_GAP, tileSize } from "./tile-size";

const ICONS = { left: ArrowLeft, right: ArrowRight, up: ArrowUp, down: ArrowDown } as const;
const PLACES: Record<Arrow, string> = {
  up: "col-start-2 row-start-1",
  left: "col-start-1 row-start-2",
  right: "col-start-3 row-start-2",
  down: "col-start-2 row-start-2",
};
/** In a narrow panel the words of a button take two lines. */
const WORDY = "h-press min-w-0 px-1 text-small leading-tight whitespace-normal!";
const PAD = "flex h-rail flex-col items-center justify-center rounded-button";
/** Seconds from one arrow of a row to the next. */
const EVERY = 0.9;

/** Arrow moves on the chart: a pad of four arrows, the row of tiles laid so far, and a set of cards. */
export function ArrowPanel() {
  const arrows = useBoard((state) => arrowsOf(pickBoardInHand(state)));
  const routing = useBoard((state) => state.routing);
  const scene = useBoard(pickScene);
  const store = useBoardStore();
  useClock(routing, EVERY, () => {
    if (!arrowActionsOf(store).followTile()) arrowActionsOf(store).pauseRoute();
  });
  const left = tilesLeft(scene).length;
  return (
    <section aria-label="Arrows" className="@container rounded-card bg-board p-4">
      {/* Below a chart, where there is room, the pad stands beside the rest. */}
      <div className="grid gap-3 @min-[35rem]:grid-cols-2 @min-[35rem]:grid-rows-[auto_1fr_auto]">
        <Segments
          label="When arrows are followed"
          value={arrows?.layFirst ? "lay" : "go"}
          options={[
            { value: "go", label: "One by one" },
            { value: "lay", label: "Lay them first" },
          ]}
          onChange={(way) =>
            arrows && store.getState().setTo({ of: "view", is: { ...arrows, layFirst: way === "lay" } })
          }
        />
        <Tiles tiles={scene.tiles} left={left} />
        <div className="grid grid-cols-3 gap-2 @min-[35rem]:col-start-2 @min-[35rem]:row-span-3 @min-[35rem]:row-start-1 @min-[35rem]:self-end">
          {(["up", "left", "right", "down"] as const).map((arrow) => (
            <PadArrow key={arrow} arrow={arrow} />
          ))}
          <TurnButton
            aria-label={routing ? "Pause the arrows" : "Follow the arrows"}
            disabled={scene.tiles.length === 0}
            onMouseDown={keepKeyboard}
            onClick={() =>
              routing ? arrowActionsOf(store).pauseRoute() : arrowActionsOf(store).startRoute()
            }
            className={`${PAD} col-start-1 row-start-1 bg-stair hover:bg-[#f5bd12] disabled:bg-wall disabled:text-quiet/60`}
          >
            {routing ? (
              <Pause aria-hidden size="1.75rem" fill="currentColor" />
            ) : (
              <Play aria-hidden size="1.75rem" fill="currentColor" />
            )}
          </TurnButton>
          <button
            type="button"
            onMouseDown={keepKeyboard}
            onClick={() => arrowActionsOf(store).drawCard()}
            className={`${PAD} col-start-3 row-start-1 border-2 border-edge bg-board px-1 font-semibold hover:border-ink`}
          >
            <Layers aria-hidden size="1.375rem" />
            <span className="text-small leading-tight">A new route</span>
          </button>
        </div>
        <div className="grid grid-cols-[repeat(auto-fit,minmax(6rem,1fr))] gap-2">
          <Cards />
          <Button
            className={WORDY}
            disabled={left === 0}
            onMouseDown={keepKeyboard}
            onClick={() => arrowActionsOf(store).coverLanding()}
          >
            Cover the landing
          </Button>
        </div>
      </div>
    </section>
  );
}

/** An arrow of the pad, with what it does to the number in focus. */
function PadArrow({ arrow }: { arrow: Arrow }) {
  const chart = useBoard((state) => chartOf(pickBoardInHand(state)));
  const focus = useBoard((state) => pickScene(state).focus);
  const store = useBoardStore();
  const write = useNumberText();
  const move = chart && focus !== null ? moveByArrow(chart, focus, arrow) : null;
  const words = move?.ok
    ? `${write(move.by.replace("-", ""))} ${move.by.startsWith("-") ? "less" : "more"}`
    : "";
  const Icon = ICONS[arrow];
  return (
    <button
      type="button"
      aria-label={`Arrow ${arrow}${words && `, ${words}`}`}
      onMouseDown={keepKeyboard}
      onClick={() => arrowActionsOf(store).arrow(arrow)}
      className={clsx(PAD, "@container border-2 border-edge bg-mist hover:border-ink", PLACES[arrow])}
    >
      <Icon aria-hidden size="1.625rem" strokeWidth={2.6} />
      {/* As large as can be read from the last row, as far as the button is wide enough. */}
      <span
        className="h-[max(1rem,2.2vh)] leading-[1.15] font-semibold text-quiet"
        style={{ fontSize: `max(0.9375rem, min(1.9vh, ${Math.floor(160 / (words.length || 1))}cqw))` }}
      >
        {words}
      </span>
    </button>
  );
}

/** The row of tiles; those that have been followed are filled. */
function Tiles({ tiles, left }: { tiles: readonly Arrow[]; left: number }) {
  // Below the board the panel has the same height without them, so that the board keeps its size.
  if (tiles.length === 0) return <div className="hidden h-press @min-[35rem]:block" />;
  return <LaidTiles tiles={tiles} left={left} />;
}

function LaidTiles({ tiles, left }: { tiles: readonly Arrow[]; left: number }) {
  const store = useBoardStore();
  const place = useRef<HTMLOListElement>(null);
  const { width } = useSize(place, { width: 0, height: 0 });
  // They grow with the text size of the window, like everything that is pressed.
  const rem = Number.parseFloat(getComputedStyle(document.documentElement).fontSize);
  const size = tileSize(tiles.length, width / rem);
  return (
    <div className="flex items-start gap-2">
      <ol
        ref={place}
        aria-label="Arrow tiles"
        className="flex min-w-0 flex-1 flex-wrap"
        style={{ gap: `${TILE_GAP}rem` }}
      >
        {tiles.map((arrow, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a tile is where it lies in the row.
          <li key={index}>
            <TileFace arrow={arrow} followed={index < tiles.length - left} size={size} />
          </li>
        ))}
      </ol>
      <IconButton name="Clear the arrows" onClick={() => arrowActionsOf(store).clearTiles()}>
        <X aria-hidden size="1.25rem" />
      </IconButton>
    </div>
  );
}

/** A tile with its arrow; its side is given in rem. */
function TileFace({ arrow, followed, size = 2.75 }: { arrow: Arrow; followed: boolean; size?: number }) {
  const Icon = ICONS[arrow];
  return (
    <span
      role="img"
      aria-label={`${arrow}${followed ? ", followed" : ""}`}
      className={clsx(
        "flex items-center justify-center border-2",
        size < 2 ? "rounded-sign" : "rounded-button",
        followed ? "border-ink bg-stair" : "border-ink bg-board",
      )}
      style={{ width: `${size}rem`, height: `${size}rem` }}
    >
      <Icon aria-hidden size={`${size * 0.55}rem`} strokeWidth={2.6} />
    </span>
  );
}

/** The set of cards that stay on the chart, to pick one from. */
function Cards() {
  const chart = useBoard((state) => chartOf(pickBoardInHand(state)));
  const focus = useBoard((state) => pickScene(state).focus);
  const store = useBoardStore();
  const cards = chart && focus !== null ? cardsFrom(chart, focus) : [];
  return (
    <Popover label="Choose a route" button={<Button className={WORDY}>Choose a route</Button>}>
      {cards.length === 0 ? (
        <p>Touch the number to start from first.</p>
      ) : (
        <div className="grid max-h-[50dvh] grid-cols-2 gap-2 overflow-y-auto">
          {cards.map((arrows) => (
            <button
              key={arrows.join()}
              type="button"
              aria-label={`Route: ${arrows.join(", ")}`}
              onClick={() => arrowActionsOf(store).layCard(arrows)}
              className="flex h-touch items-center justify-center gap-0.5 rounded-button border border-edge bg-mist hover:border-ink"
            >
              {arrows.map((arrow, index) => {
                const Icon = ICONS[arrow];
                // biome-ignore lint/suspicious/noArrayIndexKey: an arrow is where it stands on its card.
                return <Icon key={index} aria-hidden size={arrows.length > 4 ? 19 : 23} strokeWidth={2.6} />;
              })}
            </button>
          ))}
        </div>
      )}
    </Popover>
  );
}
