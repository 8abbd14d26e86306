"use client";

import { memo, useRef } from "react";
import { COMPARED, type Compared } from "@/core/number/compared";
import { keyOfText, type NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import type { ViewOf } from "@/core/views/view";
import { useSize } from "@/kit/use-size";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { NumberChip, type Write } from "./number-chip";

type Props = {
  settings: ViewOf<"compare">;
  source: SceneSource;
  asks: { number: string; typed: string } | null;
  onNumber: (number: NumberKey) => void;
  write: Write;
  onSign: (sign: Compared) => void;
};

const NAMES: Record<Compared, string> = { "<": "Less than", "=": "Equal to", ">": "Greater than" };

/** Two numbers with room for the sign between them, and the three signs to choose from. */
export const Compare = memo(function Compare({ settings, source, asks, onNumber, onSign, write }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room, { width: 900, height: 200 });
  const scene = useScene(source, (now) => now);
  const chosen = scene.signs[settings.id] ?? null;
  const [a, b] = [keyOfText(settings.a), keyOfText(settings.b)];
  const digits = showNumber(a).length + showNumber(b).length + 4;
  const size = Math.max(24, Math.min(84, height * 0.34, width / (digits * 0.72)));
  return (
    <div ref={room} className="flex size-full flex-col items-center justify-center gap-3 overflow-auto">
      <p className="flex items-center" style={{ gap: size * 0.3 }}>
        <NumberChip scene={scene} number={a} size={size} write={write} asks={asks} onTouch={onNumber} />
        <span
          className={`flex items-center justify-center rounded-[12px] font-numeral ${chosen ? "" : "border-3 border-dashed border-rule"}`}
          style={{ fontSize: size, width: size * 1.15, height: size * 1.3, lineHeight: 1 }}
          data-part="sign"
        >
          {chosen ?? ""}
        </span>
        <NumberChip scene={scene} number={b} size={size} write={write} asks={asks} onTouch={onNumber} />
      </p>
      <div className="flex gap-2">
        {COMPARED.map((sign) => (
          <button
            key={sign}
            type="button"
            aria-label={NAMES[sign]}
            aria-pressed={chosen === sign}
            onMouseDown={(event) => event.preventDefault()}
            onClick={() => onSign(sign)}
            className="h-14 w-20 rounded-button border-2 border-rule bg-mist font-numeral text-3xl hover:border-ink aria-pressed:border-ink aria-pressed:bg-lit"
          >
            {sign}
          </button>
        ))}
      </div>
    </div>
  );
});
