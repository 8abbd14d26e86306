import { expect, type Page, test } from "@playwright/test";
import { addLesson, demoLesson, LAMPS, place } from "./support/lessons";

/** Opens a page whose code waits to be let go, as on a slow computer. */
async function openSlowly(page: Page, url: string): Promise<() => void> {
  let letGo = () => {};
  const held = new Promise<void>((done) => {
    letGo = done;
  });
  await page.route(/_next\/static\/.*\.js/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto(url, { waitUntil: "commit" });
  return letGo;
}

const drawn = (page: Page, number: number) =>
  page.locator(".at-rest text", { hasText: new RegExp(`^${number}$`) }).first();
const early = (page: Page) => page.locator("[data-early]");

/** A finger on the picture of a number, a little beside the middle. */
async function touch(page: Page, number: number) {
  await expect(drawn(page, number)).toBeVisible();
  const box = (await drawn(page, number).boundingBox())!;
  await page.touchscreen.tap(box.x + 2, box.y + box.height / 2);
}

test.use({ hasTouch: true });

// A page that is closed may still have scripts on their way.
test.afterEach(({ page }) => page.unrouteAll({ behavior: "ignoreErrors" }));

test("a touch on a chart that is not alive yet is answered at once, and done on the board", async ({
  page,
  request,
}) => {
  const letGo = await openSlowly(page, `/lesson/${await addLesson(request, { name: LAMPS })}`);
  for (const number of [6, 12, 13]) await touch(page, number);
  await expect(early(page)).toHaveCount(3);
  // The second touch takes the mark away again.
  await touch(page, 13);
  await expect(early(page)).toHaveCount(2);
  // What is drawn stands where the board's own mark will.
  const before = (await page.locator("[data-early='12']").boundingBox())!;
  letGo();
  for (const number of [6, 12]) await expect(place(page, `${number}, sun mark`)).toBeVisible();
  await expect(place(page, /^13(, in focus)?$/)).toBeVisible();
  await expect(early(page)).toHaveCount(0);
  const after = (await page.locator("[data-cell='11'] polygon").boundingBox())!;
  for (const side of ["x", "y", "width", "height"] as const)
    expect(Math.abs(after[side] - before[side])).toBeLessThan(1.5);
  // Each touch was an act of its own.
  const back = page.getByRole("button", { name: "Take back" });
  for (const _ of [13, 13, 12]) await back.tap();
  await expect(place(page, "12")).toBeVisible();
  await expect(place(page, /^6, sun mark/)).toBeVisible();
});

test("on a times grid a number is marked wherever it stands, on one of two charts on that one alone", async ({
  page,
  request,
}) => {
  const letGo = await openSlowly(
    page,
    `/lesson/${await addLesson(request, { name: "9-crates-in-the-hold" })}`,
  );
  await touch(page, 24);
  const marked = await early(page).count();
  expect(marked).toBeGreaterThan(1);
  letGo();
  await expect(page.getByRole("gridcell", { name: /24.*sun mark/ })).toHaveCount(marked);

  const lesson = demoLesson("14-twos-beside-fours");
  const views = lesson.boards[0].views.map((view: object) => ({ ...view, own: true }));
  const answer = await request.post("/api/lessons", {
    data: { lesson: { ...lesson, boards: [{ ...lesson.boards[0], views, stair: [] }] } },
    maxRetries: 2,
  });
  const open = await openSlowly(page, `/lesson/${(await answer.json()).id}`);
  await touch(page, 5);
  await expect(early(page)).toHaveCount(1);
  open();
  await expect(place(page, "5, sun mark, in focus")).toHaveCount(1);
  await expect(place(page, "5")).toHaveCount(1);
});

test("a touch on a covered number gives nothing away", async ({ page, request }) => {
  const lesson = demoLesson(LAMPS);
  const [board] = lesson.boards;
  const answer = await request.post("/api/lessons", {
    data: {
      lesson: {
        ...lesson,
        boards: [{ ...board, opening: [{ do: "cover", numbers: ["55"] }], stair: [] }],
      },
    },
    maxRetries: 2,
  });
  expect(answer.status()).toBe(201);
  const letGo = await openSlowly(page, `/lesson/${(await answer.json()).id}`);
  const [left, right] = [await drawn(page, 54).boundingBox(), await drawn(page, 56).boundingBox()];
  await expect(drawn(page, 55)).toHaveCount(0);
  await page.touchscreen.tap((left!.x + right!.x + right!.width) / 2, left!.y + left!.height / 2);
  await expect(early(page)).toHaveCount(0);
  letGo();
  await expect(place(page, /^covered/)).toBeVisible();
  // It was taken by the hand as it is, which marks what is covered too.
  await page.getByRole("button", { name: "Lift", exact: true }).tap();
  await place(page, /^covered/).tap();
  await expect(place(page, /^55, sun mark/)).toBeVisible();
});

test("a clicker is answered on a board that is not alive yet, in turn with touches; a key held down climbs once", async ({
  page,
  request,
}) => {
  const letGo = await openSlowly(page, `/lesson/${await addLesson(request, { name: LAMPS })}`);
  await touch(page, 6);
  await page.keyboard.down("PageDown");
  await page.keyboard.down("PageDown");
  await page.keyboard.up("PageDown");
  await page.keyboard.press("PageDown");
  await page.keyboard.press("PageUp");
  letGo();
  const stair = page.getByRole("button", { name: /^Step 1 of/ });
  await expect(stair).toBeVisible();
  // The touch was on the board as it opens: a step down finds it there.
  await page.keyboard.press("PageUp");
  await expect(place(page, /^6, sun mark/)).toBeVisible();
});

test("what is typed and pressed on a shelf that is not alive yet is done on it: the last press alone", async ({
  page,
}) => {
  const letGo = await openSlowly(page, "/");
  await page.getByRole("searchbox", { name: "Find a lesson" }).fill("ferry");
  await page
    .getByRole("button", { name: /^More for / })
    .first()
    .tap();
  await page.getByRole("button", { name: "New lesson" }).tap();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  letGo();
  const dialog = page.getByRole("dialog", { name: "New lesson" });
  await expect(dialog).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("menu")).toHaveCount(0);
  await expect(page.getByRole("searchbox", { name: "Find a lesson" })).toHaveValue("ferry");
  await expect(page.getByRole("heading", { name: "Seats on the ferry" }).first()).toBeVisible();
  await expect(page.getByRole("heading", { name: "Lamps on the jetty" })).toHaveCount(0);
  // Done once: what is pressed now is pressed by hand.
  await page.getByRole("button", { name: "New lesson" }).tap();
  await expect(dialog).toHaveCount(1);
});
