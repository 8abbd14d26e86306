import { expect, type Page, test } from "@playwright/test";
import { HANDS, press } from "./support/hands";
import { addLesson, lessonWith, lineView, place, question, saved } from "./support/lessons";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const cards = (page: Page) =>
  page.getByRole("list", { name: "Steps, the lowest first" }).getByRole("listitem");
const does = (page: Page) => page.getByRole("list", { name: "What it does" }).getByRole("listitem");
const handTools = (page: Page) => page.locator("footer");

/** The workshop of the second board, open on its second step. */
async function workshop(page: Page, request: Parameters<typeof addLesson>[0], title: string) {
  const id = await addLesson(request, { title });
  await page.goto(`/lesson/${id}?prepare`);
  await expect(place(page, "24")).toBeVisible();
  await page.getByRole("button", { name: "2 Every sixth post" }).click();
  await button(page, "More for step 2, 6, 12, 18").click();
  await page.getByRole("menuitem", { name: "Open in the workshop" }).click();
  await expect(does(page)).toHaveCount(3);
  return id;
}

for (const hand of HANDS) {
  test(`a step is cut in two, joined, duplicated and moved, by ${hand}`, async ({ page, request }) => {
    await workshop(page, request, `Workshop with ${hand}`);
    await expect(cards(page)).toHaveCount(7);
    await expect(cards(page).nth(1)).toContainText("marks 6, 12 and 18 in sun");
    await press(hand, button(page, "Split before moment 2"));
    await expect(cards(page)).toHaveCount(8);
    await expect(does(page)).toHaveCount(1);
    await expect(cards(page).nth(2)).toContainText("Three posts have a lamp now.");
    await press(hand, button(page, "Join with the next"));
    await expect(cards(page)).toHaveCount(7);
    await expect(does(page)).toHaveCount(3);
    await press(hand, button(page, "Duplicate"));
    await expect(cards(page)).toHaveCount(8);
    await press(hand, button(page, "Earlier"));
    await expect(cards(page).nth(0)).toContainText("6, 12, 18");
    await press(hand, button(page, "Insert a step"));
    await expect(cards(page).nth(1)).toContainText("New step");
    await expect(cards(page).nth(1)).toContainText("only asks");
    await press(hand, button(page, "Close"));
    // All of it is taken back, one by one.
    for (let i = 0; i < 5; i += 1)
      await press(hand, handTools(page).getByRole("button", { name: "Take back" }));
    await button(page, "Workshop").click();
    await expect(cards(page)).toHaveCount(7);
    await expect(cards(page).nth(1)).toContainText("marks 6, 12 and 18 in sun");
  });
}

test("steps are put in order by drag and by keys", async ({ page, request }) => {
  await workshop(page, request, "In order");
  const grip = (name: string) => button(page, name);
  const top = async (at: number) => (await cards(page).nth(at).boundingBox())!.y;
  // So far that the card lies over the third one.
  const down = (await top(2)) - (await top(0));
  const from = (await grip("Move step 1, The first lamp").boundingBox())!;
  const [x, y] = [from.x + 10, from.y + 20];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 2, y + 20, { steps: 4 });
  await page.mouse.move(x, y + down, { steps: 10 });
  await page.mouse.up();
  await expect(cards(page).nth(2)).toContainText("The first lamp");
  await grip("Move step 3, The first lamp").focus();
  await page.keyboard.press("Space");
  await page.waitForTimeout(200);
  await page.keyboard.press("ArrowUp");
  await page.waitForTimeout(300);
  await page.keyboard.press("Space");
  await expect(cards(page).nth(1)).toContainText("The first lamp");
});

test("one move is changed, another left out; a step goes on at each press", async ({ page, request }) => {
  await workshop(page, request, "Changed moves");
  await button(page, "Change moment 3").click();
  await page.getByRole("textbox", { name: "Numbers of moment 3, move 1" }).fill("18, 20");
  await expect(does(page).nth(2)).toContainText("marks 18 and 20 in sun");
  await page.getByRole("textbox", { name: "Numbers of moment 3, move 1" }).fill("18, lamp");
  await expect(page.getByText(/^lamp: /)).toBeVisible();
  await page.getByRole("textbox", { name: "Numbers of moment 3, move 1" }).fill("18, 20");
  await button(page, "Remove: moment 1").click();
  await expect(does(page)).toHaveCount(2);
  await page.getByRole("radio", { name: "At each press" }).click();
  await button(page, "Close").click();
  await saved(page);
  await button(page, "Teach").click();
  await button(page, "Climb").click();
  await button(page, "Climb").click();
  await expect(place(page, /^12, sun mark/)).toBeVisible();
  await expect(place(page, /^20, sun mark/)).toHaveCount(0);
  await button(page, "Climb").click();
  await expect(place(page, /^20, sun mark/)).toBeVisible();
  await expect(
    question(page).getByText("Three posts have a lamp now. Which post has the next one?"),
  ).toBeVisible();
});

test("what no longer makes sense is pointed out and left out only when that is wished", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { title: "A shorter jetty" });
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("button", { name: "2 Every sixth post" }).click();
  await expect(page.getByRole("img", { name: /no longer makes sense/ })).toHaveCount(0);
  await page.getByRole("textbox", { name: "Last number" }).fill("70");
  await page.getByRole("textbox", { name: "Last number" }).press("Tab");
  await expect(page.getByRole("img", { name: /no longer makes sense/ })).not.toHaveCount(0);
  await button(page, "Workshop").click();
  await cards(page)
    .filter({ hasText: "All the lamps" })
    .getByRole("button", { name: /All the lamps/ })
    .last()
    .click();
  await expect(page.getByText("72 is not on the board any more.")).toBeVisible();
  const before = await does(page).count();
  await button(page, /^Leave out what makes no sense/).click();
  await expect(page.getByText("72 is not on the board any more.")).toHaveCount(0);
  // The jumps stay: only what cannot be is left out.
  await expect(does(page)).toHaveCount(before);
  await expect(button(page, /^Leave out what makes no sense/)).toHaveCount(0);
  await button(page, "Close").click();
  await expect(page.getByRole("img", { name: /no longer makes sense/ })).toHaveCount(0);
});

test("a step that would show its answer asks first, and the class screen too shows the question alone", async ({
  page,
  context,
  request,
}) => {
  const id = await lessonWith(request, [
    lineView({ from: "0", to: "100" }),
    { kind: "sentence", form: "gathered" },
  ]);
  await page.goto(`/lesson/${id}?prepare`);
  const main = (on: Page) => on.getByRole("main");
  const sentence = /2\s*×\s*10\s*=\s*20/;
  for (let i = 0; i < 3; i += 1) await button(page, "One jump on").click();
  await expect(main(page)).toContainText(sentence);
  await page.getByRole("region", { name: "Steps" }).getByRole("button", { name: "Keep as a step" }).click();
  await page.getByRole("textbox", { name: "Title" }).fill("Two jumps");
  await page.getByRole("textbox", { name: "Question" }).fill("Where do two jumps of ten land?");
  const first = page.getByRole("radio", { name: "Before what it does" });
  await expect(first).not.toBeChecked();
  await page.getByRole("textbox", { name: "Answer" }).fill("20");
  await expect(first).toBeChecked();
  await button(page, "Keep the step").click();
  await button(page, "Teach").click();
  await page.keyboard.press("PageUp");
  await button(page, "More").click();
  const [screen] = await Promise.all([
    context.waitForEvent("page"),
    page.getByRole("menuitem", { name: "Class screen" }).click(),
  ]);
  await expect(main(screen)).toContainText("Where do two jumps of ten land?");
  await expect(main(screen)).not.toContainText(sentence);
  await expect(page.getByRole("img", { name: "The question of step 1 of 1" })).toBeVisible();
  await button(page, "Climb").click();
  await expect(main(screen)).toContainText(sentence);
  // Down to the question, and to before it.
  await page.keyboard.press("PageUp");
  await expect(main(screen)).not.toContainText(sentence);
  await expect(main(screen)).toContainText("Where do two jumps of ten land?");
  await page.keyboard.press("PageUp");
  await expect(main(screen)).not.toContainText("Where do two jumps of ten land?");
  // In the workshop it can come with its moves, and then it is said that they show the answer.
  await button(page, "Prepare").click();
  await button(page, "Workshop").click();
  const shows = page.getByText("What it does shows the answer with the question: 20.");
  await expect(shows).toHaveCount(0);
  await expect(cards(page).first()).toContainText("asks first, then starts at 0");
  await page.getByRole("radio", { name: "With what it does" }).click();
  await expect(shows).toBeVisible();
});

test("the card that keeps what was done stands in sight on every step of a long stair", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { title: "In sight" });
  await page.goto(`/lesson/${id}?prepare`);
  await expect(place(page, "24")).toBeVisible();
  await page.getByRole("button", { name: "2 Every sixth post" }).click();
  const strip = page.getByRole("region", { name: "Steps" });
  for (let step = 1; step <= 7; step += 1) {
    await page.keyboard.press("PageDown");
    await expect(strip.locator("[aria-current=step]")).toContainText(/./);
    await expect(strip.getByRole("button", { name: "Add a step" })).toBeInViewport({ ratio: 0.99 });
  }
});
