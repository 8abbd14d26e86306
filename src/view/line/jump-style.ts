import type { JumpPlace } from "@/core/count/jump-place";
import { INKS, type Ink } from "@/core/set/ink";
import { INK_STYLE } from "../ink/ink-style";

/** The colours of a jump: its arc, an outline if the arc alone is too light, and its size. */
export type JumpStyle = { line: string; edge?: string; text: string };

/** Place value keeps its colours everywhere; equal jumps of a count are stair yellow, outlined for contrast. */
export const STYLES: Record<JumpPlace | "equal" | "other", JumpStyle> = {
  equal: { line: "var(--color-stair)", edge: "var(--color-ink)", text: "var(--color-ink)" },
  other: { line: "var(--color-quiet)", text: "var(--color-ink)" },
  hundredths: { line: "var(--color-sea-dot)", text: "var(--color-tens)" },
  tenths: { line: "var(--color-coral-dot)", text: "var(--color-ones)" },
  ones: { line: "var(--color-coral-dot)", text: "var(--color-ones)" },
  tens: { line: "var(--color-sea-dot)", text: "var(--color-tens)" },
  hundreds: { line: "var(--color-plum-dot)", text: "var(--color-hundreds)" },
  thousands: { line: "var(--color-kelp-dot)", text: "var(--color-thousands)" },
};

const OF_INK = Object.fromEntries(
  INKS.map((ink) => [ink, { line: INK_STYLE[ink].figure, text: "var(--color-ink)" }]),
) as Record<Ink, JumpStyle>;

/** How a trail looks in an ink, while two are compared. */
export const styleOfInk = (ink: Ink): JumpStyle => OF_INK[ink];
