"use client";

import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { clsx } from "clsx";
import { useMemo, useState } from "react";
import { openAmong } from "@/core/lesson/fill";
import { numbersWith } from "@/core/lesson/scene";
import { boardPlaces, chartOf, timesOf } from "@/core/lesson/views-of";
import { exact, keyOf, keyOfText, type NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { chanceOf } from "@/core/puzzle/draw";
import { answerTiles } from "@/core/puzzle/tiles";
import { numberOf } from "@/core/surface/place-key";
import { numberUnder } from "../board/number-under";
import { pickBoard, pickScene, useBoard, useBoardStore } from "../board/use-board";

/** The tray of answer tiles. A tile is dragged to its place, or taken by a touch and put there by another. */
export function Tray() {
  const board = useBoard(pickBoard);
  const scene = useBoard(pickScene);
  const store = useBoardStore();
  const chosen = useBoard((state) => state.hand.tile);
  const [dragged, setDragged] = useState<NumberKey | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));

  const covered = numbersWith(scene, "cover", boardPlaces(board, scene)).join(" ");
  const tiles = useMemo(() => {
    if (covered === "") return [];
    const [chart, times] = [chartOf(board), timesOf(board)];
    const by = chart ? keyOfText(chart.difference) : "1";
    const row = chart ? keyOf(exact(by).mul(exact(chart.columns))) : String(times?.column ?? 1);
    // On a times grid a number may live in several open places: one tile for it is enough to take.
    const open = [...new Set(covered.split(" ").map(numberOf))];
    return answerTiles(open, { by, row }, chanceOf(board.seed));
  }, [board, covered]);
  // A tile is used up once every place that it belongs to is filled; where nothing is checked at once, once it lies
  // anywhere.
  const open = new Set(openAmong(scene, boardPlaces(board, scene)).map(numberOf));
  const tells = board.fill.check === "at-once";
  const used = new Set([...scene.written.values()].filter((says) => !tells || !open.has(says)));
  const left = tiles.filter((tile) => !used.has(tile));

  const onDragEnd = ({ activatorEvent, delta, active }: DragEndEvent) => {
    setDragged(null);
    const { clientX, clientY } = activatorEvent as PointerEvent;
    const place = numberUnder(store, clientX + delta.x, clientY + delta.y);
    if (place === null) return;
    store.getState().takeTile(null);
    store.getState().takeTile(String(active.id));
    store.getState().fillTouch(place);
  };
  if (tiles.length === 0) {
    return <p className="text-lg leading-snug text-quiet">Cover some numbers: their tiles will lie here.</p>;
  }
  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => setDragged(String(active.id))}
      onDragCancel={() => setDragged(null)}
      onDragEnd={onDragEnd}
    >
      {/* biome-ignore lint/a11y/useSemanticElements: tiles are no form group. */}
      <div role="group" aria-label="Answer tiles" className="flex flex-wrap gap-2">
        {left.map((tile) => (
          <Tile
            key={tile}
            tile={tile}
            chosen={chosen === tile}
            away={dragged === tile}
            onTake={() => store.getState().takeTile(tile)}
          />
        ))}
      </div>
      <DragOverlay dropAnimation={null}>{dragged !== null && <TileFace tile={dragged} chosen />}</DragOverlay>
    </DndContext>
  );
}

type TileProps = { tile: NumberKey; chosen: boolean; away: boolean; onTake: () => void };

function Tile({ tile, chosen, away, onTake }: TileProps) {
  const { setNodeRef, listeners } = useDraggable({ id: tile });
  return (
    <button
      ref={setNodeRef}
      type="button"
      aria-pressed={chosen}
      onClick={onTake}
      {...listeners}
      className={clsx("touch-none rounded-button", away && "opacity-30")}
    >
      <TileFace tile={tile} chosen={chosen} />
    </button>
  );
}

function TileFace({ tile, chosen }: { tile: NumberKey; chosen: boolean }) {
  return (
    <span
      className={clsx(
        "flex h-14 min-w-16 items-center justify-center rounded-button border-2 px-3 font-numeral text-2xl font-bold text-by-hand",
        chosen ? "border-ink bg-lit" : "border-rule bg-board hover:border-ink",
      )}
    >
      {showNumber(tile)}
    </span>
  );
}
