"use client";

import { Trash2 } from "lucide-react";
import { boardNumbers } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { manyOf } from "@/core/number/many-of";
import { exceptionsOf, givenByTouch } from "@/core/scene/laid";
import { isInkLayer, type Layer } from "@/core/scene/layer";
import { overlapsOf, overlapWords } from "@/core/scene/overlap";
import { numbersWith, type Scene } from "@/core/scene/scene";
import { INKS } from "@/core/set/ink";
import { textOf, UNMARKED } from "@/core/set/rule";
import { listNumbers, ruleWords } from "@/core/set/rule-words";
import { isCellKey, numberOf, type Target } from "@/core/surface/cell-key";
import { showTarget } from "@/core/surface/show-target";
import { Button, IconButton } from "@/kit/button";
import { InkShape } from "@/view/ink/ink-shape";
import { INK_STYLE } from "@/view/ink/ink-style";
import { pickBoardInHand, pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { RuleBuilder } from "./rule-builder";
import { useRule } from "./use-rule";
import { useSeen } from "./use-seen";

/** What is marked on the board, by rule and by touch, and how to mark more. */
export function MarksPage() {
  const board = useBoard(pickBoardInHand);
  const scene = useBoard(pickScene);
  const ink = useBoard((state) => state.ink);
  const store = useBoardStore();
  const write = useNumberText();
  const { rule, setRule, held, squares } = useRule();
  const numbers = boardNumbers(board, scene);
  const name = INK_STYLE[ink].name.toLowerCase();
  const seen = useSeen();
  const isHere = scene.focus !== null && numbers.includes(numberOf(scene.focus));
  const focus = isHere && seen([scene.focus!]).length > 0 ? scene.focus : null;
  const focusOut = focus !== null && numbersWith(scene, "stand-out", [focus]).length > 0;
  const overlaps = overlapsOf(scene, seen(numbers));
  const inUse = INKS.filter(
    (one) =>
      numbersWith(scene, one, [...numbers, ...scene.laid.touched.keys()]).length > 0 || hasRule(scene, one),
  );
  return (
    <div className="flex flex-col gap-4">
      <RuleBuilder rule={rule} onChange={setRule} held={held} squares={squares} />
      <div className="flex flex-wrap gap-2">
        <Button
          tone="strong"
          className="flex-1"
          onClick={() => store.getState().act([[{ do: "mark", ink, numbers: rule }]])}
        >
          <InkShape ink={ink} size={16} /> Mark in {name}
        </Button>
        <Button onClick={() => store.getState().act([[{ do: "mark", ink, numbers: UNMARKED }]])}>
          Mark the rest
        </Button>
        <Button onClick={() => store.getState().act([[{ do: "stand-out", numbers: rule }]])}>
          Make them stand out
        </Button>
        {focus !== null && (
          <Button onClick={() => store.getState().standOut()}>
            {focusOut
              ? `Make ${showTarget(focus, write)} ordinary again`
              : `Make ${showTarget(focus, write)} stand out`}
          </Button>
        )}
      </div>
      {(inUse.length > 0 || hasRule(scene, "stand-out")) && (
        <section aria-labelledby="marks-here" className="flex flex-col gap-2">
          <h2 id="marks-here" className="text-small font-semibold">
            Marks on this board
          </h2>
          {inUse.map((one) => (
            <LaidList key={one} layer={one} scene={scene} numbers={numbers} />
          ))}
          <LaidList layer="stand-out" scene={scene} numbers={numbers} />
          {overlaps.slice(0, 6).map((overlap) => (
            <p key={overlap.inks.join()} className="text-small leading-snug text-quiet">
              {overlapWords(overlap)}
            </p>
          ))}
        </section>
      )}
    </div>
  );
}

const hasRule = (scene: Scene, layer: Layer) => scene.laid.rules.some((rule) => rule.layer === layer);

type ListProps = { layer: Layer; scene: Scene; numbers: readonly NumberKey[] };

/** The rules on a layer, one below the other, with their exceptions, and what was added by touch. */
export function LaidList({ layer, scene, numbers }: ListProps) {
  const store = useBoardStore();
  const preparing = useBoard((state) => state.preparing);
  const seen = useSeen();
  const rules = scene.laid.rules.filter((rule) => rule.layer === layer);
  // Cells touched on a times grid may have been slid out of sight; they are still marked.
  const cells = [...scene.laid.touched.keys()].filter(isCellKey);
  const exceptions = exceptionsOf(scene.laid, layer, [...numbers, ...cells]);
  const byTouch = givenByTouch(scene.laid, layer, [...numbers, ...cells]);
  const write = useNumberText();
  const name = (target: Target) => showTarget(target, write);
  /** Names the numbers that the class sees, and counts the covered ones. */
  const namedOf = (some: readonly Target[], max: number) => {
    const shown = seen(some);
    const hidden = some.length - shown.length;
    if (hidden === 0) return listNumbers(shown, max, name);
    const covered = hidden === 1 ? "1 covered number" : `${hidden} covered numbers`;
    return shown.length === 0 ? covered : `${shown.slice(0, max).map(name).join(", ")} and ${covered}`;
  };
  const clear = () =>
    store
      .getState()
      .act([
        [
          isInkLayer(layer)
            ? { do: "clear-marks", ink: layer }
            : { do: TAKES_OFF[layer], numbers: [...byTouch] },
        ],
      ]);
  return (
    <>
      {rules.map(({ rule, on, holds }) => {
        // Which rule covers what is for the class to find.
        const said = layer === "cover" && !preparing ? "by a rule" : ruleWords(rule);
        const words = `${on ? "" : "without "}${said}`;
        return (
          <Entry
            key={textOf(rule)}
            layer={layer}
            words={words}
            note={countWords(numbers.filter(holds).length)}
            remove={`Take off: ${words}`}
            onRemove={() => store.getState().act([[{ do: "drop-rule", layer, rule }]])}
          />
        );
      })}
      {exceptions.length > 0 && (
        <p className="-mt-1 pl-11 text-small leading-snug text-quiet">
          except {namedOf(exceptions, 8)}, by touch
        </p>
      )}
      {byTouch.length > 0 && (
        <Entry
          layer={layer}
          words={namedOf(byTouch, 6)}
          note="by touch"
          remove={isInkLayer(layer) ? `Clear all in ${layer}` : "Remove marks made by touch"}
          onRemove={clear}
        />
      )}
    </>
  );
}

/** The buttons that take a layer other than an ink off numbers. */
const TAKES_OFF = { cover: "lift", "stand-out": "stand-back", counter: "take-counters" } as const;

const countWords = (count: number) => manyOf(count, "number");

type EntryProps = { layer: Layer; words: string; note: string; remove: string; onRemove: () => void };

function Entry({ layer, words, note, remove, onRemove }: EntryProps) {
  return (
    <div className="flex items-center gap-3 rounded-button border border-rule py-1 pr-1 pl-3">
      <LayerSign layer={layer} />
      <p className="min-w-0 flex-1 py-1 leading-snug">
        <span className="block font-semibold">{words}</span>
        <span className="text-small text-quiet">{note}</span>
      </p>
      <IconButton name={remove} onClick={onRemove}>
        <Trash2 aria-hidden size={18} />
      </IconButton>
    </div>
  );
}

/** The icon of a layer: the shape of an ink on its ground, a cover, or a large numeral. */
function LayerSign({ layer }: { layer: Layer }) {
  const swatch = "flex size-7 shrink-0 items-center justify-center rounded-button";
  if (layer === "cover") return <span className={`${swatch} bg-cover`} />;
  if (layer === "stand-out")
    return <span className={`${swatch} font-numeral text-large leading-none font-bold`}>8</span>;
  if (layer === "counter")
    return <span className={`${swatch} rounded-full border-2 border-kelp-dot bg-kelp`} />;
  return (
    <span className={swatch} style={{ background: INK_STYLE[layer].ground }}>
      <InkShape ink={layer} size={13} />
    </span>
  );
}
