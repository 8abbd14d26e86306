import type { ReactNode } from "react";
import { grown, type Theme } from "./drawing";

/** Replaces the trail during a silent count. */
export const SILENT = "Count on in your head.";

/** Replaces a trail without jumps. */
export const NO_JUMP_YET = "No jump yet.";

type Props = { theme: Pick<Theme, "screen">; children: ReactNode };

/** The message of a view with nothing to show; it grows with the screen, as what stands there otherwise. */
export const Said = ({ theme, children }: Props) => (
  <div className="flex size-full items-center justify-center">
    <p className="max-w-[16em] text-center leading-snug text-quiet" style={{ fontSize: grown(theme, 20) }}>
      {children}
    </p>
  </div>
);
