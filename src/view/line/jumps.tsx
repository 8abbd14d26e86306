import { memo, useMemo } from "react";
import type { LineMarks } from "@/core/lesson/line-marks";
import { Arcs } from "./arcs";
import type { LineLayout } from "./line-layout";

type Props = { layout: LineLayout; marks: Pick<LineMarks, "trail" | "aside">; ghosts?: boolean };

/** The jumps over a line: those of the trail, and of one that stands aside. */
export const Jumps = memo(function Jumps({ layout, marks: { trail, aside }, ghosts = false }: Props) {
  const stands = useMemo(() => (aside ? { ink: aside.ink, before: trail } : null), [aside, trail]);
  return (
    <>
      {aside && stands && <Arcs layout={layout} trail={aside.trail} aside={stands} />}
      {trail && <Arcs layout={layout} trail={trail} ghosts={ghosts} />}
    </>
  );
});
