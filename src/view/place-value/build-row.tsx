import { type Place, placeName } from "@/core/number/place-value";
import { Touchable } from "../touchable";
import type { Column } from "./blocks-layout";
import { placeStyle } from "./place-style";

/** How high the row is, in pixels. */
export const BUILD = 60;

type BuildProps = {
  columns: readonly Column[];
  countOf: (place: Place) => number;
  onAdd: (place: Place, by: 1 | -1) => void;
};

/** Under each column a piece more or fewer. */
export function BuildRow({ columns, countOf, onAdd }: BuildProps) {
  return (
    <div className="relative w-full shrink-0" style={{ height: BUILD }}>
      {columns.map(({ place, left, width }) => {
        const wide = Math.min(64, (width - 16) / 2);
        return (
          <span
            key={place}
            className="absolute inset-y-0 flex items-center justify-center gap-2"
            style={{ left, width }}
          >
            {([-1, 1] as const).map((by) => (
              <Touchable
                key={by}
                name={`${by > 0 ? "Add" : "Take"} 1 ${placeName(place, 1)}`}
                disabled={by < 0 && countOf(place) === 0}
                onTouch={() => onAdd(place, by)}
                className="flex items-center justify-center rounded-button border-2 border-rule bg-mist font-numeral text-head leading-none font-bold enabled:hover:border-ink disabled:opacity-40"
                style={{ width: wide, height: BUILD - 8, color: placeStyle(place).text }}
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
