import type { ReactNode } from "react";

/**
 * The buttons under a view, in as many rows as they need. In a small room the view has all of it; the card that they stand in
 * is a container.
 */
export const ViewButtons = ({ children }: { children: ReactNode }) => (
  <div className="flex shrink-0 flex-wrap items-end justify-center gap-2 pt-2 [@container(max-width:56rem)]:[&>button]:px-3 cramped:flex-nowrap cramped:justify-start cramped:overflow-x-auto [@container(max-height:13rem)]:hidden [@container(max-width:19rem)]:hidden">
    {children}
  </div>
);
