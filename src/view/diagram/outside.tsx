import { type Regions, regionName } from "@/core/lesson/regions";
import type { NumberKey } from "@/core/number/exact";
import { manyOf } from "@/core/number/many-of";
import { showNumber } from "@/core/number/show-number";
import { clamp, type Size } from "../drawing";
import { round } from "../round";
import { GAP, LINE } from "./fill-region";
import { labelOf, manyIn, Numeral, type OnNumber, Told, wordsOf } from "./region";

/** The height of what is outside the rings: two lines with their name, and more where there are many numbers. */
export function heightBelow(numbers: readonly NumberKey[], { width, height }: Size, name: number): number {
  const lines = linesAt(numbers.map(showNumber), width * 0.96, name * 0.9);
  return clamp(name * 3.1, name * (1.4 + 0.9 * 1.22 * lines), height * 0.36);
}

type OutsideProps = {
  found: Regions;
  counted: boolean;
  size: Size;
  largest: number;
  smallest: number;
  onNumber: OnNumber;
};

/** The numbers outside all rings, below them, as large as they can all be. */
export function Outside({
  found,
  counted,
  size: { width, height },
  largest,
  smallest,
  onNumber,
}: OutsideProps) {
  const region = found.regions.get(0);
  const numbers = region?.numbers ?? [];
  const covered = region?.covered ?? 0;
  const texts = wordsOf(region).map(({ text }) => text);
  const size = counted ? largest : sizeFor(texts, width, height - largest * 1.2, largest, smallest);
  return (
    <section
      aria-label={labelOf(0, found)}
      data-region={0}
      className="flex flex-wrap content-center items-center justify-center overflow-hidden"
      style={{
        width,
        height,
        fontSize: size ?? largest,
        gap: `${round((size ?? 0) * 0.12)}px ${round((size ?? largest) * GAP)}px`,
        lineHeight: 1.1,
      }}
    >
      <span className="w-full text-center font-semibold text-quiet" style={{ fontSize: largest * 0.85 }}>
        {regionName(0, found.inks)}
      </span>
      {counted || size === null ? (
        <Told word={size === null ? manyOf(manyIn(region), "number") : `${manyIn(region)}`} isCover={false} />
      ) : (
        <>
          {numbers.map((number) => (
            <Numeral key={number} number={number} onNumber={onNumber} />
          ))}
          {covered > 0 && <Told word={`${covered} covered`} isCover />}
        </>
      )}
    </section>
  );
}

/** The largest size at which numbers all fit in a box, or null. */
function sizeFor(
  texts: readonly string[],
  width: number,
  height: number,
  largest: number,
  smallest: number,
): number | null {
  for (let size = largest; size >= smallest; size -= 1) {
    if (linesAt(texts, width, size) * size * LINE <= height) return round(size);
  }
  return null;
}

function linesAt(texts: readonly string[], width: number, size: number): number {
  let [lines, at] = [1, 0];
  for (const text of texts) {
    const wide = text.length * size * 0.62 + size * GAP;
    if (at + wide > width && at > 0) [lines, at] = [lines + 1, 0];
    at += wide;
  }
  return lines;
}
