import { clsx } from "clsx";

/** The visible grip of a divider. */
export function Grip({ beside }: { beside: boolean }) {
  return (
    <span
      className={clsx(
        "rounded-full bg-rule group-hover:bg-quiet",
        beside ? "h-12 w-1.5 portrait:h-1.5 portrait:w-12" : "h-1.5 w-12",
      )}
    />
  );
}

/** A divider that cannot be drawn yet. */
export const Handle = ({ beside }: { beside: boolean }) => (
  <div className="flex items-center justify-center cramped:hidden">
    <Grip beside={beside} />
  </div>
);
