import { expect, type Page, test } from "@playwright/test";
import { HANDS, type Hand, middleOf, press } from "./support/hands";
import { addLesson, openBoard, saved } from "./support/lessons";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const line = (page: Page, name = "Number line from 0 to 100") => page.getByRole("grid", { name });
const at = (page: Page, number: string) => page.locator(`[role=gridcell][data-number="${number}"]`);
const field = (page: Page, name: string) => page.getByRole("textbox", { name, exact: true });
const sentence = (page: Page) => page.locator("[data-part=number-sentence]");
/** What the number sentence says, read as a person reads it. */
const says = (page: Page) =>
  sentence(page).evaluate((parts) =>
    [...parts.querySelectorAll("svg text")].map((text) => text.textContent).join(" "),
  );

/** A lesson whose main view is a line from 0 to 100. */
async function open(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("radio", { name: "Line", exact: true }).click();
  await expect(line(page)).toBeVisible();
  return id;
}

/** The point of a number on the line, between those of two labels. */
async function pointOf(page: Page, number: number) {
  for (const end of ["0", "100"]) await expect(at(page, end)).toBeVisible();
  const [a, b] = [(await at(page, "0").boundingBox())!, (await at(page, "100").boundingBox())!];
  const [x0, x1] = [a.x + a.width / 2, b.x + b.width / 2];
  const grid = (await line(page).boundingBox())!;
  return { x: x0 + ((x1 - x0) * number) / 100, y: grid.y + 6 + grid.height * 0.4 };
}

/** Touches a number where its label stands: a line takes touches as a whole, and works out which number is meant. */
async function touch(page: Page, hand: Hand, number: string) {
  if (hand === "keys") return press(hand, at(page, number));
  const { x, y } = await middleOf(at(page, number));
  return hand === "touch" ? page.touchscreen.tap(x, y) : page.mouse.click(x, y);
}

async function addView(page: Page, name: string) {
  await page.getByRole("tab", { name: "Views" }).click();
  await page.getByRole("combobox", { name: "Add a view" }).click();
  await page.getByRole("option", { name, exact: true }).click();
}

/** An option of a list that opens. */
async function choose(page: Page, list: string, option: string | RegExp) {
  await page.getByRole("combobox", { name: list }).click();
  await page.getByRole("option", { name: option }).click();
}

test("a line is made field by field; what cannot be is told, and changes nothing", async ({
  page,
  request,
}) => {
  await open(page, request);
  for (const [label, typed, message] of [
    ["To", "0", "The ends are the same number. Write another one."],
    ["To", "-5", "Put the smaller number first."],
    ["Interval", "0", "Write an interval above 0."],
    ["Interval", "0.001", "That would be more than 10,000 ticks."],
    ["From", "1e999", "Write a number, such as 7, −3, 0.2 or 3/4."],
    ["To", "9999999999999", "A line goes from −1,000,000,000,000 to 1,000,000,000,000."],
    ["Parts in each interval", "21", "Write a whole number from 1 to 20."],
    ["Unit, such as metres", "m".repeat(21), "Write at most 20 characters."],
  ] as const) {
    const was = await field(page, label).inputValue();
    await field(page, label).fill(typed);
    await expect(page.getByText(message)).toBeVisible();
    await expect(line(page)).toBeVisible();
    await field(page, label).fill(was);
    await expect(page.getByText(message)).toHaveCount(0);
  }
  await page.getByRole("button", { name: "6 to 8 in tenths" }).click();
  await expect(line(page, "Number line from 6 to 8")).toBeVisible();
  await expect(at(page, "7")).toHaveAccessibleName("7");
  await page.getByRole("button", { name: "0 to 3 in quarters" }).click();
  await expect(at(page, "1.25")).toHaveAccessibleName("1 1/4");
  await choose(page, "Numbers are written", /^In the parts/);
  await expect(at(page, "1")).toHaveAccessibleName("4/4");
  await page.getByRole("radio", { name: "Upright" }).click();
  await choose(page, "Labels", "My choice");
  await field(page, "Numbers with a label").fill("0 2,5 3");
  await expect(at(page, "2.5")).toBeVisible();
  await expect(at(page, "1")).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(at(page, "2.5")).toBeVisible();
});

test("slid by drag, wheel, keys and buttons, and drawn nearer and further away; pinned it stays", async ({
  page,
  request,
}) => {
  await open(page, request);
  await button(page, "Teach").click();
  await button(page, "Slide on one interval").tap();
  await expect(at(page, "110")).toBeVisible();
  await button(page, "Take back").tap();
  await expect(at(page, "110")).toHaveCount(0);

  const from = await pointOf(page, 60);
  const to = await pointOf(page, 40);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x - 30, from.y, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 5 });
  await page.mouse.up();
  await expect(at(page, "120")).toBeVisible();
  await expect(at(page, "10")).toHaveCount(0);
  await expect(page.getByRole("gridcell", { name: /mark/ })).toHaveCount(0);
  await button(page, "The whole line").tap();
  await expect(at(page, "0")).toBeVisible();

  await page.mouse.move(from.x, from.y);
  await page.mouse.wheel(to.x - from.x, 0);
  await expect(at(page, "-20")).toBeVisible();
  await button(page, "The whole line").tap();
  await button(page, "Nearer").tap();
  await expect(at(page, "0")).toHaveCount(0);
  await expect(at(page, "30")).toBeVisible();
  for (let i = 0; i < 3; i += 1) await button(page, "Nearer").tap();
  await expect(at(page, "50")).toBeVisible();
  await expect(at(page, "51")).toBeVisible();
  for (let i = 0; i < 6; i += 1) await button(page, "Further away").tap();
  await expect(at(page, "100")).toBeVisible();
  await button(page, "The whole line").tap();

  await at(page, "100").focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Enter");
  await expect(at(page, "101")).toHaveAccessibleName("101, sun mark, in focus");
  await page.keyboard.press("Shift+ArrowLeft");
  await expect(at(page, "20")).toBeVisible();

  await button(page, "Prepare").click();
  await page.getByRole("switch", { name: "Fixed: does not slide" }).click();
  await expect(button(page, "Nearer")).toHaveCount(0);
});

test("two fingers draw the line nearer", async ({ page, request }) => {
  await open(page, request);
  await button(page, "Teach").click();
  const cdp = await page.context().newCDPSession(page);
  const fingers = (type: string, points: { x: number; y: number }[]) =>
    cdp.send("Input.dispatchTouchEvent", {
      type: type as "touchStart",
      touchPoints: points.map((point, id) => ({ ...point, id })),
    });
  const middle = await pointOf(page, 50);
  const apart = (by: number) => [
    { x: middle.x - by, y: middle.y },
    { x: middle.x + by, y: middle.y },
  ];
  await fingers("touchStart", apart(60));
  for (const by of [80, 120, 170, 240]) await fingers("touchMove", apart(by));
  await fingers("touchEnd", []);
  await expect(at(page, "0")).toHaveCount(0);
  await expect(at(page, "50")).toBeVisible();
  await expect(page.getByRole("gridcell", { name: /mark/ })).toHaveCount(0);
});

for (const hand of HANDS) {
  test(`marked, covered, lifted and written in, as on a chart, by ${hand}`, async ({ page, request }) => {
    await open(page, request);
    await press(hand, button(page, "Teach"));
    await touch(page, hand, "30");
    await expect(at(page, "30")).toHaveAccessibleName("30, sun mark, in focus");
    await press(hand, button(page, "Cover"));
    await touch(page, hand, "60");
    await touch(page, hand, "70");
    await expect(page.getByRole("gridcell", { name: "covered" })).toHaveCount(2);
    await press(hand, button(page, "Lift"));
    await touch(page, hand, "60");
    await expect(at(page, "60")).toHaveAccessibleName("60");
    await press(hand, button(page, "Write"));
    await expect(page.getByRole("region", { name: "Write" })).toBeVisible();
    await touch(page, hand, "70");
    await page.keyboard.type("70");
    await page.keyboard.press("Enter");
    await expect(at(page, "70")).toHaveAccessibleName("70, by hand, in focus");
    await press(hand, button(page, "Take back"));
    await expect(page.getByRole("gridcell", { name: "covered" })).toHaveCount(1);
  });

  test(`jumps by ${hand}: in a size, again, to a target by friendly numbers; the sentence is written`, async ({
    page,
    request,
  }) => {
    await open(page, request);
    await addView(page, "Number sentence");
    await press(hand, button(page, "Teach"));
    await press(hand, button(page, "Jump"));
    await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
    await touch(page, hand, "20");
    await press(hand, button(page, "Jumps of 5"));
    await press(hand, button(page, "Jump on"));
    await press(hand, button(page, "Again"));
    await expect.poll(() => says(page)).toBe("20 + 5 + 5 = 30");
    await press(hand, button(page, "Jump back"));
    await expect.poll(() => says(page)).toBe("20 + 5 + 5 − 5 = 25");
    await touch(page, hand, "0");
    await field(page, "Number sentence").fill("27 + 43");
    await page.keyboard.press("Enter");
    await expect.poll(() => says(page)).toBe("27 + 43 = 70");
    await field(page, "To").fill("84");
    await page.keyboard.press("Enter");
    await press(hand, button(page, "Draw the jumps"));
    await expect.poll(() => says(page)).toBe("27 + 43 + 10 + 4 = 84");
    await press(hand, button(page, "Take back"));
    await expect.poll(() => says(page)).toBe("27 + 43 = 70");
  });
}

test("a jump is drawn from a number to another; split, joined, its size covered on line and in sentence", async ({
  page,
  request,
}) => {
  await open(page, request);
  await addView(page, "Number sentence");
  await button(page, "Teach").click();
  await page.keyboard.press("j");
  await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
  const [from, to] = [await pointOf(page, 20), await pointOf(page, 50)];
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y - 20, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
  await expect.poll(() => says(page)).toBe("20 + 30 = 50");
  await button(page, "Split in 3").click();
  await expect.poll(() => says(page)).toBe("20 + 10 + 10 + 10 = 50");
  await button(page, "Join to jump 2").click();
  await expect.poll(() => says(page)).toBe("20 + 10 + 20 = 50");
  // Another jump is chosen by a touch on its size.
  await page.locator("[data-sizes='0']").click();
  await expect(page.getByText("Jump 1 of 2: +10")).toBeVisible();
  await button(page, "Split in 2").click();
  await expect.poll(() => says(page)).toBe("20 + 5 + 5 + 20 = 50");
  await button(page, "Take back").click();
  await page.keyboard.press("c");
  await sentence(page).getByRole("button", { name: "10", exact: true }).click();
  await expect(sentence(page).getByRole("button", { name: "covered" })).toHaveCount(1);
  await expect(page.locator("[data-part=jumps] text")).toHaveText(["+20"]);
  await page.locator("[data-sizes='1']").click();
  await expect(sentence(page).getByRole("button", { name: "covered" })).toHaveCount(2);
  await page.keyboard.press("l");
  await sentence(page).getByRole("button", { name: "covered" }).first().click();
  await expect(page.locator("[data-part=jumps] text")).toHaveText(["+10"]);
});

test("a sentence that cannot be read is told, and what was there stays", async ({ page, request }) => {
  await open(page, request);
  await addView(page, "Number sentence");
  await button(page, "Teach").click();
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
  await expect(sentence(page)).toHaveText("No jump yet.");
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
  await page.getByRole("tab", { name: "Views" }).click();
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
    await open(page, request);
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
    await open(page, request);
    await addView(page, "Two numbers compared");
    await field(page, "Compare").fill("52");
    await field(page, "With").fill("25");
    await page.keyboard.press("Enter");
    await expect(at(page, "52")).toBeVisible();
    await press(hand, button(page, "Less than"));
    await expect(page.getByText("Look again: which of them is further along the line?")).toBeVisible();
    await press(hand, button(page, "Greater than"));
    await expect(page.locator("[data-part=sign]")).toHaveText(">");
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
  await open(page, request);
  await page.getByRole("button", { name: "Empty line", exact: true }).click();
  await expect(page.getByRole("gridcell", { name: /^\d+$/ })).toHaveCount(1);
  await addView(page, "Stops");
  await button(page, "Teach").click();
  await page.keyboard.press("j");
  await field(page, "From").fill("276");
  await field(page, "To").fill("500");
  await button(page, "Draw the jumps").click();
  const stops = page.getByRole("list", { name: "Stops of the trail" });
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
  await open(page, request);
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
  await page.getByRole("radio", { name: "1 s", exact: true }).click();
  await page.keyboard.press("Escape");
  await page.keyboard.press("g");
  await expect(page.getByRole("gridcell", { name: "covered, in focus" })).toBeVisible();
  await page.keyboard.press("g");
  await expect(page.getByRole("gridcell", { name: /^\d+, in focus$/ })).toBeVisible();
});

test("Ctrl and the wheel draw the line nearer about the place under the mouse", async ({ page, request }) => {
  await open(page, request);
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
  await open(page, request);
  await addView(page, "Number sentence");
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
