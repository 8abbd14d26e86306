import { type BoardLook, type GridLook, numbersOfLook } from "@/core/lesson/board-look";
import { layOutChart } from "./chart/chart-layout";
import { ChartGround, ChartLines } from "./chart/chart-lines";
import { PlaceFace } from "./chart/place-face";
import { LinePicture } from "./line/line-picture";
import { round } from "./round";
import { layOutTimes } from "./times/times-layout";

type Props = { look: BoardLook; width: number; height: number };

/** The main view of a board at rest, drawn small: the same places and the same inks as the live one. */
export function LookPicture({ look, width, height }: Props) {
  return "line" in look ? (
    <LinePicture look={look} width={width} height={height} />
  ) : (
    <GridPicture look={look} width={width} height={height} />
  );
}

function GridPicture({ look, width, height }: { look: GridLook; width: number; height: number }) {
  const numbers = numbersOfLook(look);
  const layout = layoutOf(look, width, height);
  const { columns, rows, cellWidth, cellHeight } = layout;
  return (
    <svg
      aria-hidden
      viewBox={`-1 -1 ${layout.width + 2} ${layout.height + 2}`}
      className="block size-full"
      preserveAspectRatio="xMidYMid meet"
    >
      {"numbers" in layout ? (
        <ChartGround layout={layout} />
      ) : (
        <rect width={layout.width} height={layout.height} fill="var(--color-board)" />
      )}
      {numbers.map((number, index) => {
        const state = look.states[index];
        if (number === null || state === null || state === undefined) return null;
        return (
          <PlaceFace
            // biome-ignore lint/suspicious/noArrayIndexKey: a place is where it stands.
            key={index}
            layout={layout}
            x={round((index % columns) * cellWidth)}
            y={round(Math.floor(index / columns) * cellHeight)}
            number={number}
            state={state}
          />
        );
      })}
      {"numbers" in layout ? (
        <ChartLines layout={layout} climb={"climb" in look.settings ? look.settings.climb : "down"} />
      ) : (
        <path
          d={
            Array.from({ length: rows + 1 }, (_, row) => `M0 ${row * cellHeight}H${layout.width}`).join("") +
            Array.from({ length: columns + 1 }, (_, c) => `M${c * cellWidth} 0V${layout.height}`).join("")
          }
          stroke="var(--color-rule)"
        />
      )}
    </svg>
  );
}

function layoutOf(look: GridLook, width: number, height: number) {
  if (!("at" in look)) return layOutChart(look.settings, { width, height }, false);
  // A picture has no room for names.
  const bare = { ...look.settings, rowNames: "absent" as const, columnNames: "absent" as const };
  return layOutTimes(bare, look.at, { width, height }, false);
}
