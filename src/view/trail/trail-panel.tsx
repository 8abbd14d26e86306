"use client";

import { Fragment, memo, type ReactNode } from "react";
import { numberSentence, type SentencePart } from "@/core/count/number-sentence";
import { onesCycle } from "@/core/count/ones-cycle";
import { numbersSaid } from "@/core/count/trail";
import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { isCoveredAt } from "@/core/scene/scene";
import type { TrailSettings } from "@/core/views/kinds/trail";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { useWords } from "./use-words";

type Props = {
  settings: TrailSettings;
  source: SceneSource;
  /** Whether a view of the board holds a number: the start of a trail is said only where it can be seen. */
  holds: (number: NumberKey) => boolean;
  /** Said while there is no trail. */
  invitation: string;
  /** A number as this board writes it. */
  write?: (number: NumberKey) => string;
};

/** Stands for the trail while it is counted in silence. */
export const SILENT = "Count on in your head.";

/** Most numbers listed; before them an ellipsis stands for the rest. */
const LISTED = 40;

/** The trail in numbers: its number sentence, the numbers so far and the ones digits. What is covered stays so. */
export const TrailPanel = memo(function TrailPanel({
  settings,
  source,
  holds,
  invitation,
  write = showNumber,
}: Props) {
  const trail = useScene(source, (scene) => scene.trail);
  const scene = useScene(source, (now) => now);
  const words = useWords(settings.words !== "off");
  if (!trail)
    return <p className="m-auto max-w-64 text-center text-xl leading-snug text-quiet">{invitation}</p>;

  // While a silent count walks, nothing here tells where it is, or how far it has come.
  if (scene.hushed)
    return <p className="m-auto max-w-64 text-center text-xl leading-snug text-quiet">{SILENT}</p>;

  const said = numbersSaid(trail, holds);
  const sentence = numberSentence(trail);
  const cycle = onesCycle(said, trail.jumps);
  const listed = said.slice(-LISTED);
  const hidden = (number: NumberKey) => isCoveredAt(scene, number);
  /** A term whose jumps are covered on the line is covered here too. */
  const isHidden = (part: SentencePart) =>
    part.kind === "number"
      ? hidden(part.number)
      : part.kind === "term" && part.jumps.length > 0 && part.jumps.every((jump) => trail.covers[jump]?.size);
  // After the last number of the chart there is nothing to ask for.
  const last = trail.jumps.at(-1);
  const goesOn = last === undefined || holds(keyOf(exact(trail.end).add(exact(last))));
  const large = said.length <= 15;
  return (
    <div className="flex flex-col gap-[clamp(12px,3.2vh,30px)]">
      {settings.sentence && (
        <Part title={jumpsSoFar(trail.jumps.length)}>
          {sentence && (
            <p
              className="font-numeral text-[clamp(26px,5.4vh,64px)] leading-tight font-bold"
              data-part="sentence"
            >
              {sentence.map((part, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is read in order, and its parts do not move.
                <span key={index}>
                  {index > 0 && " "}
                  {isHidden(part) ? <Covered /> : textOf(part, write)}
                </span>
              ))}
            </p>
          )}
        </Part>
      )}
      {settings.words !== "off" && words && (
        <Part title="In words">
          <p
            className="text-[clamp(22px,3.6vh,42px)] leading-tight font-semibold first-letter:uppercase"
            data-part="words"
          >
            {hidden(trail.end) ? <Covered /> : words(trail.end, settings.words)}
          </p>
        </Part>
      )}
      {settings.numbers && (
        <Part title="Numbers so far">
          <p
            className={`font-numeral leading-snug ${large ? "text-[clamp(22px,4vh,44px)]" : "text-[clamp(18px,2.9vh,32px)]"}`}
            data-part="numbers"
          >
            {listed.length < said.length && "… "}
            {listed.map((number, index) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a trail may come to a number twice.
              <Fragment key={index}>
                <span className="whitespace-nowrap">
                  {hidden(number) ? <Covered /> : write(number)}
                  {(goesOn || index < listed.length - 1) && ","}
                </span>{" "}
              </Fragment>
            ))}
            {goesOn && <b>?</b>}
          </p>
        </Part>
      )}
      {settings.ones && cycle && (
        <Part title="Ones digits so far">
          <div className="font-numeral text-[clamp(22px,4vh,44px)] leading-[1.3]" data-part="ones">
            {cycle.rows.length > 4 && <p className="leading-none text-quiet">…</p>}
            {cycle.rows.slice(-4).map((row, r) => {
              const first = Math.max(0, cycle.rows.length - 4) + r;
              return (
                <p
                  key={first}
                  className={`grid ${first > 0 ? "font-bold text-sun-deep" : ""}`}
                  style={{ gridTemplateColumns: `repeat(${Math.max(cycle.length, 6)}, minmax(0, 1.6em))` }}
                >
                  {row.map((digit, d) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: the column is the place in the cycle.
                    <span key={d}>{hidden(said[first * cycle.length + d]!) ? <Covered small /> : digit}</span>
                  ))}
                </p>
              );
            })}
          </div>
        </Part>
      )}
    </div>
  );
});

const textOf = (part: SentencePart, write: (number: NumberKey) => string): string => {
  if (part.kind === "sign") return part.text;
  if (part.kind === "number") return write(part.number);
  return part.jumps.length === 0 ? part.text : write(part.by.replace("-", ""));
};

const jumpsSoFar = (jumps: number) => (jumps === 1 ? "1 jump so far" : `${jumps} jumps so far`);

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section>
      <h2 className="mb-1 text-[clamp(15px,1.9vh,20px)] font-semibold text-quiet">{title}</h2>
      {children}
    </section>
  );
}

/** A number that is covered on the board is covered here too. */
function Covered({ small }: { small?: boolean }) {
  return (
    <span
      role="img"
      aria-label="covered"
      className={`inline-block h-[0.86em] rounded-[0.2em] bg-ink align-[-0.06em] ${small ? "w-[0.8em]" : "w-[1.5em]"}`}
    />
  );
}
