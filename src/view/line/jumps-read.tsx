import { memo } from "react";
import { jumpsSaid } from "@/core/count/jumps-said";
import type { NumberKey } from "@/core/number/exact";
import type { LineMarks } from "@/core/scene/line-marks";
import { isCoveredAt, type Scene } from "@/core/scene/scene";

type Props = {
  marks: Pick<LineMarks, "trail" | "aside">;
  scene: Scene;
  write: (number: NumberKey) => string;
  /** The number that the class is asked for. */
  asked: NumberKey | null;
  /** On a line without labels: the numbers that are shown anyway. All others are not read out. */
  told: readonly { readonly key: NumberKey }[] | null;
};

/** The jumps over a line, for screen readers. */
export const JumpsRead = memo(function JumpsRead({ marks, scene, write, asked, told }: Props) {
  const isHidden = (number: NumberKey) =>
    isCoveredAt(scene, number) ||
    number === asked ||
    (told !== null && !told.some(({ key }) => key === number));
  const trails = [marks.aside?.trail, marks.trail].flatMap((trail) =>
    trail && trail.jumps.length > 0 ? [trail] : [],
  );
  return trails.map((trail, nth) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: the one that stands aside comes first.
    <ul key={nth} aria-label={nth < trails.length - 1 ? "Jumps set aside" : "Jumps"} className="sr-only">
      {jumpsSaid(trail, write, isHidden).map((words, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: jumps are read in their order.
        <li key={at}>{words}</li>
      ))}
    </ul>
  ));
});
