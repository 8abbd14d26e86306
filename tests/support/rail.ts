import { expect, type Locator, type Page } from "@playwright/test";
import { type Hand, press } from "./hands";

/** Presses a part of the rail, wherever it lies: on the rail, or in its drawer. */
export async function pressOnRail(page: Page, name: string, hand: Hand = "mouse") {
  const button = page.getByRole("button", { name, exact: true });
  if (await isOnRail(page, button)) return press(hand, button);
  await press(hand, page.getByRole("button", { name: "Tools", exact: true }));
  await press(hand, page.getByRole("menuitem", { name, exact: true }));
}

/** Clears something: from the list that opens on the rail, or from the drawer, which holds the same list. */
export async function clear(page: Page, what: string | RegExp, hand: Hand = "mouse") {
  const button = page.getByRole("button", { name: "Clear", exact: true });
  const opener = (await isOnRail(page, button))
    ? button
    : page.getByRole("button", { name: "Tools", exact: true });
  await press(hand, opener);
  await press(hand, page.getByRole("menuitem", { name: what }));
}

/** Once the rail is there. */
async function isOnRail(page: Page, button: Locator) {
  await page.locator("footer").getByRole("button", { name: "Take back" }).waitFor();
  return button.isVisible();
}

/** Makes a puzzle on the times grid, as is done while a board is prepared, and goes on teaching. */
export async function makePuzzle(page: Page, hand: Hand = "mouse") {
  await press(hand, page.getByRole("button", { name: "Prepare", exact: true }));
  await press(hand, page.getByRole("tab", { name: "Slide", exact: true }));
  await press(hand, page.getByRole("button", { name: "Make a puzzle" }));
  await press(hand, page.getByRole("button", { name: "Teach", exact: true }));
  await expect(page.getByRole("complementary", { name: "Set up the board" })).toHaveCount(0);
}
