import { jumpKinds } from "@/core/count/jump-place";
import { numberSentence, type SentencePart, unbroken } from "@/core/count/number-sentence";
import type { Trail } from "@/core/count/trail";
import { writerOf } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { type Written, writtenText } from "@/core/number/fraction-text";
import type { Scene } from "@/core/scene/scene";
import { type DrawingProps, grown } from "../drawing";
import { InkFigure } from "../ink/ink-shape";
import { INK_STYLE } from "../ink/ink-style";
import { STYLES } from "../line/jump-style";
import { labelSize } from "../line/label-size";
import { WrittenText } from "../line/written-text";
import { type Asks, chipRoom, chipWidth, NumberChip, UNKNOWN, type Write } from "../number/number-chip";
import { NO_JUMP_YET, SILENT } from "../said";
import { Touchable } from "../touchable";

type Props = DrawingProps<"sentence"> & {
  asks?: Asks;
  onNumber?: (number: NumberKey) => void;
  onJumps?: (jumps: readonly number[]) => void;
};

/**
 * The number sentence of the trail, as large as its room allows. Each of its parts can be touched and covered. While
 * two trails are compared each has its sentence, after the shape of its ink.
 */
export function SentenceDrawing(props: Props) {
  const { view, board, scene, size: room, theme } = props;
  const { width, height } = room;
  const write = writerOf(board);
  const { trail, aside } = scene;
  const rows = [
    ...(aside ? [{ trail: aside.trail, ink: aside.ink, aside: true }] : []),
    ...(trail ? [{ trail, ink: aside?.beside ?? null, aside: false }] : []),
  ].flatMap((row) => {
    const parts = numberSentence(row.trail, view.form);
    return parts ? [{ ...row, parts, kinds: jumpKinds(row.trail) }] : [];
  });
  const figure = aside ? FIGURE : 0;
  const needed = Math.max(
    1,
    ...rows.map(({ parts, trail: of }) =>
      parts.reduce((sum, part) => sum + roomOf(part, of, scene, write), figure),
    ),
  );
  const largest = Math.min(height / (1.65 * Math.max(1, rows.length)), grown(theme, theme.strong ? 76 : 60));
  // Leave a pixel free, or rounding breaks the row.
  const oneRow = (width - 1) / needed;
  // A sentence too long for one row goes on in the next.
  const min = grown(theme, 24);
  const size = Math.max(
    grown(theme, 22),
    oneRow >= min ? Math.min(largest, oneRow) : Math.min(largest, grown(theme, 30)),
  );
  return (
    <div
      className="flex size-full flex-col items-center justify-center-safe gap-y-1 overflow-auto"
      data-part="number-sentence"
    >
      {(scene.hushed || rows.length === 0) && (
        <p className="text-large text-quiet">{scene.hushed ? SILENT : NO_JUMP_YET}</p>
      )}
      {(scene.hushed ? [] : rows).map((row) => (
        <div
          key={row.aside ? "aside" : "trail"}
          className="flex w-full flex-wrap items-center justify-center gap-y-4"
        >
          {row.ink && (
            <svg width={FIGURE * size} height={size} role="img" aria-label={INK_STYLE[row.ink].name}>
              <InkFigure ink={row.ink} x={(FIGURE * size) / 2} y={size / 2} radius={size * 0.28} />
            </svg>
          )}
          {unbroken(row.parts).map((group, at) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is read in order, and its parts do not move.
            <span key={at} className="flex items-center">
              {group.map((part, index) => (
                <Part
                  asks={props.asks}
                  onNumber={props.onNumber}
                  onJumps={props.onJumps}
                  write={write}
                  // biome-ignore lint/suspicious/noArrayIndexKey: as above.
                  key={index}
                  part={part}
                  size={size}
                  color={row.ink ? "var(--color-ink)" : colorOf(part, row.parts, row.kinds)}
                  scene={scene}
                  trail={row.trail}
                  still={row.aside}
                />
              ))}
            </span>
          ))}
        </div>
      ))}
    </div>
  );
}

type PartProps = {
  asks: Asks | undefined;
  onNumber: Props["onNumber"];
  onJumps: Props["onJumps"];
  write: Write;
  part: SentencePart;
  size: number;
  color: string;
  scene: Scene;
  trail: Trail;
  /** Its jumps are set aside, and cannot be touched. */
  still: boolean;
};

function Part({ part, size, color, scene, trail, still, asks, write, onNumber, onJumps }: PartProps) {
  if (part.kind === "sign") {
    return <Text written={plain(part.text)} size={size} color={color} room={SIGN} />;
  }
  if (part.kind === "number") {
    return (
      <NumberChip
        scene={scene}
        number={part.number}
        size={size}
        write={write}
        asks={asks}
        onTouch={onNumber}
      />
    );
  }
  return (
    <Term
      part={part}
      written={termOf(part, write)}
      size={size}
      color={color}
      covered={isSizeCovered(part, trail)}
      still={still}
      onTouch={onJumps && (() => onJumps(part.jumps))}
    />
  );
}

type TermPart = Extract<SentencePart, { kind: "term" }>;

/** Whether a term is covered: the sizes of all its jumps are. */
const isSizeCovered = ({ jumps }: TermPart, trail: Trail): boolean =>
  jumps.length > 0 && jumps.every((jump) => trail.covers[jump]?.size);

type TermProps = {
  written: Written;
  part: TermPart;
  size: number;
  color: string;
  covered: boolean;
  still: boolean;
  onTouch: (() => void) | undefined;
};

function Term({ part, written, size, color, covered, still, onTouch }: TermProps) {
  return (
    <Touchable
      name={covered ? "covered" : writtenText(written)}
      disabled={still || part.jumps.length === 0}
      onTouch={onTouch}
      className="rounded-button disabled:cursor-default"
    >
      {/* How wide a cover is tells nothing of how many digits lie under it. */}
      <Text
        written={written}
        size={size}
        color={color}
        room={chipWidth(covered ? UNKNOWN : written)}
        covered={covered}
      />
    </Touchable>
  );
}

/** The width of a sign, and of the shape of an ink, in parts of the size of the numbers. */
const FIGURE = 1.1;
const SIGN = 0.75;
const plain = (text: string): Written => ({ whole: text, over: "", under: "" });

/** A term as written: a size in the form of the board's numbers, the number of times as a plain number. */
const termOf = (part: TermPart, write: Write): Written =>
  part.jumps.length === 0 ? plain(part.text) : write(part.by.replace("-", ""));

/** The width of a part as displayed: a cover has the same width whatever lies under it. */
function roomOf(part: SentencePart, trail: Trail, scene: Scene, write: Write): number {
  if (part.kind === "sign") return SIGN;
  if (part.kind === "number") return chipRoom(scene, part.number, write);
  return chipWidth(isSizeCovered(part, trail) ? UNKNOWN : termOf(part, write));
}

type TextProps = { written: Written; size: number; color: string; room: number; covered?: boolean };

/** Signs and terms as they stand beside the numbers of the sentence: on one line with them, whatever the typeface. */
function Text({ written, size, color, room, covered = false }: TextProps) {
  // A cover is as high whatever lies under it.
  const high = labelSize(covered ? UNKNOWN : written, size).height;
  const [width, height] = [room * size, Math.max(size * 1.5, high)];
  return (
    <svg width={width} height={height} role="presentation" className="block shrink-0">
      {covered ? (
        <rect
          x={0}
          y={height * 0.08}
          width={width}
          height={height * 0.84}
          rx={10}
          fill="var(--color-cover)"
        />
      ) : (
        <WrittenText written={written} x={width / 2} y={height / 2} size={size} color={color} />
      )}
    </svg>
  );
}

/** A term of a way through benchmarks, and its sign, take the colour of their place; those of a count are plain. */
function colorOf(
  part: SentencePart,
  parts: readonly SentencePart[],
  kinds: ReturnType<typeof jumpKinds>,
): string {
  const plain = "var(--color-ink)";
  const term = part.kind === "sign" ? parts[parts.indexOf(part) + 1] : part;
  if (part.kind === "sign" && part.text === "=") return plain;
  if (term?.kind !== "term" || term.jumps.length === 0) return plain;
  return STYLES[kinds[term.jumps[0]!] ?? "other"].text;
}
