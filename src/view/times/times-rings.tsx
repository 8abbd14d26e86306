"use client";

import { isPlaceKey, numberOf, type PlaceKey } from "@/core/surface/place-key";
import { AskedPlace } from "../chart/asked-place";
import { PlaceRing } from "../chart/place-ring";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import type { TimesLayout } from "./times-layout";

type Props = {
  layout: TimesLayout;
  /** The places that are drawn. */
  places: readonly PlaceKey[];
  at: (place: PlaceKey) => { x: number; y: number };
  source: SceneSource;
  asks: { number: string; typed: string } | null;
  keyboard: PlaceKey | null;
};

const INSET = 1;

/** The rings of a times grid: the focus, wherever its number lives or at its one place; the place asked for. */
export function TimesRings({ layout, places, at, source, asks, keyboard }: Props) {
  const focus = useScene(source, (scene) => scene.focus);
  const inFocus = places.filter(
    (place) => place === focus || (focus !== null && !isPlaceKey(focus) && numberOf(place) === focus),
  );
  const asked = asks && isPlaceKey(asks.number) && places.includes(asks.number) ? asks.number : null;
  // Drawn in a little: at the edge of the window a ring would be cut off.
  const inner = {
    ...layout,
    cellWidth: layout.cellWidth - 2 * INSET,
    cellHeight: layout.cellHeight - 2 * INSET,
  };
  const within = (place: PlaceKey) => ({ x: at(place).x + INSET, y: at(place).y + INSET });
  return (
    <>
      {inFocus.map((place) => (
        <PlaceRing key={place} layout={inner} corner={within(place)} of="focus" />
      ))}
      {asked && <AskedPlace layout={inner} corner={within(asked)} typed={asks?.typed ?? ""} />}
      {keyboard && places.includes(keyboard) && (
        <PlaceRing layout={inner} corner={within(keyboard)} of="keyboard" />
      )}
    </>
  );
}
