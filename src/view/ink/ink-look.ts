import type { Ink } from "@/core/lesson/ink";

type InkLook = { name: string; shape: string; ground: string; figure: string };

/** How each ink looks. The shapes are drawn in a box from −1 to 1, of about equal weight to the eye. */
export const INK_LOOK: Record<Ink, InkLook> = {
  sun: {
    name: "Sun",
    shape: "M0-.95a.95.95 0 1 1 0 1.9a.95.95 0 1 1 0-1.9z",
    ground: "var(--color-sun)",
    figure: "var(--color-sun-dot)",
  },
  coral: {
    name: "Coral",
    shape: "M0-1.05L1.1.85H-1.1z",
    ground: "var(--color-coral)",
    figure: "var(--color-coral-dot)",
  },
  sea: {
    name: "Sea",
    shape: "M-.85-.85H.85V.85H-.85z",
    ground: "var(--color-sea)",
    figure: "var(--color-sea-dot)",
  },
  kelp: {
    name: "Kelp",
    shape: "M0-1.15L1.15 0L0 1.15L-1.15 0z",
    ground: "var(--color-kelp)",
    figure: "var(--color-kelp-dot)",
  },
  plum: {
    name: "Plum",
    shape: "M0-1.15L.3-.42L1.09-.36L.49.16L.68.93L0 .51L-.68.93L-.49.16L-1.09-.36L-.3-.42z",
    ground: "var(--color-plum)",
    figure: "var(--color-plum-dot)",
  },
};
