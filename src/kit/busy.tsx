/** Placeholder for a part of the board that is being loaded. */
export const Busy = () => <div aria-busy className="size-full min-h-40 rounded-card bg-board" />;

/** The same for a part whose height is known: what stands above it keeps its place when the part arrives. */
export const BusyAs = ({ least }: { least: string }) => (
  <div aria-busy className="@container">
    <div className={`rounded-card bg-board ${least}`} />
  </div>
);
