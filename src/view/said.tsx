import type { ReactNode } from "react";

/** Replaces the trail during a silent count. */
export const SILENT = "Count on in your head.";

/** Replaces a trail without jumps. */
export const NO_JUMP_YET = "No jump yet.";

/** The message of a view with nothing to show. */
export const Said = ({ children }: { children: ReactNode }) => (
  <div className="flex size-full items-center justify-center">
    <p className="max-w-80 text-center text-large leading-snug text-quiet">{children}</p>
  </div>
);
