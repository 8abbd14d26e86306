import { clsx } from "clsx";

const SEES = {
  this: "What the class sees",
  before: "Only you see this: the class screen is held",
  nothing: "Only you see this: the class screen is blank",
} as const;

/** The label on the lower edge of the frame round the board. */
export function ClassSees({ sees }: { sees: keyof typeof SEES }) {
  return (
    <p
      className={clsx(
        "absolute -bottom-4 left-5 rounded-full px-4 py-1 text-small font-semibold",
        sees === "this" ? "bg-ink text-board" : "border-2 border-dashed border-quiet bg-wall text-quiet",
      )}
    >
      {SEES[sees]}
    </p>
  );
}
