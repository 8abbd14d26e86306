"use client";

import { useMemo } from "react";
import type { ShadedChart } from "@/core/lesson/shading-of";
import type { Rule } from "@/core/set/rule";
import { pictureOf, symmetriesOf } from "@/core/set/symmetry/find-symmetries";
import { sameSymmetry } from "@/core/set/symmetry/symmetry";
import { symmetryWords } from "@/core/set/symmetry/symmetry-words";
import { whyWords } from "@/core/set/symmetry/why-words";
import { Button } from "@/kit/button";
import { pickScene, useBoard, useBoardStore } from "../store/use-board";
import { PagePart } from "./page-part";
import { ToldLine } from "./told-line";

function noneWords(shaded: number, all: number): string {
  if (shaded === 0)
    return "Mark some numbers, by touch or by rule. Mirrors, turns and repeats of the shading are found here.";
  return shaded === all
    ? "Every number is shaded: leave some out to see a pattern."
    : "The shading has none.";
}

/** The symmetries of a shading, each drawn over the chart on request. */
export function Symmetries({ shading, rule }: { shading: ShadedChart; rule: Rule | null }) {
  const store = useBoardStore();
  const scene = useBoard(pickScene);
  const { view, squares, numbers, shaded } = shading;
  const found = useMemo(() => {
    const held = new Set(shaded);
    const symmetries = symmetriesOf(pictureOf(squares, (index) => held.has(numbers[index]!)));
    return symmetries.map((symmetry) => ({ symmetry, why: rule && whyWords(symmetry, rule, squares) }));
  }, [squares, numbers, shaded, rule]);
  const drawn = scene.symmetries[view.id] ?? [];
  return (
    <PagePart name="Mirrors, turns and repeats">
      {found.length === 0 && (
        <p className="leading-snug text-quiet">{noneWords(shaded.length, numbers.length)}</p>
      )}
      {found.map(({ symmetry, why }, i) => {
        const on = drawn.some((one) => sameSymmetry(one, symmetry));
        return (
          <ToldLine
            key={Object.values(symmetry).join(" ")}
            name={`mirror, turn or repeat ${i + 1}`}
            aside={
              <Button
                aria-pressed={on}
                className="px-3 aria-pressed:border-coral-dot aria-pressed:bg-coral"
                turn={() =>
                  store.getState().act([[{ do: "draw-symmetry", view: view.id, symmetry, on: !on }]])
                }
              >
                {on ? "Drawn" : "Draw it"}
              </Button>
            }
          >
            <span className="block font-semibold">{symmetryWords(symmetry)}</span>
            {why && <span className="block text-small text-quiet">{why}</span>}
          </ToldLine>
        );
      })}
    </PagePart>
  );
}
