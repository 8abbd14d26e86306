import { type Framed, IN_FRAME, throughTen } from "@/core/count/ten-frame";
import { isCoveredPart } from "@/core/scene/covered-part";
import { framedOf } from "@/core/scene/framed";
import { isCoveredAt } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import type { ViewOf } from "@/core/views/view";
import { clamp, type DrawingProps, grown, type Size } from "../drawing";
import { INK_STYLE } from "../ink/ink-style";
import { Said, SILENT } from "../said";
import { Touchable } from "../touchable";
import { FrameCells } from "./frame-cells";
import { FramePairs } from "./frame-pairs";

/** The parts of a sum in frames that can be covered. */
export type FramePart = "first" | "second" | "whole" | "writing";

type Props = DrawingProps<"frames"> & {
  onCell?: (cell: number) => void;
  onPart?: (part: FramePart) => void;
  onPair?: (first: number, second: number) => void;
};

/** The gap between the frames and the list of pairs beside them. */
const GAP_BESIDE = 16;
/** How many pairs fit in the list. */
const MAX_PAIRS = 20;

/** Frames of ten with counters, how their sum goes through the ten, and the pairs that make it. */
export function FramesDrawing(props: Props) {
  const { view, scene, size } = props;
  const secret =
    view.counts === "focus" &&
    (scene.hushed || (scene.focus !== null && isCoveredAt(scene, numberOf(scene.focus))));
  const framed = secret ? null : framedOf(scene, view);
  if (framed === null) {
    return (
      <Said theme={props.theme} size={size}>
        {scene.hushed
          ? SILENT
          : secret
            ? "The number is covered."
            : "These frames have no room for this number."}
      </Said>
    );
  }
  const whole = framed.first + framed.second;
  const hasPairs = view.pairs !== "none" && whole >= 2 && whole <= MAX_PAIRS;
  const beside = hasPairs && size.width > 1.15 * size.height;
  const pairsRoom = !hasPairs
    ? { width: 0, height: 0 }
    : beside
      ? { width: clamp(220, size.width * 0.3, grown(props.theme, 420)), height: size.height }
      : { width: size.width, height: size.height * 0.4 };
  const room = {
    width: size.width - (beside ? pairsRoom.width + GAP_BESIDE : 0),
    height: size.height - (beside ? 0 : pairsRoom.height),
  };
  return (
    <div className={`flex size-full ${beside ? "" : "flex-col"}`} style={beside ? { gap: GAP_BESIDE } : {}}>
      <Sum {...props} framed={framed} room={room} />
      {hasPairs && <FramePairs {...props} framed={framed} room={pairsRoom} />}
    </div>
  );
}

export type FrameProps = Props & { framed: Framed; room: Size };

/** Whether one of the two parts is covered, to be worked out. */
const asksPart = ({ view, scene }: Pick<Props, "view" | "scene">) =>
  (["first", "second"] as const).some((part) => isCoveredPart(scene, view.id, part));

/** The frames, and the sum under them. */
function Sum(props: FrameProps) {
  const { view, framed, room, theme } = props;
  const written = view.writing === "none" ? [] : linesOf(framed, view, asksPart(props));
  const lines = written.length;
  const isHidden = (part: FramePart) => isCoveredPart(props.scene, view.id, part);
  const longest = Math.max(1, ...written.map((terms) => lengthOf(terms, isHidden)));
  const line = Math.min(
    clamp(
      Math.min(34, room.height * 0.28, (room.height * 0.6) / lines),
      room.height * 0.13,
      grown(theme, theme.strong ? 84 : 66),
    ),
    room.width / (longest * OF_LINE),
  );
  const area = { width: room.width, height: Math.max(24, room.height - lines * line - (lines > 0 ? 12 : 0)) };
  return (
    <div className="flex flex-col" style={room}>
      <FrameCells {...props} room={area} />
      {lines > 0 && <Writing {...props} line={line} />}
    </div>
  );
}

/** The size of letters, in parts of the line height. */
const OF_LINE = 0.72;
/** The width of a line, in the size of its letters; a covered term is wider than its number. */
const lengthOf = (terms: readonly Term[], isHidden: (part: FramePart) => boolean): number =>
  terms.reduce((sum, { text, of }) => sum + (of && isHidden(of) ? HIDDEN : text.length * 0.62), 0) +
  GAP * (terms.length - 1);
/** The width of a covered term, and the gap between terms, in the size of their letters. */
const [HIDDEN, GAP] = [1.7, 0.28];

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
  // What fills the ten would give away a part that is asked for.
  if (!split || moved < split.fill || isAsked) return [[...sum, whole]];
  const rest: Term = { text: String(split.rest), of: "second" };
  return [
    [...sum, a!, sign("+"), { text: String(split.fill), of: "second" }, sign("+"), rest],
    [sign("="), { text: String(first + split.fill) }, sign("+"), rest],
    [sign("="), whole],
  ];
}

/** The sum, with its covered parts. */
function Writing({ view, scene, framed, line, onPart }: FrameProps & { line: number }) {
  const lines = linesOf(framed, view, asksPart({ view, scene }));
  const hidden = (part: FramePart) => isCoveredPart(scene, view.id, part);
  const covered = isCoveredPart(scene, view.id, "writing", view.writing === "covered");
  const size = line * OF_LINE;
  const wrote = scene.wrote[view.id] ?? null;
  const asks = (["first", "second", "whole"] as const).find(hidden);
  const right = asks && (asks === "whole" ? framed.first + framed.second : framed[asks]);
  if (covered) {
    return (
      <Touchable
        name="The sum, covered"
        data-part="writing"
        onTouch={onPart && (() => onPart("writing"))}
        className="mt-2 self-center rounded-card bg-cover"
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
          className="flex items-center justify-center"
          style={{ height: line, gap: `${GAP}em` }}
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
                className={`flex items-center justify-center rounded-button ${isHidden ? "bg-cover text-on-cover" : ""} ${of === "whole" ? "font-bold" : ""}`}
                style={{
                  height: line * 0.9,
                  minWidth: isHidden ? size * HIDDEN : undefined,
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
