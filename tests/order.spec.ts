import { expect, type Page, test } from "@playwright/test";
import { carry, keyboardIsBack, press } from "./support/hands";
import { addLesson, openBoard } from "./support/lessons";

const view = (page: Page) => page.getByRole("region", { name: "Numbers in order" });
const card = (page: Page, number: string) => view(page).getByRole("button", { name: number, exact: true });
const row = (page: Page) =>
  view(page)
    .locator("[data-ordered]")
    .evaluateAll((all) => all.map((one) => one.getAttribute("data-ordered")).join(" "));

test.use({ hasTouch: true });

async function open(page: Page, request: Parameters<typeof addLesson>[0], board: RegExp) {
  await page.goto(`/lesson/${await addLesson(request, { name: "20-numbers-read-and-ordered" })}`);
  await openBoard(page, board);
}

for (const hand of ["touch", "mouse"] as const) {
  test(`by ${hand}: a number is carried to its place in the row`, async ({ page, request }) => {
    await open(page, request, /Post numbers/);
    await carry(hand, page, card(page, "204"), card(page, "264"));
    await expect.poll(() => row(page)).toBe("3 0 1 2");
    await page.getByRole("button", { name: "Take back" }).click();
    await expect.poll(() => row(page)).toBe("0 1 2 3");
  });
}

test("by keys: space takes a number up, arrows carry it, space puts it down; the stair is not climbed", async ({
  page,
  request,
}) => {
  await open(page, request, /Post numbers/);
  await card(page, "264").focus();
  await page.keyboard.press("Space");
  await expect(page.getByText("264 taken up.")).toBeAttached();
  // What listens to the arrows is set up in a timeout of its own.
  await keyboardIsBack(page);
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText("264 at the place of 246.")).toBeAttached();
  await page.keyboard.press("Space");
  await expect.poll(() => row(page)).toBe("1 0 2 3");
  await expect(page.getByText("Which of these posts comes last")).toHaveCount(0);
});

test("they are compared by hundreds, then tens; where two are alike the next place is asked", async ({
  page,
  request,
}) => {
  await open(page, request, /Post numbers/);
  const deciding = view(page).locator("[data-part=deciding]");
  await view(page).getByRole("button", { name: "Light the first place" }).click();
  // The class is asked before it is told.
  await expect(deciding).toHaveText("");
  await deciding.click();
  await expect(deciding).toHaveText("264, 246 and 204: the same hundreds. Look at the tens.");
  await expect(view(page).locator("[data-lit]")).toHaveText(["2", "2", "3", "2"]);
  await view(page).getByRole("button", { name: "Light the next place" }).click();
  await expect(deciding).toHaveText("");
  await deciding.click();
  await expect(deciding).toHaveText("The tens decide.");
  await view(page).getByRole("button", { name: "Check the order" }).click();
  await expect(page.getByText("Not yet: look at number 1 and number 2 of the row.")).toBeVisible();
});

test("a sign that does not belong is not taken, and the pieces come out at a touch", async ({
  page,
  request,
}) => {
  await open(page, request, /Which sign/);
  const sign = view(page).locator("[data-sign='0']");
  await press("touch", view(page).getByRole("button", { name: "Greater than" }));
  await expect(page.getByText("Another sign belongs there.")).toBeVisible();
  await expect(sign).toHaveText("");
  await press("touch", view(page).getByRole("button", { name: "Less than" }));
  await expect(sign).toHaveText("<");
  await view(page).getByRole("button", { name: "Show the pieces" }).click();
  await expect(view(page).locator("[data-part=pieces] svg")).toHaveCount(2);
});
