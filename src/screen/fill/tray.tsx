"use client";

import { useDrag } from "@use-gesture/react";
import { clsx } from "clsx";
import { useMemo, useState } from "react";
import { createPortal } from "react-dom";
import { openAmong } from "@/core/lesson/fill";
import { boardCells, chartOf, timesOf } from "@/core/lesson/views-of";
import { exact, keyOf, keyOfText, type NumberKey } from "@/core/number/exact";
import { randomOf } from "@/core/puzzle/draw";
import { answerTiles } from "@/core/puzzle/tiles";
import { numbersWith } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import { TurnButton } from "@/kit/button";
import { pickBoardInHand, pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { numberUnder } from "../tools/number-under";
import { fillActionsOf } from "./fill-actions";

/** The tray of answer tiles. A tile is dragged to its cell, or taken by a touch and put there by another. */
export function Tray() {
  const board = useBoard(pickBoardInHand);
  const scene = useBoard(pickScene);
  const store = useBoardStore();
  const chosen = useBoard((state) => state.hand.tile);

  const covered = numbersWith(scene, "cover", boardCells(board, scene)).join(" ");
  const tiles = useMemo(() => {
    if (covered === "") return [];
    const [chart, times] = [chartOf(board), timesOf(board)];
    const by = chart ? keyOfText(chart.difference) : "1";
    const row = chart ? keyOf(exact(by).mul(exact(chart.columns))) : String(times?.column ?? 1);
    // On a times grid a number may live in several open cells: one tile for it is enough to take.
    const open = [...new Set(covered.split(" ").map(numberOf))];
    return answerTiles(open, { by, row }, randomOf(board.seed));
  }, [board, covered]);
  // A tile is used up once every cell that it belongs to is filled; if answers are not checked at once, once it lies
  // anywhere.
  const open = new Set(openAmong(scene, boardCells(board, scene)).map(numberOf));
  const tells = board.fill.check === "at-once";
  const used = new Set([...scene.written.values()].filter((says) => !tells || !open.has(says)));
  const left = tiles.filter((tile) => !used.has(tile));

  const drop = (tile: NumberKey, x: number, y: number) => {
    const cell = numberUnder(store, x, y);
    if (cell === null) return;
    fillActionsOf(store).takeTile(null);
    fillActionsOf(store).takeTile(tile);
    fillActionsOf(store).fillTouch(cell);
  };
  if (tiles.length === 0) {
    return (
      <p className="text-large leading-snug text-quiet">Cover some numbers: their tiles will lie here.</p>
    );
  }
  return (
    // biome-ignore lint/a11y/useSemanticElements: tiles are no form group.
    <div role="group" aria-label="Answer tiles" className="flex flex-wrap gap-2">
      {left.map((tile) => (
        <Tile
          key={tile}
          tile={tile}
          chosen={chosen === tile}
          onTake={() => fillActionsOf(store).takeTile(tile)}
          onDrop={(x, y) => drop(tile, x, y)}
        />
      ))}
    </div>
  );
}

type TileProps = {
  tile: NumberKey;
  chosen: boolean;
  onTake: () => void;
  onDrop: (x: number, y: number) => void;
};

/** Less than this, in pixels, is a tap. */
const DRAGS_FROM = 6;

/** A tile may be dropped before its move was rendered: the pointer says where, not the rendered position. */
function Tile({ tile, chosen, onTake, onDrop }: TileProps) {
  const [at, setAt] = useState<{ x: number; y: number } | null>(null);
  const bind = useDrag(
    ({ xy: [x, y], initial, currentTarget, first, last, canceled, tap, event, memo }) => {
      if (tap) return memo;
      const box = first ? (currentTarget as HTMLElement).getBoundingClientRect() : null;
      const grip: [number, number] = box ? [initial[0] - box.left, initial[1] - box.top] : memo;
      setAt(last ? null : { x: x - grip[0], y: y - grip[1] });
      if (last && !canceled && event.type !== "pointercancel") onDrop(x, y);
      return grip;
    },
    { filterTaps: true, tapsThreshold: DRAGS_FROM, threshold: DRAGS_FROM },
  );
  return (
    <TurnButton
      aria-pressed={chosen}
      {...bind()}
      onClick={onTake}
      className={clsx("touch-none rounded-button", at && "opacity-30")}
    >
      <TileFace tile={tile} chosen={chosen} />
      {at &&
        createPortal(
          <div
            className="pointer-events-none fixed top-0 left-0 z-50"
            style={{ transform: `translate(${at.x}px, ${at.y}px)` }}
          >
            <TileFace tile={tile} chosen />
          </div>,
          document.body,
        )}
    </TurnButton>
  );
}

function TileFace({ tile, chosen }: { tile: NumberKey; chosen: boolean }) {
  return (
    <span
      className={clsx(
        "flex h-touch min-w-16 items-center justify-center rounded-button border-2 px-3 font-numeral text-title font-bold text-by-hand",
        chosen ? "border-ink bg-lit" : "border-edge bg-board hover:border-ink",
      )}
    >
      {useNumberText()(tile)}
    </span>
  );
}
