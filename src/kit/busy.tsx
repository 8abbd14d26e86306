/** Stands for a part of the board that is on its way. */
export const Busy = () => <div aria-busy className="size-full min-h-40 rounded-card bg-board" />;
