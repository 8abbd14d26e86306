import { clsx } from "clsx";
import { ArrowDown, ArrowRight } from "lucide-react";
import type { CSSProperties } from "react";
import { showNumber } from "@/core/number/show-number";
import { Touchable } from "../touchable";

type NameProps = {
  what: "Row" | "Column";
  index: number;
  covered: boolean;
  size: number;
  style: CSSProperties;
  onTouch?: () => void;
};

/** The name of a row or a column at its edge; a touch on it is a touch on all of the row or column that is seen. */
export function Name({ what, index, covered, size, style, onTouch }: NameProps) {
  return (
    <Touchable
      tabIndex={-1}
      name={covered ? `${what}, covered` : `${what} ${showNumber(String(index))}`}
      className="absolute flex items-center justify-center font-numeral font-bold text-quiet hover:text-ink"
      style={{ ...style, fontSize: size }}
      onTouch={onTouch}
    >
      {covered ? <span className="h-7 w-9 max-w-[80%] rounded-button bg-quiet" /> : showNumber(String(index))}
    </Touchable>
  );
}

type NextProps = {
  side: "right" | "below";
  asked: boolean;
  count: number;
  style: CSSProperties;
  onTouch?: () => void;
};

/** The edge at which the grid goes on: a first touch asks what comes next, a second slides by one and shows it. */
export function NextStrip({ side, asked, count, style, onTouch }: NextProps) {
  const right = side === "right";
  const where = right ? "to the right" : "below";
  return (
    <Touchable
      name={asked ? `See what comes next ${where}` : `What comes next ${where}?`}
      title={asked ? "See what comes next" : "What comes next?"}
      onTouch={onTouch}
      className={clsx("absolute flex text-center [container-type:size]", right ? "flex-col pl-2" : "pt-2")}
      style={style}
    >
      {asked ? (
        Array.from({ length: count }, (_, i) => (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: one question is like another.
            key={i}
            className="m-px flex min-h-0 min-w-0 flex-1 items-center justify-center rounded-button bg-stair text-large font-bold"
          >
            ?
          </span>
        ))
      ) : (
        <span
          className={clsx(
            "flex size-full items-center justify-center gap-2 rounded-button border-2 border-dashed border-rule text-large font-semibold text-quiet hover:border-ink hover:text-ink",
            right && "flex-col",
          )}
        >
          {right ? <ArrowRight aria-hidden size={24} /> : <ArrowDown aria-hidden size={24} />}
          {/* If the words would take two lines, only the sign is shown. */}
          {!right && <span className="hidden [@container(min-width:15rem)]:inline">What comes next?</span>}
          <span className={right ? "" : "[@container(min-width:15rem)]:hidden"}>?</span>
        </span>
      )}
    </Touchable>
  );
}

/** The × sign in the corner of the row and column numbers. */
export function TimesSign({ width, height }: { width: number; height: number }) {
  return (
    <span
      aria-hidden
      className="absolute flex items-center justify-center font-numeral text-title font-bold text-quiet"
      style={{ width, height }}
    >
      ×
    </span>
  );
}
