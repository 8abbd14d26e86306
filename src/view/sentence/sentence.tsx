"use client";

import { memo, useRef } from "react";
import { placeOfJump } from "@/core/count/jump-place";
import { numberSentence, type SentencePart } from "@/core/count/number-sentence";
import type { Trail } from "@/core/count/trail";
import type { SentenceSettings } from "@/core/lesson/lesson";
import type { Scene } from "@/core/lesson/scene";
import type { NumberKey } from "@/core/number/exact";
import { useSize } from "@/kit/use-size";
import { DIGIT } from "../chart/chart-layout";
import { LOOKS } from "../line/jump-look";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { NumberChip } from "./number-chip";

type Props = {
  settings: SentenceSettings;
  source: SceneSource;
  strong: boolean;
  asks: { number: string; typed: string } | null;
  onNumber: (number: NumberKey) => void;
  onJumps: (jumps: readonly number[]) => void;
  /** Said while there is no trail. */
  invitation: string;
};

/** The number sentence of the trail, as large as its room allows. Each of its parts can be touched and covered. */
export const Sentence = memo(function Sentence(props: Props) {
  const { settings, source, strong, asks, onNumber, onJumps, invitation } = props;
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room, { width: 1180, height: 110 });
  const scene = useScene(source, (now) => now);
  const { trail } = scene;
  const parts = trail && numberSentence(trail, settings.form);
  const signs =
    parts?.reduce((sum, part) => sum + part.text.length + (part.kind === "sign" ? 0.7 : 0.9), 0) ?? 1;
  const largest = Math.min(height / 1.65, strong ? 76 : 60);
  const oneRow = width / (signs * DIGIT);
  // A sentence too long for one row goes on in the next.
  const size = Math.max(20, oneRow >= 24 ? Math.min(largest, oneRow) : Math.min(largest, 30));
  return (
    <div
      ref={room}
      className="flex size-full flex-wrap items-center justify-center overflow-auto"
      data-part="number-sentence"
    >
      {!parts || !trail ? (
        <p className="text-xl text-quiet">{invitation}</p>
      ) : (
        parts.map((part, index) => (
          <Part
            // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is read in order, and its parts do not move.
            key={index}
            part={part}
            size={size}
            color={colorOf(part, parts, index, trail)}
            scene={scene}
            asks={asks}
            onNumber={onNumber}
            onJumps={onJumps}
          />
        ))
      )}
    </div>
  );
});

type PartProps = Pick<Props, "asks" | "onNumber" | "onJumps"> & {
  part: SentencePart;
  size: number;
  color: string;
  scene: Scene;
};

function Part({ part, size, color, scene, asks, onNumber, onJumps }: PartProps) {
  if (part.kind === "sign") {
    return <Text text={part.text} size={size} color={color} room={part.text.length * 0.7} />;
  }
  if (part.kind === "number") {
    return <NumberChip scene={scene} number={part.number} size={size} asks={asks} onTouch={onNumber} />;
  }
  const covered = part.jumps.length > 0 && part.jumps.every((jump) => scene.trail?.covers[jump]?.size);
  return <Term part={part} size={size} color={color} covered={covered} onTouch={() => onJumps(part.jumps)} />;
}

type TermProps = {
  part: Extract<SentencePart, { kind: "term" }>;
  size: number;
  color: string;
  covered: boolean;
  onTouch: () => void;
};

function Term({ part, size, color, covered, onTouch }: TermProps) {
  return (
    <button
      type="button"
      disabled={part.jumps.length === 0}
      onMouseDown={(event) => event.preventDefault()}
      onClick={onTouch}
      aria-label={covered ? "covered" : part.text}
      className="rounded-[10px] disabled:cursor-default"
    >
      <Text
        text={part.text}
        size={size}
        color={color}
        room={part.text.length * DIGIT + 0.3}
        covered={covered}
      />
    </button>
  );
}

type TextProps = { text: string; size: number; color: string; room: number; covered?: boolean };

/** Signs and terms as they stand beside the numbers of the sentence: on one line with them, whatever the typeface. */
function Text({ text, size, color, room, covered = false }: TextProps) {
  const [width, height] = [Math.max(0.7, room) * size, size * 1.5];
  return (
    <svg width={width} height={height} role="presentation" className="block shrink-0">
      {covered ? (
        <rect x={0} y={height * 0.08} width={width} height={height * 0.84} rx={10} fill="var(--color-ink)" />
      ) : (
        <text
          x={width / 2}
          y={height / 2 + size * 0.35}
          fontSize={size}
          textAnchor="middle"
          fill={color}
          className="font-numeral"
        >
          {text}
        </text>
      )}
    </svg>
  );
}

/** A term of a way through benchmarks, and its sign, take the colour of their place; those of a count are plain. */
function colorOf(part: SentencePart, parts: readonly SentencePart[], index: number, trail: Trail): string {
  const plain = "var(--color-ink)";
  const term = part.kind === "sign" ? parts[index + 1] : part;
  if (part.kind === "sign" && part.text === "=") return plain;
  if (term?.kind !== "term" || term.jumps.length === 0) return plain;
  if (new Set(trail.jumps.map((by) => by.replace("-", ""))).size === 1) return plain;
  const place = placeOfJump(trail.jumps[term.jumps[0]!]!);
  return place ? LOOKS[place].text : plain;
}
