"use client";

import { useDrag } from "@use-gesture/react";
import { Dices } from "lucide-react";
import { useState } from "react";
import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { addPieces, exchangePieces } from "@/core/number/pieces";
import { type Pieces, PLACE_KEYS, type Place } from "@/core/number/place-value";
import { randomOf } from "@/core/puzzle/draw";
import { drawNumber } from "@/core/puzzle/draw-number";
import { arrangedPieces } from "@/core/scene/arranged";
import { isCoveredPart, isPartCovered } from "@/core/scene/covered-part";
import type { Move } from "@/core/scene/move";
import type { PartName } from "@/core/scene/slices/parts";
import { numberOf } from "@/core/surface/cell-key";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { Popover } from "@/kit/popover";
import { WriteSign } from "@/kit/signs";
import { PlaceValueDrawing } from "@/view/place-value/place-value-drawing";
import { boardNow, sceneInHand } from "../../store/on-show";
import { useBoard, useBoardStore } from "../../store/use-board";
import { NumberPad } from "../number-pad";
import { turnPart } from "../turn-part";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";
import { useExchange } from "./use-exchange";

const DIGITS: ReadonlySet<string> = new Set(PLACE_KEYS);

/** The number in focus by its place value, in a place of its own. */
export function PlaceValueStage({ view, strong }: StageProps<"place-value">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const { id } = view;
  const beat = useBoard((state) => (state.counting ? boardNow(state).count.every : null));
  const inExchange = useExchange(view, drawn.scene, beat);
  const lying = (): readonly Pieces[] => {
    const scene = sceneInHand(store.getState());
    const number = scene.focus === null ? "0" : numberOf(scene.focus);
    return arrangedPieces(scene, view, number) ?? [{ place: 0, count: 0 }];
  };
  const build = (pieces: readonly Pieces[] | null, why: string) => {
    if (pieces === null) return say(why);
    store.getState().act([[{ do: "build", view: id, pieces: [...pieces] }]]);
  };
  const add = (place: Place, by: 1 | -1) =>
    build(addPieces(lying(), place, by), "There is no room for more of them. Exchange ten first.");
  const exchange = (of: Place, way: "made" | "broken") =>
    build(
      exchangePieces(lying(), of, way),
      way === "made" ? "There are not ten of them." : "There is none of them to break up.",
    );
  const touchPart = (part: PartName) => {
    const scene = sceneInHand(store.getState());
    const covered = part === "wanting" ? isCoveredPart(scene, id, part) : isPartCovered(scene, view, part);
    if (turnPart(store, id, part, covered)) return;
    const digit = PLACE_KEYS.find((place) => place === part);
    if (covered || !digit) return;
    store.getState().act([[{ do: "say-worth", view: id, place: scene.worths[id] === digit ? null : digit }]]);
  };
  const draws = view.draws !== "none";
  const stroke = useStroke(exchange);
  return (
    <section
      aria-label="Place value"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} {...stroke()} className="min-h-0 w-full min-w-0 flex-1 touch-none">
        <PlaceValueDrawing
          view={view}
          {...drawn}
          inExchange={inExchange}
          onPart={touchPart}
          onExchange={exchange}
          onAdd={add}
        />
      </div>
      {draws && <Drawing view={view} />}
    </section>
  );
}

/** A stroke to the left over a column exchanges ten of its pieces for one, a stroke to the right breaks one up. */
function useStroke(exchange: (of: Place, way: "made" | "broken") => void) {
  return useDrag(
    ({ first, last, initial: [x], movement: [mx, my], event, memo }) => {
      const target = event.target as Element;
      const columns = target.closest("[data-part=pieces]");
      if (first) return columns;
      if (!last || !memo || Math.abs(mx) < 48 || Math.abs(mx) < 2 * Math.abs(my)) return memo;
      const place = placeAt(memo as Element, x);
      if (place !== null) exchange(mx < 0 ? place : place - 1, mx < 0 ? "made" : "broken");
      return memo;
    },
    { filterTaps: true, pointer: { keys: false } },
  );
}

/** The place of the column at a point of the screen. */
function placeAt(pieces: Element, x: number): Place | null {
  for (const column of pieces.querySelectorAll("[data-column]")) {
    const { left, right } = column.getBoundingClientRect();
    if (x >= left && x < right) return Number(column.getAttribute("data-column"));
  }
  return null;
}

/** A number drawn at random, whose digits the class reads from its pieces and writes. */
function Drawing({ view }: Pick<StageProps<"place-value">, "view">) {
  const store = useBoardStore();
  const [open, setOpen] = useState(false);
  const { id } = view;
  const draw = () => {
    const { seed } = boardNow(store.getState());
    const { draws, focus } = sceneInHand(store.getState());
    const number = drawNumber(view, randomOf(seed, draws), focus === null ? null : numberOf(focus));
    if (number === null) return;
    const cover: Move[] = (["digits", "expanded", "words"] as const)
      .filter((part) => view[part] !== "none")
      .map((part) => ({ do: "cover-part", view: id, part, on: true }));
    const shown = Object.keys(sceneInHand(store.getState()).parts[id] ?? {}).filter((part) =>
      DIGITS.has(part),
    );
    const digits = shown.map(
      (part): Move => ({ do: "cover-part", view: id, part: part as PartName, on: true }),
    );
    const clear: Move[] = [
      { do: "say-worth", view: id, place: null },
      { do: "write-for", view: id, says: null },
    ];
    store.getState().act([[...cover, ...digits, ...clear, { do: "focus", number }, { do: "draw" }]]);
  };
  const write = (says: NumberKey) => {
    const { focus } = sceneInHand(store.getState());
    const moves: Move[] = [{ do: "write-for", view: id, says }];
    if (focus !== null && keyOf(exact(numberOf(focus))) === says) {
      moves.push({ do: "cover-part", view: id, part: "digits", on: false });
      for (const place of PLACE_KEYS)
        if (sceneInHand(store.getState()).parts[id]?.[place])
          moves.push({ do: "cover-part", view: id, part: place, on: false });
    }
    store.getState().act([moves]);
  };
  return (
    <ViewButtons>
      <Button tone="stair" className="h-touch px-5" onClick={draw}>
        <Dices aria-hidden size="1.375rem" /> Draw a number
      </Button>
      <Popover
        label="Which number is it?"
        side="top"
        align="center"
        open={open}
        onOpenChange={setOpen}
        button={
          <Button className="h-touch px-5">
            <WriteSign aria-hidden size="1.375rem" /> Write it
          </Button>
        }
      >
        <NumberPad
          onDone={(said) => {
            setOpen(false);
            write(said);
          }}
        />
      </Popover>
    </ViewButtons>
  );
}
