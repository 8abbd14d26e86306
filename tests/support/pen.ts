import { expect, type Page } from "@playwright/test";

/** The pen is in hand once there is something to draw on: a layer over every view. */
export async function penInHand(page: Page, views?: number) {
  await expect(page.getByRole("group", { name: "Pen" })).toBeVisible();
  const layers = page.locator("[data-part=pen-layer]");
  if (views === undefined) await expect(layers.first()).toBeAttached();
  else await expect(layers).toHaveCount(views);
}
