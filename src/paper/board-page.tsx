import type { Moment } from "@/core/lesson/moment";
import { fold } from "@/core/scene/fold";
import { opened, revealed } from "@/core/scene/revealed";
import type { Scene } from "@/core/scene/scene";
import type { ViewId } from "@/core/views/view-id";
import { type Drawings, placedViews, ViewCard } from "@/view/board/board-drawing";
import { ORDINARY, type Size, within } from "@/view/drawing";

/** What a picture of a board shows. */
export type Shows = {
  /** One of its views, or all of them as they stand. */
  readonly view: ViewId | null;
  /** Without covers all numbers are visible. */
  readonly covers: boolean;
  readonly marks: boolean;
};

const EDGE = 16;

type Props = { moment: Moment; drawings: Drawings; room: Size; shows: Shows; strong?: boolean };

/** A board at one moment as drawn on paper: its views in their layout, or one of them alone. */
export function BoardPage({ moment, drawings, room, shows, strong = false }: Props) {
  const { board, scene, mayAsk } = onlyView(moment, shows.view);
  return (
    <div className="relative size-full">
      {placedViews({ board, scene, mayAsk }, room, ORDINARY).map((placed) => (
        <div key={placed.view.id} className="absolute" style={{ ...placed.box }}>
          <ViewCard
            view={shows.covers ? placed.view : opened(placed.view)}
            moment={{ board: placed.board, scene: asShown(placed.scene, placed.view.id, shows), mayAsk }}
            drawings={drawings}
            card={placed.box}
            // A picture has no buttons that a stage would need room for.
            inside={within(placed.box, [EDGE, EDGE, EDGE, EDGE])}
            theme={{ ...ORDINARY, strong, screen: Math.max(ORDINARY.screen, room.height), bare: true }}
            bare
          />
        </div>
      ))}
    </div>
  );
}

/** A board with one of its views alone, hidden or not. The others stay on it out of sight: a view may read from them. */
function onlyView(moment: Moment, view: ViewId | null): Moment {
  const { board, scene } = moment;
  const one = board.views.find(({ id }) => id === view);
  if (!one) return moment;
  const others = board.views.filter((other) => other !== one);
  return {
    ...moment,
    board: { ...board, views: [one, ...others] },
    scene: { ...scene, hidden: others.map(({ id }) => id) },
  };
}

/** Removes from a scene what a picture is not to show. */
function asShown(scene: Scene, view: ViewId, { covers, marks }: Shows): Scene {
  const shown = marks ? scene : fold(scene, [{ do: "clear-marks", ink: null }]);
  return covers ? shown : revealed(shown, view);
}
