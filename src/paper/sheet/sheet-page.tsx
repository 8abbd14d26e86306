import { type CSSProperties, createElement } from "react";
import type { Board } from "@/core/lesson/board";
import { newBoard } from "@/core/lesson/new-lesson";
import { showNumber } from "@/core/number/show-number";
import { fold } from "@/core/scene/fold";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { pageSize } from "@/core/sheet/page-size";
import { copyName, type Sheet } from "@/core/sheet/sheet";
import type { PaperView, Piece, Task } from "@/core/sheet/task";
import { HUNDRED_CHART } from "@/core/surface/chart";
import type { View } from "@/core/views/view";
import type { Drawings } from "@/view/board/board-drawing";
import { type Drawing, ORDINARY, type Size } from "@/view/drawing";
import { Sign, signWidth } from "@/view/problems/sign";
import { MARGIN, MM } from "../units";
import { type LaidPage, LINE, PIECE, type Place, SIGNS, type Standing } from "./lay-out";

export type PageOf = {
  readonly sheet: Sheet;
  readonly copy: number;
  readonly page: number;
  readonly pages: number;
  readonly answers: boolean;
};

type Props = { of: PageOf; standing: LaidPage; drawings: Drawings };

const at = ({ x, y, width, height }: Place): CSSProperties => ({
  left: x * MM,
  top: y * MM,
  width: width * MM,
  height: height * MM,
});

/** A page of a sheet as it is printed: for pupils, or with the answers. */
export function SheetPage({ of, standing, drawings }: Props) {
  const { sheet, answers } = of;
  const size = pageSize(sheet);
  return (
    <div className="relative size-full bg-board">
      <Head of={of} width={size.width} />
      {standing.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: what stands on a page does not move.
        <div key={i} className="absolute" style={at(one.place)}>
          <Stands one={one} answers={answers} drawings={drawings} />
        </div>
      ))}
      <Foot of={of} {...size} />
    </div>
  );
}

function Head({ of: { sheet, copy, answers }, width }: { of: PageOf; width: number }) {
  const many = sheet.copies > 1;
  return (
    <div
      className="absolute"
      style={{ left: MARGIN * MM, top: MARGIN * MM, width: (width - 2 * MARGIN) * MM }}
    >
      <div className="flex items-center justify-between">
        <p className="font-bold" style={{ fontSize: 21 }}>
          {sheet.title}
        </p>
        {many && (
          <p className="font-semibold text-quiet" style={{ fontSize: 14 }}>
            {copyName(copy)}
          </p>
        )}
      </div>
      {answers ? (
        <p className="font-bold text-quiet" style={{ fontSize: 14 }}>
          Answers
        </p>
      ) : (
        sheet.name && (
          <div className="flex items-center" style={{ fontSize: 14, paddingTop: 10, gap: 8 }}>
            <span className="text-quiet">Name</span>
            <span className="bg-quiet" style={{ width: 300, height: 1, marginTop: 14 }} />
          </div>
        )
      )}
    </div>
  );
}

function Foot({ of: { page, pages }, width, height }: { of: PageOf; width: number; height: number }) {
  if (pages < 2) return null;
  return (
    <p
      className="absolute text-right text-quiet"
      style={{
        left: MARGIN * MM,
        width: (width - 2 * MARGIN) * MM,
        top: (height - MARGIN - 4) * MM,
        fontSize: 11,
      }}
    >
      {`${page + 1} of ${pages}`}
    </p>
  );
}

function Stands({ one, answers, drawings }: { one: Standing; answers: boolean; drawings: Drawings }) {
  if (one.kind === "instruction") {
    return (
      <p className="font-semibold" style={{ fontSize: 14.5 }}>
        {one.nth} {one.text}
      </p>
    );
  }
  if (one.kind === "piece") return <StripPiece {...one} />;
  return <OneTask task={one.task} place={one.place} answers={answers} drawings={drawings} />;
}

type TaskProps = { task: Task; place: Place; answers: boolean; drawings: Drawings };

function OneTask({ task, place, answers, drawings }: TaskProps) {
  const { signs, view, line } = task;
  const room = place.height - (signs ? SIGNS : 0) - (line ? LINE : 0);
  return (
    <div className="flex size-full flex-col">
      {signs && <Signs signs={signs} answers={answers} width={place.width * MM} />}
      {view && (
        <div className="shrink-0" style={{ width: place.width * MM, height: room * MM }}>
          <OnPaper
            view={view}
            answers={answers}
            drawings={drawings}
            size={{ width: place.width * MM, height: room * MM }}
          />
        </div>
      )}
      {line && (
        <div className="flex items-center" style={{ height: LINE * MM, fontSize: 14.5, gap: 8 }}>
          {line.before !== "" && <span>{line.before}</span>}
          <div
            className="flex flex-1 flex-col justify-end border-quiet border-b"
            style={{ height: LINE * MM * 0.75 }}
          >
            {answers && <p className="font-bold">{line.answer}</p>}
          </div>
        </div>
      )}
    </div>
  );
}

type SignsProps = { signs: readonly Piece[]; answers: boolean; width: number };

/** The size of signs, the room between them, and the box that a number is written in. */
const SIGN = { size: 19, gap: 7, box: 54 };

/**
 * A line of signs with boxes to write in, wide enough for a child's hand; smaller if there is no room. A box has room
 * for a digit more than the longest number beside it, so that it does not reveal the length of the answer.
 */
function Signs({ signs, answers, width }: SignsProps) {
  const texts = signs.map((piece) => ("text" in piece ? shown(piece.text) : null));
  const known = texts.map((text) => (text === null ? 0 : signWidth(text)));
  // A box that stands alone is about the drawing below it, which shows the number.
  const alone = signs.length === 1 && "blank" in signs[0]! ? signWidth(shown(signs[0].blank)) : 0;
  const numbers = known.filter((_, i) => /\d/.test(texts[i] ?? ""));
  const box = Math.max(SIGN.box, (Math.max(alone, ...numbers) + 1) * SIGN.size);
  const wide =
    known.reduce((sum, one) => sum + (one === 0 ? box : one * SIGN.size), 0) + SIGN.gap * (signs.length - 1);
  const part = Math.min(1, width / wide);
  const size = SIGN.size * part;
  return (
    <div
      className="flex items-center font-numeral"
      style={{ height: SIGNS * MM, fontSize: size, gap: SIGN.gap * part }}
    >
      {signs.map((piece, i) =>
        "text" in piece ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: signs are read in order.
          <span key={i}>
            <Sign text={shown(piece.text)} size={size} />
          </span>
        ) : (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: signs are read in order.
            key={i}
            className="flex items-center justify-center rounded-[6px] border-2 border-ink font-bold"
            style={{ width: box * part, height: BOX_HIGH }}
          >
            {answers && <Sign text={shown(piece.blank)} size={Math.min(size, BOX_HIGH / 2)} bold />}
          </span>
        ),
      )}
    </div>
  );
}

const BOX_HIGH = 34;
/** A number of a line of signs as displayed; other pieces are unchanged. */
const shown = (text: string) => (/^-?[\d./]+$/.test(text) ? showNumber(text) : text);

/** The name of a view that stands alone. */
const ALONE = "view" as View["id"];

/** The board for a view on paper: it has the count, and nothing else. */
function boardOf({ settings, count }: PaperView): Board {
  const board = newBoard("paper", "Paper", HUNDRED_CHART);
  const view = { ...settings, id: ALONE } as View;
  return { ...board, views: [view], count: { ...board.count, ...count } };
}

type OnPaperProps = { view: PaperView; answers: boolean; drawings: Drawings; size: Size };

function OnPaper({ view, answers, drawings, size }: OnPaperProps) {
  const board = boardOf(view);
  const [one] = board.views;
  const drawing = drawings[one!.kind] as Drawing<never> | undefined;
  if (!drawing) return null;
  const scene = fold(EMPTY_SCENE, answers ? [...view.question, ...view.answer] : view.question);
  // Paper is read from close by: what is drawn for a screen is drawn in a larger room and scaled down.
  const room = { width: size.width * FINER, height: size.height * FINER };
  const theme = { ...ORDINARY, screen: Math.max(360, room.height), bare: true as const };
  const shift = (length: number) => (length * (1 - FINER)) / 2;
  return (
    <div
      style={{
        ...room,
        transform: `translate(${shift(size.width)}px, ${shift(size.height)}px) scale(${1 / FINER})`,
      }}
    >
      {createElement(drawing, { view: one as never, board, scene, size: room, theme, mayAsk: false })}
    </div>
  );
}

const FINER = 1.6;

/** A piece of a strip in true size, with its edge for glue. */
function StripPiece({ numbers, strip, glue }: Extract<Standing, { kind: "piece" }>) {
  const [cell, high] = [strip.cell * MM, PIECE.height * MM];
  const wide = numbers.length * cell;
  const longest = Math.max(...strip.numbers.map((number) => showNumber(number).length));
  const size = Math.min(high * 0.42, (cell * 0.9) / (longest * 0.62));
  return (
    <svg
      aria-hidden
      width={wide + (glue ? PIECE.glue * MM : 0)}
      height={high}
      className="block overflow-visible"
    >
      {glue && (
        <rect
          x={wide}
          y={0}
          width={PIECE.glue * MM}
          height={high}
          fill="#dfe5ec"
          stroke="var(--color-quiet)"
          strokeDasharray="4 3"
        />
      )}
      {numbers.map((number, i) => (
        <g key={number}>
          <rect
            x={i * cell}
            y={0}
            width={cell}
            height={high}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={1.2}
          />
          {!strip.blank && (
            <text
              x={(i + 0.5) * cell}
              y={high / 2 + size * 0.35}
              fontSize={size}
              textAnchor="middle"
              className="font-numeral"
              fill="var(--color-ink)"
            >
              {showNumber(number)}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
