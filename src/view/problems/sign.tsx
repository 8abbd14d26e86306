import { writtenOf } from "@/core/number/written-of";
import { DIGIT } from "../chart/chart-layout";
import { labelSize } from "../line/label-size";
import { WrittenText } from "../line/written-text";
import { round } from "../round";

type Props = { text: string; size: number; bold?: boolean };

/** Around a fraction there is less room than a label has. */
const EDGE = 0.4;

/** A number or a sign of a number sentence: a fraction with its numbers one above the other, as on the line beside it. */
export function Sign({ text, size, bold = false }: Props) {
  const written = writtenOf(text);
  if (written.under === "") return text;
  const { width, height } = labelSize(written, size);
  const wide = round(width - EDGE * size);
  return (
    <>
      <span className="sr-only">{text}</span>
      <svg aria-hidden width={wide} height={height} className="block shrink-0 overflow-visible">
        <WrittenText written={written} x={wide / 2} y={height / 2} size={size} bold={bold} />
      </svg>
    </>
  );
}

/** The width of a number or a sign, in parts of its size. */
export function signWidth(text: string): number {
  const written = writtenOf(text);
  return written.under === "" ? text.length * DIGIT : labelSize(written, 1).width - EDGE;
}
