import { isCoveredAt, numbersWith } from "@/core/scene/scene";
import { LiftSign } from "@/kit/signs";
import { tool } from "./tool";

/** Lifts covers. */
export const lift = tool({
  label: "Lift",
  key: "l",
  icon: LiftSign,
  meets: ({ scene }, number) => (isCoveredAt(scene, number) ? [[{ do: "lift", numbers: [number] }]] : []),
  edge: ({ scene }, numbers) => {
    const covered = numbersWith(scene, "cover", numbers);
    return covered.length === 0 ? null : { do: "lift", numbers: covered };
  },
});
