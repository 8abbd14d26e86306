import { type CSSProperties, createElement } from "react";
import type { Board } from "@/core/lesson/board";
import { newBoard } from "@/core/lesson/new-lesson";
import { fold } from "@/core/scene/fold";
import { opened, revealed } from "@/core/scene/revealed";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { pageSize } from "@/core/sheet/page-size";
import { copiesDiffer, copyName, type Sheet } from "@/core/sheet/sheet";
import type { PaperView, Task } from "@/core/sheet/task";
import { HUNDRED_CHART } from "@/core/surface/chart";
import type { View } from "@/core/views/view";
import type { Drawings } from "@/view/board/board-drawing";
import { type Drawing, ORDINARY, type Size } from "@/view/drawing";
import { widthOf } from "../fonts";
import { MARGIN, MM } from "../units";
import { type LaidPage, LINE, linesToWrite, type Place, SIGNS, type Standing, titleWidth } from "./lay-out";
import { TEXT } from "./page-text";
import { SignsToFill } from "./signs-to-fill";
import { StripPiece } from "./strip-piece";

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
  const many = copiesDiffer(sheet);
  return (
    <div
      className="absolute"
      style={{ left: MARGIN * MM, top: MARGIN * MM, width: (width - 2 * MARGIN) * MM }}
    >
      <div className="flex items-start justify-between">
        <p className="font-bold" style={{ fontSize: TEXT.title.size, width: titleWidth(sheet) * MM }}>
          {sheet.title}
        </p>
        {many && (
          <p className="font-semibold text-quiet" style={{ fontSize: 14, paddingTop: 5 }}>
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
      <p className="font-semibold" style={{ fontSize: TEXT.instruction.size }}>
        {one.text}
      </p>
    );
  }
  if (one.kind === "piece") return <StripPiece {...one} />;
  return <OneTask task={one.task} place={one.place} answers={answers} drawings={drawings} />;
}

type TaskProps = { task: Task; place: Place; answers: boolean; drawings: Drawings };

function OneTask({ task, place, answers, drawings }: TaskProps) {
  const { signs, view, line } = task;
  const room = place.height - (signs ? SIGNS : 0) - (line ? LINE * linesToWrite(place.width) : 0);
  return (
    <div className="flex size-full flex-col">
      {signs && <SignsToFill signs={signs} answers={answers} width={place.width * MM} />}
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
      {line && <Sentence line={line} answers={answers} width={place.width} />}
    </div>
  );
}

type SentenceProps = { line: NonNullable<Task["line"]>; answers: boolean; width: number };

/** A sentence that is begun, and the lines on which it is ended. */
function Sentence({ line: { before, answer }, answers, width }: SentenceProps) {
  const high = LINE * MM;
  const begins = before === "" ? 0 : widthOf(before, "figtree-400") * TEXT.sentence.size + 8;
  return (
    <div className="relative shrink-0" style={{ height: high * linesToWrite(width) }}>
      {Array.from({ length: linesToWrite(width) }, (_, i) => (
        <div
          // biome-ignore lint/suspicious/noArrayIndexKey: lines to write on are alike.
          key={i}
          className="absolute bg-quiet"
          style={{
            left: i === 0 ? begins : 0,
            top: high * (i + 0.78),
            width: width * MM - (i === 0 ? begins : 0),
            height: 1,
          }}
        />
      ))}
      <p style={{ fontSize: TEXT.sentence.size, lineHeight: `${high}px` }}>
        {before}
        {answers && <span className="font-bold"> {answer}</span>}
      </p>
    </div>
  );
}

/** The name of a view that stands alone. */
const ALONE = "view" as View["id"];

/** The board for a view on paper: the view comes first, then those that it reads from. */
function boardOf({ settings, count, beside = [] }: PaperView): Board {
  const board = newBoard("paper", "Paper", HUNDRED_CHART);
  const view = { ...settings, id: ALONE } as View;
  return { ...board, views: [view, ...beside], count: { ...board.count, ...count } };
}

type OnPaperProps = { view: PaperView; answers: boolean; drawings: Drawings; size: Size };

/** A view as pupils get it, or with its answers. */
export function OnPaper({ view, answers, drawings, size }: OnPaperProps) {
  const board = boardOf(answers && view.reveals ? { ...view, settings: opened(view.settings) } : view);
  const [one] = board.views;
  const drawing = drawings[one!.kind] as Drawing<never> | undefined;
  if (!drawing) return null;
  const done = fold(EMPTY_SCENE, answers ? [...view.question, ...view.answer] : view.question);
  const scene = answers && view.reveals ? revealed(done, ALONE) : done;
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
