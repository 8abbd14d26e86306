"use client";

import { COMPARED, type Compared } from "@/core/number/compared";
import { say } from "@/kit/messages";
import { keepKeyboard } from "@/kit/rail-button";
import { CompareDrawing } from "@/view/compare/compare-drawing";
import { lineActionsOf } from "../../jumps/line-actions";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

const NAMES: Record<Compared, string> = { "<": "Less than", "=": "Equal to", ">": "Greater than" };

/** Two numbers to be compared, in a place of their own. */
export function CompareStage({ view, strong }: StageProps<"compare">) {
  const store = useBoardStore();
  const { room, drawn, touched } = useReader(strong);
  const chosen = drawn.scene.signs[view.id] ?? null;
  const choose = (sign: Compared) => {
    const fault = lineActionsOf(store).chooseSign(view.id, sign);
    if (fault) say(fault);
  };
  return (
    <section
      aria-label="Two numbers compared"
      className="flex size-full min-h-0 min-w-0 rounded-card bg-board px-4 py-2"
    >
      <div ref={room} className="size-full">
        <CompareDrawing view={view} {...drawn} {...touched}>
          <div className="flex w-full max-w-64 shrink-0 gap-2">
            {COMPARED.map((sign) => (
              <button
                key={sign}
                type="button"
                aria-label={NAMES[sign]}
                aria-pressed={chosen === sign}
                onMouseDown={keepKeyboard}
                onClick={() => choose(sign)}
                className="h-touch min-w-0 flex-1 rounded-button border-2 border-edge bg-mist font-numeral text-title hover:border-ink aria-pressed:border-ink aria-pressed:bg-lit"
              >
                {sign}
              </button>
            ))}
          </div>
        </CompareDrawing>
      </div>
    </section>
  );
}
