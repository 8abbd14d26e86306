import type { ReactNode } from "react";
import { writerOf } from "@/core/lesson/views-of";
import { keyOfText, type NumberKey } from "@/core/number/exact";
import { isFraction } from "@/core/number/fraction-text";
import { writtenAs } from "@/core/number/written-of";
import { type DrawingProps, edgesGrown, grown } from "../drawing";
import { type Asks, chipRoom, NumberChip, type Write } from "../number/number-chip";

type Props = DrawingProps<"compare"> & {
  asks?: Asks;
  onNumber?: (number: NumberKey) => void;
  /** The handler for choosing a sign; without it none can be chosen. */
  children?: ReactNode;
};

/** How wide the room for the sign is, and how far it stands from the numbers, in their size. */
const [SIGN, APART] = [1.15, 0.3];

/** Signs do not fit below the numbers in a room lower than this; how wide they are beside them, with the gap. In pixels. */
const [LOW, SIGNS_WIDE] = [132, 256 + 32];

/** A fraction stays as it was typed: 6/8 and 3/4 are compared, not 0.75 and 0.75. */
const asTyped = (text: string, write: Write): Write =>
  isFraction(text) ? (number) => (number === keyOfText(text) ? writtenAs(text) : write(number)) : write;

/** Two numbers with room for the sign between them. */
export function CompareDrawing({ view, board, scene, size: room, theme, asks, onNumber, children }: Props) {
  const { width, height } = room;
  const write = writerOf(board);
  const chosen = scene.signs[view.id] ?? null;
  const [a, b] = [keyOfText(view.a), keyOfText(view.b)];
  // In a low room the signs to choose from stand beside the numbers.
  const low = height < edgesGrown(theme) * LOW && width > edgesGrown(theme) * SIGNS_WIDE * 2;
  const wanted = Math.max(24, Math.min(grown(theme, theme.strong ? 100 : 84), height * (low ? 0.6 : 0.34)));
  // However little room there is, every digit is visible; and a covered number does not reveal its length.
  const [writeA, writeB] = [view.a, view.b].map((text) => asTyped(text, write)) as [Write, Write];
  const needed = chipRoom(scene, a, writeA) + chipRoom(scene, b, writeB) + SIGN + 2 * APART;
  const size = Math.min(wanted, (low ? width - edgesGrown(theme) * SIGNS_WIDE : width) / (1.05 * needed));
  return (
    <div
      className={`flex size-full items-center justify-center overflow-x-hidden overflow-y-auto ${low ? "gap-8" : "flex-col gap-3"}`}
    >
      <p className="flex items-center" style={{ gap: size * APART }}>
        <NumberChip scene={scene} number={a} size={size} write={writeA} asks={asks} onTouch={onNumber} />
        <span
          className={`flex items-center justify-center rounded-button font-numeral ${chosen ? "" : "border-3 border-dashed border-rule"}`}
          style={{ fontSize: size, width: size * SIGN, height: size * 1.3, lineHeight: 1 }}
          data-part="sign"
        >
          {chosen ?? ""}
        </span>
        <NumberChip scene={scene} number={b} size={size} write={writeB} asks={asks} onTouch={onNumber} />
      </p>
      {/* At rest nothing can be chosen, but the numbers keep their places. */}
      {children ?? <div className="h-14 w-full max-w-64 shrink-0" />}
    </div>
  );
}
