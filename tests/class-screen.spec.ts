import { type BrowserContext, expect, type Page, test } from "@playwright/test";
import { HANDS, press, rest } from "./support/hands";
import { addLesson, lessonWith, lineView, place, question } from "./support/lessons";

test.use({ hasTouch: true });

const button = (page: Page, name: string) => page.getByRole("button", { name, exact: true });
const forYou = (page: Page) => page.getByRole("complementary", { name: "Only for you" });
const words = (page: Page) => page.getByRole("main", { name: "Class screen" });

/** A lesson in the teacher's window, and what the class sees in another. */
async function twoWindows(page: Page, context: BrowserContext, id: string) {
  await page.goto(`/lesson/${id}`);
  await expect(place(page, "24")).toBeVisible();
  await button(page, "More").click();
  const [screen] = await Promise.all([
    context.waitForEvent("page"),
    page.getByRole("menuitem", { name: "Class screen" }).click(),
  ]);
  await expect(forYou(page)).toBeVisible();
  return screen;
}

for (const hand of HANDS) {
  test(`the class screen follows the stair, is held and blanked, by ${hand}`, async ({
    page,
    context,
    request,
  }) => {
    const id = await addLesson(request, { title: `Two windows with ${hand}` });
    const screen = await twoWindows(page, context, id);
    await page.getByRole("button", { name: "3 Which post comes next" }).click();
    await press(hand, button(page, "Climb"));
    await expect(words(screen)).toContainText("The lamps go on past post 48. Which post has the next one?");
    await expect(words(screen).locator("[data-part=answer]")).toHaveCount(0);
    // The teacher alone sees the answer, what is covered, and what comes next.
    await expect(forYou(page).getByRole("region", { name: "Answer" })).toContainText("54");
    await expect(forYou(page).getByRole("region", { name: "Under covers" })).toContainText("54 and 60");
    await expect(forYou(page).getByRole("region", { name: "What comes next" })).toContainText("After 54");
    await press(hand, button(page, "Show answer"));
    await expect(words(screen).locator("[data-part=answer]")).toHaveText("54");

    await press(hand, button(page, "Hold it"));
    await press(hand, button(page, "Climb"));
    await expect(question(page).getByText("It was 54. And the one after that?")).toBeVisible();
    await expect(page.getByText("Only you see this: the class screen is held")).toBeVisible();
    await expect(forYou(page)).toContainText("Class screen is held");
    await expect(words(screen)).toContainText("Which post has the next one?");
    await press(hand, button(page, "Let it follow"));
    await expect(words(screen)).toContainText("It was 54. And the one after that?");

    await press(hand, button(page, "Blank it"));
    await expect(words(screen)).toHaveAttribute("data-shows", "nothing");
    await expect(words(screen)).toHaveText("");
    await expect(forYou(page)).toContainText("Class screen is blank");
    await press(hand, button(page, "Show it again"));
    await expect(forYou(page)).toContainText("Class screen follows");
    await expect(words(screen)).toContainText("It was 54.");
    await press(hand, button(page, "Begin again"));
    await expect(words(screen)).not.toContainText("It was 54.");
    await expect(page.getByText("Board 3, at its start")).toBeVisible();
  });
}

test("a class screen that is reloaded or opened late catches up; one that is closed is missed by nobody", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "Catching up" });
  const screen = await twoWindows(page, context, id);
  await place(page, "33").click();
  await expect(screen.locator("[data-shows]")).toBeVisible();
  const picture = async () => (await words(screen).innerHTML()).replaceAll(/ id="[^"]*"/g, "");
  await expect.poll(async () => (await picture()).length).toBeGreaterThan(1_000);
  const before = await picture();
  await screen.reload();
  await expect.poll(picture).toBe(before);
  await screen.close();
  await expect(forYou(page)).toHaveCount(0);
  // The teacher's window is loaded anew while a class screen stands.
  const again = await twoWindows(page, context, id);
  await page.reload();
  await expect(forYou(page)).toBeVisible();
  await page.getByRole("button", { name: "2 Every sixth post" }).click();
  await button(page, "Climb").click();
  await expect(words(again)).toContainText("Every sixth post has a lamp.");
});

test("a class screen that is held or blank stays so when the teacher's window is loaded anew", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "Looking ahead" });
  const screen = await twoWindows(page, context, id);
  const isBlank = () => expect(words(screen)).toHaveAttribute("data-shows", "nothing");
  const picture = async () => (await words(screen).innerHTML()).replaceAll(/ id="[^"]*"/g, "");
  await expect.poll(async () => (await picture()).length).toBeGreaterThan(1_000);
  const before = await picture();
  await button(page, "Hold it").click();
  await place(page, "33").click();
  await page.reload();
  await expect(button(page, "Let it follow")).toBeVisible();
  await place(page, "44").click();
  expect(await picture()).toBe(before);
  await button(page, "Let it follow").click();
  await expect.poll(picture).not.toBe(before);
  await button(page, "Blank it").click();
  await isBlank();
  await page.reload();
  await expect(button(page, "Show it again")).toBeVisible();
  await isBlank();
  await button(page, "Show it again").click();
  await expect(screen.locator("[data-shows]")).not.toHaveAttribute("data-shows", "nothing");
});

test("a slip, a peek, a menu, a message and preparing stand on the teacher's window only", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "A slip" });
  const screen = await twoWindows(page, context, id);
  await page.getByRole("button", { name: "2 Every sixth post" }).click();
  // 18 is missed in a count in sixes by hand.
  for (const number of ["6", "12", "24", "30"]) await place(page, number).click();
  await expect(page.getByRole("status", { name: "Only for you" })).not.toBeEmpty();
  await page.getByRole("status", { name: "Only for you" }).getByRole("button").click();
  await expect(page.getByText(/18/).last()).toBeVisible();
  const before = await words(screen).textContent();
  await page.keyboard.press("Escape");
  await button(page, "More").click();
  await expect(page.getByRole("menu")).toBeVisible();
  expect(await words(screen).textContent()).toBe(before);
  await page.keyboard.press("Escape");
  await button(page, "Prepare").click();
  await page.getByRole("textbox", { name: "In each row" }).fill("7");
  await expect(page.getByRole("row").nth(1).getByRole("gridcell")).toHaveCount(7);
  await expect(forYou(page)).toHaveCount(0);
  expect(await words(screen).textContent()).toBe(before);
  // No button, no field and no link on the class's display.
  await expect(screen.getByRole("button")).toHaveCount(0);
  await expect(screen.getByRole("link")).toHaveCount(0);
  await expect(screen.getByRole("textbox")).toHaveCount(0);
});

test("a long press under a cover shows its number where the class has a screen of its own, and not there", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "Peeked at" });
  const screen = await twoWindows(page, context, id);
  await button(page, "Cover").click();
  await page.locator("[data-cell='62']").click();
  await expect(words(screen).locator("svg text", { hasText: /^63$/ })).toHaveCount(0);
  const before = await words(screen).textContent();
  await rest("mouse", page, page.locator("[data-cell='62']"), () =>
    expect(page.locator("[data-part=peek]")).toHaveText("63"),
  );
  expect(await words(screen).textContent()).toBe(before);
  // With the one display again, it is what everybody sees.
  await screen.close();
  await expect(forYou(page)).toHaveCount(0, { timeout: 15_000 });
  await expect(place(page, "covered")).toHaveCount(1);
  await rest("mouse", page, page.locator("[data-cell='62']"), async () => {
    await page.waitForTimeout(900);
    await expect(page.locator("[data-part=peek]")).toHaveCount(0);
  });
});

test("a note of a step is for the teacher alone", async ({ page, context, request }) => {
  const id = await addLesson(request, { title: "With a note" });
  await page.goto(`/lesson/${id}?prepare`);
  await button(page, "More for step 1, Posts in rows").click();
  await page.getByRole("menuitem", { name: "Change the words" }).click();
  await page.getByRole("textbox", { name: "Your note" }).fill("If they say 9: count the row together.");
  await button(page, "Change the words").click();
  await button(page, "Teach").click();
  const screen = await twoWindows(page, context, id);
  await button(page, "Climb").click();
  await expect(forYou(page)).toContainText("If they say 9: count the row together.");
  await expect(words(screen)).toContainText("How many are in each row?");
  await expect(words(screen)).not.toContainText("If they say 9");
});

test("a jump is drawn from its start to its landing on both windows, unless motion is not wished for", async ({
  page,
  context,
  request,
}) => {
  const id = await lessonWith(request, [lineView()]);
  await page.goto(`/lesson/${id}`);
  await expect(button(page, "One jump on")).toBeVisible();
  await button(page, "More").click();
  const [screen] = await Promise.all([
    context.waitForEvent("page"),
    page.getByRole("menuitem", { name: "Class screen" }).click(),
  ]);
  await expect(forYou(page)).toBeVisible();
  const motions = (window: Page) =>
    window
      .locator(".live [data-jump]")
      .evaluateAll((jumps) => jumps.map((jump) => getComputedStyle(jump.lastElementChild!).animationName));
  const jumps = page.locator(".live [data-jump]");
  // The first press goes to where the count starts.
  for (const made of [0, 1, 2]) {
    await button(page, "One jump on").click();
    for (const window of [page, screen]) {
      await expect.poll(() => motions(window)).toEqual(Array.from({ length: made }, () => "jump-made"));
    }
  }
  // Taken back, the one before stands there as it did: it is not made again.
  await jumps.first().evaluate((jump) => jump.setAttribute("data-was", "there"));
  await button(page, "Take back").click();
  await expect(jumps).toHaveCount(1);
  await expect(jumps).toHaveAttribute("data-was", "there");
  await page.emulateMedia({ reducedMotion: "reduce" });
  await expect.poll(() => motions(page)).toEqual(["none"]);
});

for (const hand of ["mouse", "touch"] as const) {
  test(`what the teacher points at with ${hand} has a ring on the class screen, and nothing is marked`, async ({
    page,
    context,
    request,
  }) => {
    const id = await addLesson(request, { title: `Pointed at with ${hand}` });
    const screen = await twoWindows(page, context, id);
    await screen.setViewportSize({ width: 1920, height: 1080 });
    const ring = screen.locator("[data-shows] path[fill='var(--color-coral-dot)']");
    await expect(ring).toHaveCount(0);
    await press(hand, button(page, "Point on the class screen"));
    const at = (await place(page, "67").boundingBox())!;
    const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
    if (hand === "mouse") await page.mouse.move(x, y, { steps: 3 });
    else await page.touchscreen.tap(x, y);
    await expect(ring).toHaveCount(1);
    // Round the same number, though that window is larger; it may be drawn anew meanwhile.
    await expect(async () => {
      const [seen, number] = [
        await ring.boundingBox(),
        await screen.locator("svg text", { hasText: /^67$/ }).boundingBox(),
      ];
      const [x, y] = [seen!.x + seen!.width / 2, seen!.y + seen!.height / 2];
      const off = Math.hypot(x - number!.x - number!.width / 2, y - number!.y - number!.height / 2);
      expect(off).toBeLessThan(number!.height);
    }).toPass({ timeout: 10_000 });
    await expect(place(page, "67")).toBeVisible();
    // A mouse that goes away, and a finger that has gone, point no more.
    if (hand === "mouse") await page.mouse.move(640, 780);
    await expect(ring).toHaveCount(0);
    await press(hand, button(page, "Stop pointing"));
    await press(hand, place(page, "67"));
    await expect(place(page, /^67, sun mark/)).toBeVisible();
  });
}
