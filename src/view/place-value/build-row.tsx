import type { Place } from "@/core/number/place-value";
import { placeName } from "@/core/number/place-words";
import { Touchable } from "../touchable";
import type { Column } from "./blocks-layout";
import { placeStyle } from "./place-style";

/** The height of a button with the room around it; and in columns narrower than this they are stacked; in pixels. */
const [BUTTON, NARROW] = [60, 72];

const isStacked = (columns: number, width: number) => width / columns < NARROW;

/** The height of the row under a number of columns, in pixels. */
export const buildHeight = (columns: number, width: number): number =>
  isStacked(columns, width) ? 2 * BUTTON - 16 : BUTTON;

type BuildProps = {
  /** The width of all columns, in pixels. */
  room: number;
  columns: readonly Column[];
  countOf: (place: Place) => number;
  onAdd: (place: Place, by: 1 | -1) => void;
};

/** Buttons under each column for a piece more or fewer. */
export function BuildRow({ room, columns, countOf, onAdd }: BuildProps) {
  const stacked = isStacked(columns.length, room);
  const height = buildHeight(columns.length, room);
  return (
    <div className="relative w-full shrink-0" style={{ height }}>
      {columns.map(({ place, left, width }) => {
        const wide = Math.min(64, stacked ? width - 4 : (width - 16) / 2);
        return (
          <span
            key={place}
            className={`absolute inset-y-0 flex items-center justify-center ${stacked ? "flex-col-reverse gap-1" : "gap-2"}`}
            style={{ left, width }}
          >
            {([-1, 1] as const).map((by) => (
              <Touchable
                key={by}
                name={`${by > 0 ? "Add" : "Take away"} 1 ${placeName(place, 1)}`}
                disabled={by < 0 && countOf(place) === 0}
                onTouch={() => onAdd(place, by)}
                className="flex items-center justify-center rounded-button border-2 border-rule bg-mist font-numeral text-head leading-none font-bold enabled:hover:border-ink disabled:opacity-40"
                style={{
                  width: wide,
                  height: stacked ? (height - 8) / 2 : height - 8,
                  color: placeStyle(place).text,
                }}
              >
                {by > 0 ? "+" : "−"}
              </Touchable>
            ))}
          </span>
        );
      })}
    </div>
  );
}
