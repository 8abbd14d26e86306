import {
  cellsOf,
  type Framed,
  IN_FRAME,
  pairsThatMake,
  secondFrom,
  throughTen,
} from "@/core/count/ten-frame";
import { isCoveredPart } from "@/core/scene/covered-part";
import { framedOf } from "@/core/scene/framed";
import { isCoveredAt } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import type { ViewOf } from "@/core/views/view";
import { clamp, type DrawingProps, grown, type Size } from "../drawing";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Said, SILENT } from "../said";
import { Touchable } from "../touchable";
import { Counter } from "./counter";
import { type FramesLayout, layOutFrames, middleOfCell } from "./frames-layout";

/** The parts of a sum in frames that can be covered. */
export type FramePart = "first" | "second" | "whole" | "writing";

type Props = DrawingProps<"frames"> & {
  onCell?: (cell: number) => void;
  onPart?: (part: FramePart) => void;
  onPair?: (first: number, second: number) => void;
};

/** The pairs that a list has room for. */
const MOST_PAIRS = 20;

/** Frames of ten with counters, how their sum goes through the ten, and the pairs that make it. */
export function FramesDrawing(props: Props) {
  const { view, scene, size } = props;
  const secret =
    view.counts === "focus" &&
    (scene.hushed || (scene.focus !== null && isCoveredAt(scene, numberOf(scene.focus))));
  const framed = secret ? null : framedOf(scene, view);
  if (framed === null) {
    return (
      <Said>
        {scene.hushed
          ? SILENT
          : secret
            ? "The number is covered."
            : "These frames have no room for this number."}
      </Said>
    );
  }
  const whole = framed.first + framed.second;
  const hasPairs = view.pairs !== "none" && whole >= 2 && whole <= MOST_PAIRS;
  const beside = hasPairs && size.width > 1.15 * size.height;
  const pairsRoom = !hasPairs
    ? { width: 0, height: 0 }
    : beside
      ? { width: clamp(220, size.width * 0.3, grown(props.theme, 420)), height: size.height }
      : { width: size.width, height: size.height * 0.4 };
  const room = {
    width: size.width - (beside ? pairsRoom.width : 0),
    height: size.height - (beside ? 0 : pairsRoom.height),
  };
  return (
    <div className={`flex size-full ${beside ? "" : "flex-col"}`}>
      <Sum {...props} framed={framed} room={room} />
      {hasPairs && <Pairs {...props} framed={framed} room={pairsRoom} />}
    </div>
  );
}

type PartProps = Props & { framed: Framed; room: Size };

/** Whether one of the two parts is covered, so that it is to be worked out. */
const asksPart = ({ view, scene }: Pick<Props, "view" | "scene">) =>
  (["first", "second"] as const).some((part) => isCoveredPart(scene, view.id, part));

/** The frames, and the sum under them. */
function Sum(props: PartProps) {
  const { view, framed, room, theme } = props;
  const lines = view.writing === "none" ? 0 : linesOf(framed, view, asksPart(props)).length;
  const line = lines === 0 ? 0 : clamp(34, room.height * 0.13, grown(theme, theme.strong ? 84 : 66));
  const area = { width: room.width, height: Math.max(60, room.height - lines * line - (lines > 0 ? 12 : 0)) };
  return (
    <div className="flex flex-col" style={room}>
      <Frames {...props} room={area} />
      {lines > 0 && <Writing {...props} line={line} />}
    </div>
  );
}

/** The frames with their counters. */
function Frames({ view, scene, theme, framed, room, onCell, onPart }: PartProps) {
  const layout = layOutFrames(view.frames, view.shape, room, grown(theme, 1));
  const { cell, frames, across, down } = layout;
  const cells = cellsOf(framed, view.frames);
  const isCovered = (part: FramePart) => isCoveredPart(scene, view.id, part);
  const from = secondFrom(framed, view.frames);
  const shown = cells.map((one) => (one && isCovered(one.of) ? null : one));
  const counted = shown.filter((one) => one && !one.left).length;
  const parts = (["first", "second"] as const).filter((part) => framed[part] > 0);
  const hides = parts.filter(isCovered);
  const name = hides.length > 0 ? "Frames, a part covered" : `Frames, ${counted} counters`;
  return (
    <div className="relative" style={room}>
      <svg role="img" aria-label={name} width={room.width} height={room.height} className="block">
        {frames.map(({ x, y }) => (
          <g key={`${x} ${y}`}>
            <rect
              x={round(x)}
              y={round(y)}
              width={round(across * cell)}
              height={round(down * cell)}
              rx={Math.min(12, cell * 0.16)}
              fill="var(--color-board)"
              stroke="var(--color-ink)"
              strokeWidth={3}
            />
            <path
              d={gridOf(x, y, cell, across, down)}
              stroke="var(--color-rule)"
              strokeWidth={2}
              fill="none"
            />
          </g>
        ))}
        {shown.map((one, index) => {
          if (!one) return null;
          const { x, y } = middleOfCell(layout, index);
          return (
            <g
              // biome-ignore lint/suspicious/noArrayIndexKey: a counter is where it lies.
              key={index}
              className={one.moved ? "rises" : undefined}
            >
              <Counter
                ink={one.of === "first" ? view.ink : view.otherInk}
                x={x}
                y={y}
                radius={cell * 0.37}
                left={one.left}
              />
            </g>
          );
        })}
      </svg>
      {onCell &&
        cells.map((one, index) => {
          const { x, y } = middleOfCell(layout, index);
          return (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: a cell is where it is.
              key={index}
              type="button"
              data-cell={index}
              aria-label={`Cell ${index + 1}${one && !one.left && !isCovered(one.of) ? ", counter" : ""}`}
              tabIndex={index === 0 ? 0 : -1}
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => onCell(index)}
              className="absolute"
              style={{ left: x - cell / 2, top: y - cell / 2, width: cell, height: cell }}
            />
          );
        })}
      {hides.map((part) => (
        <Cover
          key={part}
          part={part}
          box={boxOf(layout, part === "first" ? 0 : from, framed[part])}
          onTouch={onPart && (() => onPart(part))}
        />
      ))}
    </div>
  );
}

/** The box about some cells, with as much room whatever lies in them. */
function boxOf(layout: FramesLayout, from: number, count: number) {
  const cells = Array.from({ length: Math.max(1, count) }, (_, i) => middleOfCell(layout, from + i));
  const half = layout.cell / 2;
  // How many lie in the last row tells nothing: the cover goes to the end of the row.
  const frames = new Set(cells.map((_, i) => Math.floor((from + i) / IN_FRAME)));
  const whole = [...frames].flatMap((frame) =>
    Array.from({ length: IN_FRAME }, (_, i) => frame * IN_FRAME + i).filter((cell) => cell >= from),
  );
  const all = whole.map((cell) => middleOfCell(layout, cell));
  const [left, top] = [Math.min(...all.map(({ x }) => x)) - half, Math.min(...all.map(({ y }) => y)) - half];
  return {
    left: left + 5,
    top: top + 5,
    width: Math.max(...all.map(({ x }) => x)) + half - left - 10,
    height: Math.max(...all.map(({ y }) => y)) + half - top - 10,
  };
}

type CoverProps = {
  part: FramePart;
  box: { left: number; top: number; width: number; height: number };
  onTouch: (() => void) | undefined;
};

/** Over a part of the counters: how many are under it is to be worked out. */
const Cover = ({ part, box, onTouch }: CoverProps) => (
  <Touchable
    name={`${part === "first" ? "First" : "Second"} part, covered`}
    data-part={part}
    onTouch={onTouch}
    className="absolute flex items-center justify-center rounded-card bg-ink font-numeral leading-none font-bold text-white"
    style={{ ...box, fontSize: Math.min(64, box.height * 0.5) }}
  >
    ?
  </Touchable>
);

const gridOf = (x: number, y: number, cell: number, across: number, down: number) =>
  Array.from(
    { length: across - 1 },
    (_, i) => `M${round(x + (i + 1) * cell)} ${round(y + 2)}v${round(down * cell - 4)}`,
  ).join("") +
  Array.from(
    { length: down - 1 },
    (_, i) => `M${round(x + 2)} ${round(y + (i + 1) * cell)}h${round(across * cell - 4)}`,
  ).join("");

type Term = { text: string; of?: "first" | "second" | "whole" };
const sign = (text: string): Term => ({ text });

/** The sum line by line: 8 + 6 = 8 + 2 + 4, = 10 + 4, = 14; as far as its counters have gone. */
function linesOf({ first, second, moved }: Framed, view: ViewOf<"frames">, isAsked: boolean): Term[][] {
  const whole: Term = { text: String(first + second), of: "whole" };
  const [a, b]: Term[] = [
    { text: String(first), of: "first" },
    { text: String(second), of: "second" },
  ] as const;
  if (view.counts === "focus") {
    const tens = first - (first % IN_FRAME);
    if (tens === 0 || tens === first) return [[{ text: String(first), of: "whole" }]];
    return [[whole, sign("="), { text: String(tens) }, sign("+"), { text: String(first - tens) }]];
  }
  const split = throughTen(first, second);
  const sum = [a!, sign("+"), b!, sign("=")];
  // What fills the ten would tell a part that is asked for.
  if (!split || moved < split.fill || isAsked) return [[...sum, whole]];
  const rest: Term = { text: String(split.rest), of: "second" };
  return [
    [...sum, a!, sign("+"), { text: String(split.fill), of: "second" }, sign("+"), rest],
    [sign("="), { text: String(first + split.fill) }, sign("+"), rest],
    [sign("="), whole],
  ];
}

/** The sum, with what is covered of it. */
function Writing({ view, scene, framed, line, onPart }: PartProps & { line: number }) {
  const lines = linesOf(framed, view, asksPart({ view, scene }));
  const hidden = (part: FramePart) => isCoveredPart(scene, view.id, part);
  const covered = isCoveredPart(scene, view.id, "writing", view.writing === "covered");
  const size = line * 0.72;
  const wrote = scene.wrote[view.id] ?? null;
  const asks = (["first", "second", "whole"] as const).find(hidden);
  const right = asks && (asks === "whole" ? framed.first + framed.second : framed[asks]);
  if (covered) {
    return (
      <Touchable
        name="The sum, covered"
        data-part="writing"
        onTouch={onPart && (() => onPart("writing"))}
        className="mt-2 self-center rounded-card bg-ink"
        style={{ width: size * 8, height: lines.length * line }}
      >
        {""}
      </Touchable>
    );
  }
  return (
    <div className="mt-2 flex flex-col items-center font-numeral leading-none" style={{ fontSize: size }}>
      {lines.map((terms, i) => (
        <p
          // biome-ignore lint/suspicious/noArrayIndexKey: a line is where it is written.
          key={i}
          data-line={i}
          className="flex items-center justify-center gap-[0.28em]"
          style={{ height: line }}
        >
          {terms.map(({ text, of }, at) => {
            const isHidden = of !== undefined && hidden(of);
            return (
              <Touchable
                // biome-ignore lint/suspicious/noArrayIndexKey: a term is where it is written.
                key={at}
                name={isHidden ? `${of} covered` : text}
                data-term={of}
                onTouch={of && onPart && (() => onPart(of))}
                className={`flex items-center justify-center rounded-[10px] ${isHidden ? "bg-ink text-white" : ""} ${of === "whole" ? "font-bold" : ""}`}
                style={{
                  height: line * 0.9,
                  minWidth: isHidden ? size * 1.7 : undefined,
                  color:
                    isHidden || of === undefined
                      ? undefined
                      : of === "whole"
                        ? undefined
                        : textOf(of === "first" ? view.ink : view.otherInk),
                }}
              >
                {isHidden ? "" : text}
              </Touchable>
            );
          })}
          {i === lines.length - 1 && wrote !== null && asks && (
            <span
              data-part="wrote"
              className={`ml-3 font-bold text-by-hand ${String(right) === wrote ? "" : "underline decoration-wavy decoration-wrong decoration-2 underline-offset-4"}`}
            >
              {wrote}
            </span>
          )}
        </p>
      ))}
    </div>
  );
}

/** The colour in which the number of counters is written: dark enough to be read. */
const textOf = (ink: keyof typeof INK_STYLE) =>
  `color-mix(in oklab, ${INK_STYLE[ink].figure} 62%, var(--color-ink))`;

/** The pairs that make the whole, the one in hand lit, unless it is what is asked. */
function Pairs({ view, scene, theme, framed, room, onPair }: PartProps) {
  const whole = framed.first + framed.second;
  const pairs = pairsThatMake(whole);
  const hides = (["first", "second", "whole"] as const).some((part) => isCoveredPart(scene, view.id, part));
  const head = clamp(22, room.height * 0.07, grown(theme, 34));
  const columns = room.width > 1.1 * room.height || pairs.length > 12 ? 2 : 1;
  const rows = Math.ceil(pairs.length / columns);
  const high = Math.min(grown(theme, 58), (room.height - head - 14) / rows);
  const size = Math.min(high * 0.66, room.width / columns / 6.4);
  const differences = view.pairs === "differences";
  return (
    <div className="flex flex-col items-center justify-center" style={room}>
      <p className="font-semibold text-quiet" style={{ fontSize: head * 0.62, lineHeight: `${head}px` }}>
        All the pairs that make {isCoveredPart(scene, view.id, "whole") ? "it" : whole}
      </p>
      <div
        className="grid grid-flow-col gap-x-4"
        style={{ gridTemplateRows: `repeat(${rows}, ${round(high)}px)` }}
      >
        {isCoveredPart(scene, view.id, "whole")
          ? null
          : pairs.map(([a, b]) => {
              const lit = !hides && a === framed.first;
              const text = differences ? `${whole} − ${b} = ${a}` : `${a} + ${b} = ${whole}`;
              return (
                <Touchable
                  key={a}
                  name={lit ? `${text}, in hand` : text}
                  data-pair={`${a} ${b}`}
                  onTouch={onPair && (() => onPair(a, b))}
                  className={`flex items-center justify-center rounded-[10px] px-2 font-numeral leading-none whitespace-nowrap ${lit ? "bg-lit font-bold outline-3 -outline-offset-3 outline-stair" : ""}`}
                  style={{ fontSize: size, height: high - 2 }}
                >
                  {text}
                </Touchable>
              );
            })}
      </div>
    </div>
  );
}
