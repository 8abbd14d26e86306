"use client";

import { clsx } from "clsx";
import { INKS, type Ink } from "@/core/set/ink";
import { Popover } from "@/kit/popover";
import { keepKeyboard, RailButton } from "@/kit/rail-button";
import { MarkSign } from "@/kit/signs";
import { InkShape } from "@/view/ink/ink-shape";
import { INK_STYLE } from "@/view/ink/ink-style";
import { useBoard, useBoardStore } from "../store/use-board";

/** The inks on the dark rail: stronger than on the board, each with its dark shape. */
const FULL: Record<Ink, string> = {
  sun: "#ffc928",
  coral: "#f4836a",
  sea: "#74abe8",
  kelp: "#5cbd93",
  plum: "#b68ee0",
};

/** The five inks: touching one takes it in hand for marking. On a narrow rail they open from one button beside Mark. */
export function InkRail() {
  const tool = useBoard((state) => state.tool);
  const ink = useBoard((state) => state.ink);
  const store = useBoardStore();
  const marking = tool === "mark" || tool === "pen";
  return (
    <div className="flex items-center">
      <div className="hidden rail-more:flex">
        {INKS.map((one) => (
          <InkButton key={one} ink={one} chosen={marking && ink === one} />
        ))}
      </div>
      <div className="flex items-center rail-more:hidden">
        <FoldedInks ink={ink} marking={marking} />
        <RailButton
          icon={<MarkSign aria-hidden size="1.375rem" />}
          label="Mark"
          chosen={tool === "mark"}
          onClick={() => store.getState().choose("mark")}
          shown="flex phone:hidden"
        />
      </div>
    </div>
  );
}

function InkButton({ ink, chosen }: { ink: Ink; chosen: boolean }) {
  const store = useBoardStore();
  return (
    <button
      type="button"
      aria-label={`${INK_STYLE[ink].name} ink`}
      aria-pressed={chosen}
      onMouseDown={keepKeyboard}
      // With the pen in hand, an ink is for drawing.
      onClick={() => store.getState().choose(store.getState().tool === "pen" ? "pen" : "mark", ink)}
      className="group flex h-rail w-14 shrink-0 items-center justify-center rounded-button low:h-press"
    >
      <span
        className={clsx(
          "flex h-rail w-11 phone:w-9 low:h-press items-center justify-center rounded-button",
          chosen ? "outline-3 outline-offset-[3px] outline-white" : "group-hover:opacity-85",
        )}
        style={{ background: FULL[ink] }}
      >
        <InkShape ink={ink} size="1.0625rem" color="var(--color-ink)" />
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
          className="flex h-rail w-14 items-center justify-center rounded-button phone:w-12 low:h-press low:w-12"
        >
          <span
            className={clsx(
              "flex h-touch w-11 phone:w-9 low:h-press items-center justify-center rounded-button",
              marking && "outline-3 outline-offset-2 outline-white",
            )}
            style={{ background: FULL[ink] }}
          >
            <InkShape ink={ink} size="1.0625rem" color="var(--color-ink)" />
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
