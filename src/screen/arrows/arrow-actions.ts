import { type Arrow, MAX_ARROWS } from "@/core/count/route";
import { isRoute, type Trail } from "@/core/count/trail";
import { arrowsOf, chartOf } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { drawCard } from "@/core/puzzle/arrow-cards";
import { randomOf } from "@/core/puzzle/draw";
import type { Beat, Move } from "@/core/scene/move";
import type { Scene } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import { cellOf } from "@/core/surface/chart";
import { moveByArrow, routeOf } from "@/core/surface/route";
import { say } from "@/kit/messages";
import type { BoardStore } from "../store/board-store";
import { boardInHand, sceneInHand } from "../store/on-show";

export type ArrowActions = {
  /** An arrow was touched: lay it in the row, or follow it at once. */
  arrow: (arrow: Arrow) => void;
  /** Follows the next tile of the row; false if none is left or the chart ends. */
  followTile: () => boolean;
  /** Follows the tiles one by one from the number in focus. */
  startRoute: () => void;
  pauseRoute: () => void;
  clearTiles: () => void;
  drawCard: () => void;
  layCard: (arrows: readonly Arrow[]) => void;
  coverLanding: () => void;
};

/** The tiles of the row that have not been followed yet. */
export function tilesLeft({ tiles, trail }: Scene): readonly Arrow[] {
  return tiles.slice(followed(tiles, trail));
}

/** How many tiles of the row the trail has followed: as far as its arrows match those of the row. */
function followed(tiles: readonly Arrow[], trail: Trail | null): number {
  if (!trail || !isRoute(trail) || trail.arrows.length > tiles.length) return 0;
  return trail.arrows.every((arrow, i) => arrow === tiles[i]) ? trail.arrows.length : 0;
}

const NO_START = "Touch the number to start from first.";

const known = new WeakMap<BoardStore, ArrowActions>();

/** The acts of arrow moves. Core computes where an arrow leads. */
export function arrowActionsOf(store: BoardStore): ArrowActions {
  const actions = known.get(store) ?? arrowActions(store);
  known.set(store, actions);
  return actions;
}

function arrowActions({ getState: get, setState: set }: BoardStore): ArrowActions {
  const board = () => boardInHand(get());
  const scene = () => sceneInHand(get());
  const act = (beat: Beat) => beat.length > 0 && get().add(beat);
  const setRouting = (routing: boolean) => set({ routing });
  const chart = () => chartOf(board());

  /** The number that arrows go on from, if the chart holds it. */
  const standing = (): NumberKey | null => {
    const [here, over] = [scene().focus, chart()];
    return here !== null && over && cellOf(over, numberOf(here)) ? numberOf(here) : null;
  };

  /**
   * The beat that follows an arrow from the end of the route, or starts a new one there; null if the chart ends, which
   * is announced.
   */
  const follow = (arrow: Arrow, anew: boolean): Beat | null => {
    const [from, over] = [standing(), chart()];
    if (from === null || !over) {
      say(NO_START);
      return null;
    }
    const move = moveByArrow(over, from, arrow);
    if (!move.ok) {
      say(move.message);
      return null;
    }
    const { trail } = scene();
    const goesOn = !anew && trail !== null && isRoute(trail) && trail.end === from;
    const start: Move[] = goesOn ? [] : [{ do: "start", number: from }];
    return [...start, { do: "jump", by: move.by, arrow }];
  };

  const lay = (arrows: readonly Arrow[]): Move => ({ do: "lay", arrows: [...arrows] });
  /** A row that was followed to its end is cleared; the next one starts where it ended. */
  const fresh = (): Move[] => {
    const from = standing();
    return from !== null && scene().trail !== null ? [{ do: "start", number: from }] : [];
  };

  const actions: ArrowActions = {
    arrow: (arrow) => {
      if (!arrowsOf(board())?.layFirst) {
        const beat = follow(arrow, false);
        if (beat) act(beat);
        return;
      }
      const done = tilesLeft(scene()).length === 0 && scene().tiles.length > 0;
      const row = done ? [] : scene().tiles;
      if (row.length >= MAX_ARROWS) return say(`A route has room for ${MAX_ARROWS} arrows.`);
      act([...(done ? fresh() : []), lay([...row, arrow])]);
    },
    followTile: () => {
      const [next] = tilesLeft(scene());
      const beat = next === undefined ? null : follow(next, followed(scene().tiles, scene().trail) === 0);
      if (beat) act(beat);
      return beat !== null && tilesLeft(scene()).length > 0;
    },
    startRoute: () => {
      if (scene().tiles.length === 0) return say("Lay some arrows first, or take a new route.");
      if (standing() === null) return say(NO_START);
      // A row that was followed to its end is followed again, from where it landed.
      if (tilesLeft(scene()).length === 0) act(fresh());
      setRouting(actions.followTile());
    },
    pauseRoute: () => setRouting(false),
    clearTiles: () => {
      setRouting(false);
      act([lay([]), { do: "clear-trail" }]);
    },
    drawCard: () => {
      const [from, over] = [standing(), chart()];
      if (from === null || !over) return say(NO_START);
      const card = drawCard(over, from, randomOf(board().seed, scene().draws));
      if (card) act([...fresh(), lay(card), { do: "draw" }]);
    },
    layCard: (arrows) => void act([...fresh(), lay(arrows)]),
    coverLanding: () => {
      const [from, over] = [standing(), chart()];
      const left = tilesLeft(scene());
      if (from === null || !over) return say(NO_START);
      const met = routeOf(over, from, left);
      if (met.length < left.length)
        return say("These arrows leave the chart. Take one away, or start elsewhere.");
      const landing = met.at(-1) ?? from;
      act([{ do: "cover", numbers: [landing] }]);
    },
  };
  return actions;
}
