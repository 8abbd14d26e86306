import { isCoveredAt, numbersWith } from "@/core/scene/scene";
import { tool } from "./tool";

/** The icon: a cover as it looks on the board. */
const CoverIcon = () => <span aria-hidden className="my-px block size-5 rounded-sign bg-current" />;

/** Covers numbers. */
export const cover = tool({
  label: "Cover",
  key: "c",
  icon: CoverIcon,
  meets: ({ scene }, number) => (isCoveredAt(scene, number) ? [] : [[{ do: "cover", numbers: [number] }]]),
  edge: ({ scene }, numbers) =>
    numbersWith(scene, "cover", numbers).length === numbers.length
      ? null
      : { do: "cover", numbers: [...numbers] },
});
