import { expect, type Page, test } from "@playwright/test";
import { addLesson, demoLesson, LAMPS, ownWord, place, saved } from "./support/lessons";

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const cards = (page: Page) => page.getByRole("list", { name: "Boards in order" }).getByRole("listitem");

async function allBoards(page: Page, id: string) {
  await page.goto(`/lesson/${id}?prepare`);
  await expect(place(page, "24")).toBeVisible();
  await button(page, "More").click();
  await page.getByRole("menuitem", { name: "All boards" }).click();
  await expect(cards(page).first()).toBeVisible();
}

test("boards are put in order by drag and by keys, duplicated, removed and put back", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { title: "Boards in order" });
  await allBoards(page, id);
  await expect(cards(page)).toHaveCount(3);
  await expect(cards(page).nth(1).locator("svg text").first()).toBeVisible();
  const grip = (await button(page, "Move board 1, How the chart is built").boundingBox())!;
  const [first, last] = [
    (await cards(page).nth(0).boundingBox())!,
    (await cards(page).nth(2).boundingBox())!,
  ];
  const [x, y] = [grip.x + 10, grip.y + 10];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 20, y, { steps: 4 });
  await page.mouse.move(x + last.x - first.x, y + last.y - first.y, { steps: 12 });
  await page.mouse.up();
  await expect(cards(page).nth(2)).toContainText("How the chart is built");
  // What was on show stays on show.
  await expect(cards(page).nth(2).locator("[aria-current=page]")).toHaveCount(1);
  await button(page, "Move board 3, How the chart is built").focus();
  await page.keyboard.press("Space");
  await page.waitForTimeout(200);
  await page.keyboard.press("ArrowLeft");
  await page.waitForTimeout(300);
  await page.keyboard.press("Space");
  await expect(cards(page).nth(1)).toContainText("How the chart is built");

  await button(page, "More for board 1, Every sixth post").click();
  await page.getByRole("menuitem", { name: "Duplicate" }).click();
  await expect(cards(page)).toHaveCount(4);
  await button(page, /^More for board \d, How the chart is built/).click();
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await expect(cards(page)).toHaveCount(3);
  await button(page, "Close").click();
  await saved(page);
  await page.reload();
  await button(page, "More").click();
  await page.getByRole("menuitem", { name: "All boards" }).click();
  await button(page, "Removed boards").click();
  await button(page, "Put back How the chart is built").click();
  await expect(cards(page)).toHaveCount(4);
});

test("a board is copied to another lesson, which keeps its own", async ({ page, request }, info) => {
  const goes = ownWord("Where it goes", info);
  await addLesson(request, { title: goes });
  const id = await addLesson(request, { title: "Where it comes from" });
  await allBoards(page, id);
  await button(page, "More for board 3, Which post comes next").click();
  await page.getByRole("menuitem", { name: "Copy to another lesson" }).click();
  await page.getByRole("textbox", { name: "Find a lesson" }).fill(goes.toLowerCase());
  await expect(page.getByRole("list", { name: "Lessons" }).getByRole("listitem")).toHaveCount(1);
  await button(page, new RegExp(`^${goes}`)).click();
  await expect(page.getByText(`“Which post comes next” copied to “${goes}”.`)).toBeVisible();
  await page.goto("/");
  const there = page.getByRole("listitem").filter({ hasText: goes }).first();
  await expect(there).toContainText("4 boards");
  await there.getByRole("link").click();
  await expect(button(page, "4 Which post comes next")).toBeVisible();
});

test("a full lesson takes no board, and no lesson takes what is none", async ({ request }) => {
  const lesson = demoLesson(LAMPS);
  const boards = Array.from({ length: 40 }, (_, i) => ({ ...lesson.boards[0], id: `b${i}` }));
  const added = await request.post("/api/lessons", {
    data: { lesson: { ...lesson, title: "Full", boards } },
  });
  const { id } = await added.json();
  const put = (data: object, to = id) => request.post(`/api/lessons/${to}/boards`, { data });
  const full = await put({ board: lesson.boards[0] });
  expect([full.status(), (await full.json()).message]).toEqual([
    400,
    "That lesson has 40 boards, and room for no more.",
  ]);
  expect((await put({ board: { title: "x" } })).status()).toBe(400);
  expect((await put({ board: lesson.boards[0] }, "no-such-lesson")).status()).toBe(404);
});

test("a window that got wider has the same buttons to other boards as when it got narrower", async ({
  page,
  request,
}) => {
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.goto(`/lesson/${await addLesson(request, { name: "16-jars-past-the-hundred" })}`);
  await expect(page.getByRole("button", { name: "Climb" })).toBeVisible();
  const buttons = page.getByRole("button", { name: /^(Earlier|Later) boards$/ });
  const sizeTo = (width: number) => page.setViewportSize({ width, height: 800 });
  await sizeTo(1500);
  await expect(buttons).toHaveCount(0);
  // So narrow that the row just holds its boards: the buttons themselves would take the room of one.
  const spare = await page
    .getByRole("navigation", { name: "Boards" })
    .evaluate((row) => row.clientWidth - row.querySelector("ul")!.offsetWidth);
  expect(spare).toBeGreaterThan(20);
  const justEnough = 1500 - Math.floor(spare) + 10;
  await sizeTo(justEnough);
  await expect(buttons).toHaveCount(0);
  await sizeTo(900);
  await expect(buttons).not.toHaveCount(0);
  await sizeTo(justEnough);
  await expect(buttons).toHaveCount(0);
});

test("however long a title or a question is, the boards stay in reach and no word leaves its place", async ({
  page,
  request,
}) => {
  const lamps = demoLesson(LAMPS);
  const word = (letters: number) => "Gannetpoint".repeat(40).slice(0, letters);
  const [first, ...others] = lamps.boards[1].stair;
  const stair = [{ ...first, title: word(120), question: word(300), answer: word(80) }, ...others];
  const answer = await request.post("/api/lessons", {
    data: {
      lesson: {
        ...lamps,
        title: word(120),
        forClass: word(60),
        boards: [{ ...lamps.boards[1], stair }, lamps.boards[0]],
      },
    },
  });
  const { id } = await answer.json();
  for (const part of ["", "?prepare"]) {
    await page.goto(`/lesson/${id}${part}`);
    await expect(place(page, "24")).toBeVisible();
    await page.keyboard.press("PageDown");
    await expect(button(page, "Show answer")).toBeInViewport({ ratio: 1 });
    await button(page, "Show answer").click();
    const boards = page.getByRole("navigation", { name: "Boards" });
    await expect(boards.getByRole("button", { name: "2 How the chart is built" })).toBeInViewport({
      ratio: 1,
    });
    const outside = await page.evaluate(() => {
      const inside = document.querySelectorAll("[aria-label=Question] p, [aria-label=Steps] button span");
      return [...inside].filter((part) => part.scrollWidth > part.clientWidth + 1 && part.clientWidth > 0)
        .length;
    });
    expect(outside).toBe(0);
  }
});

test("a long answer moves nothing on the board when it is shown", async ({ page, request }) => {
  await page.goto(
    `/lesson/${await addLesson(request, { name: "8-arrows-on-the-jetty", title: "Long answers" })}`,
  );
  await expect(place(page, "24")).toBeVisible();
  for (let step = 1; step <= 5; step += 1) await page.keyboard.press("PageDown");
  await expect(page.getByText("Down made the number larger. Why?").first()).toBeVisible();
  const square = () => place(page, "1").boundingBox();
  const before = await square();
  await button(page, "Show answer").click();
  await expect(page.locator("[data-part=answer]")).toHaveText("On this chart each row down is 10 more");
  expect(await square()).toEqual(before);
});
