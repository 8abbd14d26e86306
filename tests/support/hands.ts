import { expect, type Locator } from "@playwright/test";

/** The ways in which everything can be done. */
export const HANDS = ["touch", "mouse", "keys"] as const;
export type Hand = (typeof HANDS)[number];

/** Presses a button, a choice, or a place, with a finger, the mouse, or the keyboard. */
export async function press(hand: Hand, what: Locator) {
  if (hand === "touch") return what.tap();
  if (hand === "mouse") return what.click();
  await expect(what).toBeEnabled();
  await what.focus();
  // A choice of several takes the space bar; everything takes one of the two.
  const role = await what.getAttribute("role");
  await what.press(role === "radio" || role === "switch" ? "Space" : "Enter");
}
