import type { ReactNode } from "react";

/**
 * The buttons under a view, in as many rows as they need; in a low room in one row that slides; in a small room the view
 * has all of it. The card that they stand in is a container. In a row that slides, what is pressed most is in sight.
 */
export const ViewButtons = ({ children }: { children: ReactNode }) => (
  <div className="flex shrink-0 flex-wrap items-end justify-center-safe gap-2 pt-2 [@container(max-width:56rem)]:[&>button]:px-3 cramped:flex-nowrap cramped:justify-start cramped:overflow-x-auto [@container(max-height:22rem)]:flex-nowrap [@container(max-height:22rem)]:overflow-x-auto [@container(max-height:22rem)]:*:shrink-0 [@container(max-height:22rem)_and_(max-width:30rem)]:[&>.bg-stair]:order-first [@container(max-height:13rem)]:hidden [@container(max-width:19rem)]:hidden">
    {children}
  </div>
);
