import { jumpOf } from "@/core/count/count";
import type { Exchange, Wanting } from "@/core/count/exchange";
import { type Stop, stopAt } from "@/core/count/stops";
import { landings } from "@/core/count/trail";
import { textOn } from "@/core/lesson/views-of";
import { exact, keyOf, keyOfText, type NumberKey } from "@/core/number/exact";
import { placeName } from "@/core/number/place-words";
import { isCoveredPart } from "@/core/scene/covered-part";
import { isCoveredAt, type Scene } from "@/core/scene/scene";
import type { StopPart } from "@/core/scene/slices/parts";
import { numberOf } from "@/core/surface/cell-key";
import type { ViewOf } from "@/core/views/view";
import { clamp, type DrawingProps, grown, type Size, type Theme } from "../drawing";
import { placeStyle } from "../place-value/place-style";
import { Touchable } from "../touchable";
import { hasBlocks, StopPieces } from "./stop-pieces";

type Props = DrawingProps<"stops"> & {
  /** A part of a stop was touched. */
  onPart?: (part: StopPart, number: NumberKey) => void;
};

/** Whether a part of a stop is covered: by hand, or from the start. */
export function isStopCovered(scene: Pick<Scene, "parts">, view: ViewOf<"stops">, part: StopPart): boolean {
  const [what] = part.split("-") as ["number" | "pieces" | "exchange"];
  return isCoveredPart(scene, view.id, part, view[what] === "covered");
}

/** Whether the count has come to a number, or is there already. */
const hasCome = ({ trail }: Pick<Scene, "trail">, number: NumberKey) =>
  trail !== null && (trail.start === number || landings(trail).some((stop) => keyOf(stop) === number));

/** Some numbers of the count beside each other: their pieces, and whether there was an exchange. */
export function StopsDrawing({ view, board, scene, size, theme, onPart }: Props) {
  const { across, down } = gridFor(view.stops.length, size);
  const [wide, high] = [size.width / across, size.height / down];
  const write = textOn(board);
  const all = view.stops.map((text) => ({
    number: keyOfText(text),
    stop: stopAt(board.count, keyOfText(text)),
  }));
  const told = all.some(({ stop }) => stop !== null && !hasBlocks(stop.pieces));
  return (
    <div
      className="grid size-full"
      style={{ gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`, gridAutoRows: high }}
    >
      {all.map(({ number, stop }, i) => {
        const away = scene.hushed || (view.appears === "with-count" && !hasCome(scene, number));
        return (
          <div
            // biome-ignore lint/suspicious/noArrayIndexKey: a stop is where it stands.
            key={i}
            className={`border-rule ${i % across > 0 ? "border-l-2" : ""} ${i >= across ? "border-t-2" : ""}`}
          >
            {away ? null : (
              <OneStop
                nth={i + 1}
                view={view}
                scene={scene}
                number={number}
                stop={stop}
                told={told}
                by={jumpOf(board.count)}
                size={{ width: wide - 2, height: high - (i >= across ? 2 : 0) }}
                theme={theme}
                written={write(number)}
                onPart={onPart}
              />
            )}
          </div>
        );
      })}
    </div>
  );
}

/** In a room of this size a stop is easy to read. */
const EASY = { width: 150, height: 200 };
/** More rows are used only if they make the stops this many times as large. */
const WORTH = 1.25;

/** The number of columns and rows of stops. */
function gridFor(count: number, { width, height }: Size) {
  let best = { across: count, down: 1 };
  const easeOf = ({ across, down }: typeof best) =>
    Math.min(width / across / EASY.width, height / down / EASY.height);
  for (let down = 2; down <= count; down += 1) {
    const grid = { across: Math.ceil(count / down), down };
    if (easeOf(grid) > easeOf(best) * WORTH) best = grid;
  }
  return best;
}

type StopProps = {
  nth: number;
  view: ViewOf<"stops">;
  scene: Scene;
  number: NumberKey;
  stop: Stop | null;
  /** Its pieces are named, not drawn. */
  told: boolean;
  /** The jump of the count. */
  by: NumberKey;
  size: Size;
  theme: Theme;
  written: string;
  onPart: Props["onPart"];
};

function OneStop(props: StopProps) {
  const { nth, view, scene, number, stop, told, by, size, theme, written, onPart } = props;
  const part = (what: "number" | "pieces" | "exchange") => `${what}-${nth}` as StopPart;
  const covered = (what: "number" | "pieces" | "exchange") => isStopCovered(scene, view, part(what));
  const touch = (what: "number" | "pieces" | "exchange") => onPart && (() => onPart(part(what), number));
  const head = clamp(
    26,
    Math.min(size.height * 0.17, size.width * 0.27),
    grown(theme, theme.strong ? 76 : 60),
  );
  const foot = clamp(52, size.height * 0.22, grown(theme, 104));
  const inside = size.width - 28;
  const isHere = scene.focus !== null && numberOf(scene.focus) === number;
  // A number covered on the board must not be revealed by its pieces either.
  const secret = isCoveredAt(scene, number);
  const hidden = covered("number") || secret;
  const hiddenPieces = covered("pieces") || secret;
  const pieces = { width: inside, height: Math.max(30, size.height - head - foot - 34) };
  return (
    <div className="flex size-full flex-col items-center justify-between py-1">
      <Touchable
        name={hidden ? `Stop ${nth}, number covered` : `Stop ${nth}, ${written}`}
        data-part={part("number")}
        onTouch={touch("number")}
        className={`flex items-center justify-center rounded-button font-numeral leading-none font-bold ${hidden ? "bg-cover" : isHere ? "ring-4 ring-focus" : ""}`}
        style={{
          height: head,
          fontSize: Math.min(head * 0.78, inside / (written.length * 0.6)),
          minWidth: head * 1.6,
          paddingInline: 10,
        }}
      >
        {hidden ? "" : written}
      </Touchable>
      {stop === null ? (
        <p
          className="px-1 text-center leading-tight text-quiet"
          style={{ fontSize: clamp(12, inside / 9, grown(theme, 20)) }}
        >
          This count does not come to it.
        </p>
      ) : (
        <>
          <Touchable
            name={hiddenPieces ? `Pieces of stop ${nth}, covered` : `Pieces of stop ${nth}`}
            data-part={part("pieces")}
            onTouch={touch("pieces")}
            className={`rounded-button ${hiddenPieces ? "bg-cover" : ""}`}
            style={{ width: pieces.width, height: pieces.height }}
          >
            {hiddenPieces ? (
              ""
            ) : (
              // The missing pieces reveal whether there was an exchange.
              <StopPieces
                pieces={stop.pieces}
                told={told}
                wanting={covered("exchange") ? null : stop.wanting}
                size={pieces}
                theme={theme}
              />
            )}
          </Touchable>
          <Verdict
            nth={nth}
            stop={stop}
            by={by}
            covered={covered("exchange")}
            asked={isHere}
            size={{ width: inside, height: foot }}
            onTouch={touch("exchange")}
          />
        </>
      )}
    </div>
  );
}

type VerdictProps = {
  nth: number;
  stop: Stop;
  by: NumberKey;
  covered: boolean;
  /** The class is asked here. */
  asked: boolean;
  size: Size;
  onTouch: (() => void) | undefined;
};

/** What was exchanged at a stop, or how many more are needed. */
function Verdict({ nth, stop, by, covered, asked, size, onTouch }: VerdictProps) {
  const exchanges = stop.exchanges ?? [];
  const look = covered
    ? asked
      ? "bg-stair border-3 border-ink"
      : "bg-cover"
    : exchanges.length > 0
      ? "border-3 border-stair bg-lit"
      : "";
  const text = Math.min(size.width / 8.2, size.height / 3.1);
  return (
    <Touchable
      name={covered ? `Exchange at stop ${nth}, covered` : `Exchange at stop ${nth}`}
      data-part={`exchange-${nth}`}
      onTouch={onTouch}
      className={`flex flex-col items-center justify-center rounded-card leading-tight font-bold ${look}`}
      style={{ width: size.width, height: size.height, fontSize: text }}
    >
      {covered ? (
        <span className="font-numeral leading-none" style={{ fontSize: size.height * 0.5 }}>
          {asked ? "?" : ""}
        </span>
      ) : exchanges.length > 0 ? (
        exchanges.map((one) => <Exchanged key={one.of} {...one} {...wordsFit(exchanges, size, text)} />)
      ) : stop.wanting ? (
        <More {...stop.wanting} back={exact(by).s < 0n} />
      ) : null}
    </Touchable>
  );
}

/** The width of a letter and the height of a line, in text sizes. */
const [LETTER, LINE] = [0.57, 1.25];
/** The border and padding of their box, in pixels of its height. */
const EDGES = 16;

/** The text size of exchanges one below the other, all the same; each in two lines if that makes it larger. */
function wordsFit(exchanges: readonly Exchange[], size: Size, max: number) {
  const ends = exchanges.map(({ of }) => [
    `10 ${placeName(of)}`.length,
    `→ 1 ${placeName(of + 1, 1)}`.length,
  ]);
  const fits = (letters: number, lines: number) =>
    Math.min(max, size.width / (letters * LETTER), (size.height - EDGES) / (exchanges.length * lines * LINE));
  const inOne = fits(Math.max(...ends.map(([ten, one]) => ten! + one! + 1)), 1);
  const inTwo = fits(Math.max(...ends.flat()), 2);
  return { fontSize: Math.max(inOne, inTwo), stacked: inTwo > inOne };
}

/** "10 ones → 1 ten", in one line or two. */
function Exchanged({ of, way, fontSize, stacked }: Exchange & { fontSize: number; stacked: boolean }) {
  const ten = <span style={{ color: placeStyle(of).text }}>10 {placeName(of)}</span>;
  const one = <span style={{ color: placeStyle(of + 1).text }}>1 {placeName(of + 1, 1)}</span>;
  const [from, to] = way === "made" ? [ten, one] : [one, ten];
  return (
    <span
      className={`flex gap-x-[0.3em] whitespace-nowrap ${stacked ? "flex-col items-center" : ""}`}
      style={{ fontSize, lineHeight: LINE }}
    >
      {from}
      <span className="flex gap-[0.3em]">
        <span>→</span>
        {to}
      </span>
    </span>
  );
}

function More({ place, count, back }: Wanting & { back: boolean }) {
  return (
    <span style={{ color: placeStyle(place).text }}>
      {count} more {placeName(place, count)}
      {back ? " to take" : ""}
    </span>
  );
}

/** The stops with an exchange, if that is not covered. */
export const toldExchanges = (board: Props["board"], scene: Scene, view: ViewOf<"stops">): NumberKey[] =>
  view.stops.flatMap((text, i) => {
    const number = keyOfText(text);
    const stop = stopAt(board.count, number);
    const told = !isStopCovered(scene, view, `exchange-${i + 1}` as StopPart);
    return told && stop?.exchanges?.length ? [number] : [];
  });
