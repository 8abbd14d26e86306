"use client";

import { useMemo } from "react";
import { isMarkSeen, shadingOf } from "@/core/lesson/shading-of";
import { chartOf } from "@/core/lesson/views-of";
import { manyOf } from "@/core/number/many-of";
import { Parts } from "@/kit/parts";
import { INK_STYLE } from "@/view/ink/ink-style";
import { pickBoardInHand, pickScene, useBoard } from "../store/use-board";
import { Answers } from "./answers";
import { Beyond } from "./beyond";
import { GoesOn } from "./goes-on";
import { Hiding } from "./hiding";
import { PagePart } from "./page-part";
import { Symmetries } from "./symmetries";
import { askAbout, useFinder } from "./use-finder";
import { Width } from "./width";

/** What a shading has in common: for the teacher while she prepares, and for the class when it is shown. */
export function PatternPage() {
  const board = useBoard(pickBoardInHand);
  const scene = useBoard(pickScene);
  const ink = useBoard((state) => state.ink);
  const chart = chartOf(board);
  const preparing = useBoard((state) => state.preparing);
  // In class, marks under a cover are not revealed.
  const shading = useMemo(
    () => chart && shadingOf(chart, scene, ink, preparing ? undefined : isMarkSeen(board, scene)),
    [chart, scene, ink, preparing, board],
  );
  const question = useMemo(
    () =>
      shading && shading.shaded.length > 0
        ? askAbout(shading.numbers, shading.shaded, shading.squares)
        : null,
    [shading],
  );
  const { answers, beyond, looking } = useFinder(question);
  const first = answers?.[0]?.rule;
  if (!shading) {
    return <p className="text-quiet">A pattern is looked for on a chart. This board has none.</p>;
  }
  const { shaded } = shading;
  const inked = shading.ink === null ? "marked" : `in ${INK_STYLE[shading.ink].name.toLowerCase()}`;
  const rules = (
    <>
      <PagePart
        name="What they have in common"
        {...(question && { aside: `${manyOf(shaded.length, "number")} ${inked}` })}
      >
        {question ? (
          <Answers key={board.id} answers={answers} looking={looking} />
        ) : (
          <p className="leading-snug text-quiet">
            Mark some numbers, by touch or by rule. The rules that fit them are found here.
          </p>
        )}
      </PagePart>
      {question && first && beyond && <Beyond rule={first} found={beyond} />}
    </>
  );
  return (
    <div className="flex flex-col gap-3">
      <Hiding chart={shading.view} />
      <Parts
        label="Parts of the pattern"
        parts={[
          { id: "rules", name: "Rules", content: rules },
          {
            id: "symmetry",
            name: "Symmetry",
            content: <Symmetries shading={shading} rule={first ?? null} />,
          },
          { id: "width", name: "Width", content: <Width chart={shading.view} /> },
          { id: "sequence", name: "Sequence", content: <GoesOn /> },
        ]}
      />
    </div>
  );
}
