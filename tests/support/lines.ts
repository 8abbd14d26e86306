import { expect, type Page } from "@playwright/test";
import { type Hand, middleOf, press } from "./hands";
import { addLesson } from "./lessons";

export const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
export const line = (page: Page, name = "Number line from 0 to 100") => page.getByRole("grid", { name });
export const at = (page: Page, number: string) => page.locator(`[role=gridcell][data-number="${number}"]`);
export const field = (page: Page, name: string) => page.getByRole("textbox", { name, exact: true });
export const sentence = (page: Page) => page.locator("[data-part=number-sentence]");
/** What the number sentence says, read as a person reads it. */
export const says = (page: Page) =>
  sentence(page).evaluate((parts) =>
    [...parts.querySelectorAll("svg text")].map((text) => text.textContent).join(" "),
  );

/** A lesson whose main view is a line from 0 to 100. */
export async function openLine(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("radio", { name: "Line", exact: true }).click();
  await expect(line(page)).toBeVisible();
  return id;
}

/** Waits for a line that glides to come to rest: no number moves from one frame to the next. */
export const atRest = (page: Page) =>
  page.evaluate(async () => {
    const where = () =>
      [...document.querySelectorAll("[role=gridcell]")].map((cell) => cell.getBoundingClientRect().x).join();
    const frame = () => new Promise((done) => requestAnimationFrame(done));
    for (let before = ""; before !== where(); ) {
      before = where();
      for (let i = 0; i < 3; i += 1) await frame();
    }
  });

/** The point of a number on the line, between those of two labels. */
export async function pointOf(page: Page, number: number) {
  for (const end of ["0", "100"]) await expect(at(page, end)).toBeVisible();
  await atRest(page);
  const [a, b] = [(await at(page, "0").boundingBox())!, (await at(page, "100").boundingBox())!];
  const [x0, x1] = [a.x + a.width / 2, b.x + b.width / 2];
  const grid = (await line(page).boundingBox())!;
  return { x: x0 + ((x1 - x0) * number) / 100, y: grid.y + 6 + grid.height * 0.4 };
}

/** Touches a number where its label stands: a line takes touches as a whole, and works out which number is meant. */
export async function touch(page: Page, hand: Hand, number: string) {
  if (hand === "keys") return press(hand, at(page, number));
  const { x, y } = await middleOf(at(page, number));
  return hand === "touch" ? page.touchscreen.tap(x, y) : page.mouse.click(x, y);
}

/** An option of a list that opens. */
export async function choose(page: Page, list: string, option: string | RegExp) {
  await page.getByRole("combobox", { name: list }).click();
  await page.getByRole("option", { name: option }).click();
}
