import { createElement } from "react";
import type { Board } from "@/core/lesson/board";
import type { Moment } from "@/core/lesson/moment";
import { boardAround, keptOf, layoutOf, standingOf, surfacesOf } from "@/core/lesson/views-of";
import { sceneOfView } from "@/core/scene/own";
import type { Scene } from "@/core/scene/scene";
import { KIND_NAMES, type KindName, kindOfView, type View } from "@/core/views/view";
import { patient } from "@/kit/patient";
import { type Drawing, edgesGrown, type Inside, type Size, type Theme } from "../drawing";
import { viewAnchors } from "../pen/anchors";
import { DrawnOver } from "../pen/drawn";
import { type Box, GAP, layOutBoard } from "./board-layout";
import { CARD_OF } from "./card-of";
import { DRAWINGS, insideOf } from "./drawings";
import { rowsOf } from "./rows-of";

/** The drawings that a board needs. */
export type Drawings = { readonly [K in KindName]?: Drawing<K> };

const LOADERS = Object.fromEntries(
  KIND_NAMES.map((kind) => [kind, patient<unknown>(DRAWINGS[kind].drawing)]),
);

/** Loads the drawings of given kinds of view. */
export async function drawingsOf(kinds: readonly KindName[]): Promise<Drawings> {
  const brought = [...new Set(kinds)].map(async (kind) => [kind, await LOADERS[kind]!()] as const);
  return Object.fromEntries(await Promise.all(brought)) as Drawings;
}

type Props = { moment: Moment; drawings: Drawings; room: Size; theme: Theme };

type Placed = { view: View; board: Board; scene: Scene; box: Box };

/** The visible views of a board at one moment, each with the props of its drawing and its box in the room. */
export function placedViews({ board, scene }: Moment, room: Size, theme: Theme): Placed[] {
  const placed = theme.keeps ? keptOf(board, scene) : standingOf(board, scene);
  const boxes = layOutBoard(layoutOf(board), placed.map(rowsOf), {
    room,
    gap: GAP * edgesGrown(theme),
    screen: theme.screen,
    upright: theme.upright ?? room.height > room.width,
    stacked: theme.stacked,
  });
  const leaves = (index: number) => (placed.length === 2 && index === 1 ? (theme.under ?? 0) : 0);
  const around = boardAround(board, surfacesOf(board)[0]);
  return placed.map((view, index) => ({
    view,
    board: around,
    scene: sceneOfView(view, scene),
    box: { ...boxes[index]!, height: boxes[index]!.height - leaves(index) },
  }));
}

/** A board at one moment, its views in their layout. It is laid out in its room, however large it is shown. */
export function BoardDrawing({ moment, drawings, room, theme }: Props) {
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${room.width} ${room.height}`}
      className="block size-full"
      preserveAspectRatio="xMidYMid meet"
    >
      {placedViews(moment, room, theme).map(({ view, board, scene, box }) => (
        <ViewDrawing
          key={view.id}
          view={view}
          moment={{ board, scene, mayAsk: moment.mayAsk }}
          drawings={drawings}
          box={box}
          theme={theme}
        />
      ))}
    </svg>
  );
}

type ViewProps = { view: View; moment: Moment; drawings: Drawings; box: Box; theme: Theme };

function ViewDrawing({ box, ...props }: ViewProps) {
  return (
    <foreignObject x={box.left} y={box.top} width={box.width} height={box.height}>
      <ViewCard {...props} card={box} inside={insideOf(props.view, box, props.theme)} />
    </foreignObject>
  );
}

type CardProps = Omit<ViewProps, "box"> & { card: Size; inside: Inside; bare?: boolean };

/** A view on its card, drawn into a part of it; or bare, without the ground of the card. */
export function ViewCard({ view, moment, drawings, card, inside, theme, bare = false }: CardProps) {
  // Where no number has a place of its own, what is drawn by hand belongs to the view.
  const drawnOver = kindOfView(view).surface === undefined;
  const { left, top, width, height } = inside;
  const drawing = drawings[view.kind] as Drawing<KindName> | undefined;
  if (!drawing) return null;
  const of = { view: view as never, ...moment, size: { width, height }, theme };
  return (
    <div
      {...{ [CARD_OF]: view.id }}
      className={`relative size-full overflow-hidden rounded-card ${bare ? "" : "bg-board"}`}
    >
      <div className="absolute" style={{ left, top, width, height }}>
        {createElement(drawing, of)}
      </div>
      {drawnOver && (
        <svg aria-hidden width={card.width} height={card.height} className="absolute inset-0">
          <DrawnOver view={view.id} scene={moment.scene} anchors={viewAnchors(card.width, card.height)} />
        </svg>
      )}
    </div>
  );
}
