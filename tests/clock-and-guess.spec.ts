import { expect, type Page, test } from "@playwright/test";
import { HANDS, press } from "./support/hands";
import { addLesson, climb, openBoard } from "./support/lessons";

test.use({ hasTouch: true });

test("a time is read from the ring in words and digits, each covered for itself", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "19-the-harbour-clock" })}`);
  const part = (name: string) => page.getByRole("region", { name: "Time" }).locator(`[data-part="${name}"]`);
  await climb(page);
  await expect(part("time-digits")).toHaveText("10:00");
  for (let i = 0; i < 3; i += 1) await page.getByRole("button", { name: "One jump on" }).click();
  await expect(part("time-words")).toHaveText("a quarter past ten");
  await expect(part("time-digits")).toHaveText("10:15");
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await part("time-words").click();
  await expect(part("time-words")).toHaveText("");
  await expect(part("time-digits")).toHaveText("10:15");
  await openBoard(page, /Half an hour later/);
  for (let i = 0; i < 4; i += 1) await climb(page);
  await expect(part("half-later")).toHaveText("a quarter to four · 3:45");
  await expect(part("hour-later")).toHaveText("a quarter past four · 4:15");
});

for (const hand of HANDS) {
  test(`by ${hand}: higher or lower; the next number is told by nothing before it is shown`, async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request, { name: "20-numbers-read-and-ordered" })}`);
    await openBoard(page, /Higher or lower/);
    const view = (page: Page) => page.getByRole("region", { name: "Higher or lower" });
    const button = (name: string) => view(page).getByRole("button", { name, exact: true });
    const part = (name: string) => view(page).locator(`[data-part="${name}"]`);
    await press(hand, button("Draw the first two"));
    let run = 0;
    for (let turn = 0; turn < 3; turn += 1) {
      await expect(part("next")).toHaveText("?");
      const at = Number(await part("at").textContent());
      await expect(page.getByRole("gridcell", { name: `${at}, in focus` })).toBeVisible();
      await expect(button("Show it")).toBeDisabled();
      await press(hand, button(at < 50 ? "Higher" : "Lower"));
      await expect(part("said")).toHaveText(at < 50 ? "Higher" : "Lower");
      await press(hand, button("Show it"));
      await expect(part("next")).not.toHaveText("?");
      const next = Number(await part("next").textContent());
      expect(next).not.toBe(at);
      run = next > at === at < 50 ? run + 1 : 0;
      await expect(part("run")).toHaveText(run > 0 ? `Right.${run} in a row` : "Not this time.");
      await expect(part("chances")).toHaveText(
        `Higher than ${at}: ${100 - at} of 100 numbers. Lower: ${at} of 100.`,
      );
      await press(hand, button("Draw the next"));
      await expect(part("at")).toHaveText(String(next));
    }
  });
}
