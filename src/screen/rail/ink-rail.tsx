"use client";

import { clsx } from "clsx";
import { Highlighter } from "lucide-react";
import { INKS, type Ink } from "@/core/set/ink";
import { Popover } from "@/kit/popover";
import { keepKeyboard, RailButton } from "@/kit/rail-button";
import { InkShape } from "@/view/ink/ink-shape";
import { INK_STYLE } from "@/view/ink/ink-style";
import { useBoard, useBoardStore } from "../store/use-board";

/** The inks as they stand on the dark rail: fuller than on the board, each with ink-dark shape. */
const FULL: Record<Ink, string> = {
  sun: "#ffc928",
  coral: "#f4836a",
  sea: "#74abe8",
  kelp: "#5cbd93",
  plum: "#b68ee0",
};

/**
 * The five inks: touching one takes it in hand, to mark with. Where the rail is narrow, or has much else to hold, they
 * open from one button beside Mark.
 */
export function InkRail({ full }: { full: boolean }) {
  const tool = useBoard((state) => state.tool);
  const ink = useBoard((state) => state.ink);
  const store = useBoardStore();
  const marking = tool === "mark" || tool === "pen";
  const [open, folded] = full ? OPEN_LATE : OPEN_SOON;
  return (
    <div className="flex items-center">
      <div className={open}>
        {INKS.map((one) => (
          <InkButton key={one} ink={one} chosen={marking && ink === one} />
        ))}
      </div>
      <div className={folded}>
        <FoldedInks ink={ink} marking={marking} />
        <RailButton
          icon={<Highlighter aria-hidden size={22} />}
          label="Mark"
          chosen={tool === "mark"}
          onClick={() => store.getState().choose("mark")}
          className={full ? "min-[1024px]:max-[1239px]:hidden" : ""}
        />
      </div>
    </div>
  );
}

/** Where the inks stand open, and where they are folded: on a rail with few tools, and on one with many. */
const OPEN_SOON = ["flex min-[1024px]:max-[1239px]:hidden", "hidden min-[1024px]:max-[1239px]:flex"] as const;
const OPEN_LATE = [
  "hidden max-[1023px]:flex min-[1560px]:flex",
  "flex max-[1023px]:hidden min-[1560px]:hidden",
] as const;

function InkButton({ ink, chosen }: { ink: Ink; chosen: boolean }) {
  const store = useBoardStore();
  return (
    <button
      type="button"
      aria-label={`${INK_STYLE[ink].name} ink`}
      aria-pressed={chosen}
      onMouseDown={keepKeyboard}
      // With the pen in hand an ink is one to draw with.
      onClick={() => store.getState().choose(store.getState().tool === "pen" ? "pen" : "mark", ink)}
      className="group flex h-16 w-14 shrink-0 items-center justify-center rounded-button low:h-12"
    >
      <span
        className={clsx(
          "flex h-16 w-11 items-center justify-center rounded-button",
          chosen ? "outline-3 outline-offset-[3px] outline-white" : "group-hover:opacity-85",
        )}
        style={{ background: FULL[ink] }}
      >
        <InkShape ink={ink} size={17} color="var(--color-ink)" />
      </span>
    </button>
  );
}

function FoldedInks({ ink, marking }: { ink: Ink; marking: boolean }) {
  return (
    <Popover
      label="Inks"
      tone="rail"
      align="center"
      closesWithin
      button={
        <button
          type="button"
          aria-label={`Ink: ${INK_STYLE[ink].name}. Choose another`}
          onMouseDown={keepKeyboard}
          className="flex h-16 w-14 items-center justify-center rounded-button"
        >
          <span
            className={clsx(
              "flex h-14 w-11 items-center justify-center rounded-button",
              marking && "outline-3 outline-offset-2 outline-white",
            )}
            style={{ background: FULL[ink] }}
          >
            <InkShape ink={ink} size={17} color="var(--color-ink)" />
          </span>
        </button>
      }
    >
      {INKS.map((one) => (
        <InkButton key={one} ink={one} chosen={marking && ink === one} />
      ))}
    </Popover>
  );
}
