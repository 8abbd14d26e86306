import type { ReactNode } from "react";

/** Stands for the trail while it is counted in silence. */
export const SILENT = "Count on in your head.";

/** Stands for a trail that has no jump. */
export const NO_JUMP_YET = "No jump yet.";

/** What a view says that has nothing to show. */
export const Said = ({ children }: { children: ReactNode }) => (
  <div className="flex size-full items-center justify-center">
    <p className="max-w-80 text-center text-large leading-snug text-quiet">{children}</p>
  </div>
);
