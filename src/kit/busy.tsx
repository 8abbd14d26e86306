/** Placeholder for a part of the board that is being loaded. */
export const Busy = () => <div aria-busy className="size-full min-h-40 rounded-card bg-board" />;
