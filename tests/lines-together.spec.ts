import { expect, test } from "@playwright/test";
import { addView, HANDS, press, turnTo } from "./support/hands";
import { addLesson, openBoard, saved } from "./support/lessons";
import { at, button, choose, field, line, openLine, pointOf, says, sentence, touch } from "./support/lines";

test.use({ hasTouch: true });

test("a sentence that cannot be read is told, and what was there stays", async ({ page, request }) => {
  await openLine(page, request);
  await addView(page, "Number sentence");
  await button(page, "Teach").click();
  // With nothing to say yet the sentence has given its room to the line.
  await expect(sentence(page)).toHaveCount(0);
  await button(page, "One jump on").click();
  await button(page, "One jump on").click();
  const said = await says(page);
  await button(page, "Write a number sentence").click();
  const typed = field(page, "Number sentence");
  for (const [text, message] of [
    ["forty", "“f” cannot be used in a number sentence. Use numbers and + − × ÷ ( )."],
    ["27 + 3 = 31", "That comes to 30, not 31."],
    ["7 ÷ 0", "No number can be divided by 0."],
  ] as const) {
    await typed.fill(text);
    await page.keyboard.press("Enter");
    await expect(page.getByText(message)).toBeVisible();
  }
  expect(await says(page)).toBe(said);
  await typed.fill("4 × 6");
  await page.keyboard.press("Enter");
  await expect.poll(() => says(page)).toBe("4 × 6 = 24");
});

test("chart and line share focus, trail, marks and covers; the line follows a count; views are hidden and exchanged", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await openBoard(page, /Every sixth post/);
  await addView(page, "Number line");
  await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
  await expect(line(page)).toBeVisible();
  await page.getByRole("radio", { name: "One above the other" }).click();
  await page.getByRole("button", { name: "Remove: The count so far" }).click();
  await button(page, "Teach").click();
  await page.locator("[data-cell='29']").tap();
  await expect(at(page, "30")).toHaveAccessibleName("30, sun mark, in focus");
  await button(page, "Cover").tap();
  await page.locator("[data-cell='39']").tap();
  await expect(at(page, "40")).toHaveAccessibleName("covered");

  const divider = page.getByRole("separator", { name: "Divider" });
  const before = Number(await divider.getAttribute("aria-valuenow"));
  await divider.focus();
  await page.keyboard.press("ArrowUp");
  await expect(divider).toHaveAttribute("aria-valuenow", String(before - 4));

  await button(page, "Prepare").click();
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("button", { name: "Hide for now: Chart" }).click();
  await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toHaveCount(0);
  await button(page, "Take back").click();
  await page.getByRole("button", { name: "Move up: Number line" }).click();
  await expect(page.getByRole("combobox", { name: "View 1" })).toHaveText("Number line");
  await page.getByRole("combobox", { name: "View 2" }).click();
  await page.getByRole("option", { name: "Number strip" }).click();
  await expect(page.getByRole("grid", { name: "Number strip from 0 to 20" })).toBeVisible();
  await saved(page);
});

for (const hand of HANDS) {
  test(`a tick is ringed and read, shown, and another one asked for, by ${hand}`, async ({
    page,
    request,
  }) => {
    await openLine(page, request);
    await press(hand, button(page, "Teach"));
    await press(hand, button(page, "Read the scale"));
    const asked = page.getByRole("gridcell", { name: /asked for/ });
    await expect(asked).toHaveCount(1);
    const number = (await asked.getAttribute("data-number"))!;
    expect(Number(number) % 10).not.toBe(0);
    await press(hand, button(page, "Show its number"));
    await expect(at(page, number)).toHaveAccessibleName(`${number}, in focus`);
    await press(hand, button(page, "Read the scale"));
    await expect(asked).toHaveCount(1);
    const next = (await asked.getAttribute("data-number"))!;
    expect(next).not.toBe(number);
    await press(hand, button(page, "Write"));
    await expect(page.getByRole("region", { name: "Write" })).toBeVisible();
    await page.keyboard.type("1000");
    await page.keyboard.press("Enter");
    await expect(page.locator("[data-part=told]")).toContainText("1,000 does not belong here.");
    await page.keyboard.type(next);
    await page.keyboard.press("Enter");
    await expect(page.locator("[data-part=told]")).toHaveText(`${next} it is.`);
    await expect(asked).toHaveCount(0);
  });

  test(`two numbers are compared, and the way to the next ten is told by its pair, by ${hand}`, async ({
    page,
    request,
  }) => {
    await openLine(page, request);
    await addView(page, "Two numbers compared");
    await field(page, "Compare").fill("52");
    await field(page, "With").fill("25");
    await page.keyboard.press("Enter");
    await expect(at(page, "52")).toBeVisible();
    await press(hand, button(page, "Less than"));
    await expect(page.getByText("Look again: which of them is further along the line?")).toBeVisible();
    await press(hand, button(page, "Greater than"));
    await expect(page.locator("[data-part=sign]")).toHaveText(">");
    await page.getByRole("tab", { name: "Arrange" }).click();
    await page.getByRole("combobox", { name: "View 2" }).click();
    await page.getByRole("option", { name: "To the next ten" }).click();
    await press(hand, button(page, "Teach"));
    await expect(page.getByRole("complementary")).toHaveCount(0);
    await touch(page, hand, "30");
    const pairs = page.getByRole("region", { name: "To the next ten" });
    await expect(pairs.getByRole("listitem").filter({ hasText: "6+4" })).not.toHaveAttribute(
      "aria-current",
      "true",
    );
    await press(hand, button(page, "Cover"));
    await press(hand, pairs.getByRole("button", { name: "10", exact: true }));
    await expect(pairs.getByRole("button", { name: "covered" })).toHaveCount(1);
  });
}

test("an open line has nothing on it but what is put there", async ({ page, request }) => {
  await openLine(page, request);
  await page.getByRole("tab", { name: "Start from" }).click();
  await page.getByRole("button", { name: "Empty line", exact: true }).click();
  await expect(page.getByRole("gridcell", { name: /^\d+$/ })).toHaveCount(1);
  await addView(page, "Numbers on the way");
  await button(page, "Teach").click();
  await page.keyboard.press("j");
  await turnTo(page, "To a number");
  await field(page, "From").fill("276");
  await field(page, "To").fill("500");
  await button(page, "Draw the jumps").click();
  const stops = page.getByRole("list", { name: "Numbers on the way" });
  await expect(stops.getByRole("listitem")).toHaveCount(4);
  await expect(page.locator("[data-part=jumps] text")).toHaveText(["+4", "+20", "+200"]);
  const x = async (number: string) => (await at(page, number).boundingBox())!.x;
  expect(await x("280")).toBeGreaterThan((await x("276")) + 60);
  await page.keyboard.press("c");
  await stops.getByRole("button", { name: "300" }).click();
  await expect(at(page, "300")).toHaveAccessibleName("covered");
});

test("the pointer is drawn along, walks with the count, and is covered till it stands still", async ({
  page,
  request,
}) => {
  await openLine(page, request);
  await page.getByRole("tab", { name: "Pointer" }).click();
  await choose(page, "Number at the pointer", "Hidden while it moves");
  await button(page, "Teach").click();
  await expect(page.getByRole("complementary")).toHaveCount(0);
  await button(page, "One jump on").click();
  const pointer = page.locator("[data-part=pointer]");
  const box = (await pointer.boundingBox())!;
  const to = await pointOf(page, 40);
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 30, box.y + 4, { steps: 3 });
  await page.mouse.move(to.x, box.y + 4, { steps: 4 });
  await page.mouse.up();
  await expect(at(page, "40")).toHaveAccessibleName("40, in focus");
  await button(page, "Take back").click();
  await button(page, /^Count in/).click();
  await turnTo(page, "How it goes");
  await page.getByRole("radio", { name: "1 s", exact: true }).click();
  await page.keyboard.press("Escape");
  await page.keyboard.press("g");
  await expect(page.getByRole("gridcell", { name: "covered, in focus" })).toBeVisible();
  await page.keyboard.press("g");
  await expect(page.getByRole("gridcell", { name: /^\d+, in focus$/ })).toBeVisible();
});

test("Ctrl and the wheel draw the line nearer about the place under the mouse", async ({ page, request }) => {
  await openLine(page, request);
  await button(page, "Teach").click();
  const { x, y } = await pointOf(page, 70);
  await page.mouse.move(x, y);
  await page.keyboard.down("Control");
  for (let i = 0; i < 4; i += 1) await page.mouse.wheel(0, -100);
  await page.keyboard.up("Control");
  await expect(at(page, "0")).toHaveCount(0);
  await expect(at(page, "70")).toBeVisible();
});

test("a view that was hidden by hand is hidden by the step it is kept in", async ({ page, request }) => {
  await openLine(page, request);
  await addView(page, "Number sentence");
  await page.getByRole("tab", { name: "Arrange" }).click();
  await page.getByRole("button", { name: "Hide for now: Number sentence" }).click();
  await expect(page.getByRole("region", { name: "Number sentence" })).toHaveCount(0);
  await page.keyboard.press("k");
  await page.getByLabel("Title").fill("Only the line");
  await page.getByRole("button", { name: "Keep the step" }).click();
  await expect(page.getByText(/^Kept as step/)).toBeVisible();
  await page.keyboard.press("PageUp");
  await expect(page.getByRole("region", { name: "Number sentence" })).toBeVisible();
  await page.keyboard.press("PageDown");
  await expect(page.getByRole("region", { name: "Number sentence" })).toHaveCount(0);
});
