import { expect, type Page, test } from "@playwright/test";
import { HANDS, press } from "./support/hands";
import { addLesson, demoLesson, lessonWith, openBoard, place } from "./support/lessons";
import { chart } from "./support/patterns";
import { clear } from "./support/rail";

const view = (page: Page) => page.getByRole("region", { name: "Equal groups" });
const button = (page: Page, name: string | RegExp) => view(page).getByRole("button", { name, exact: true });
const counters = (page: Page) => page.getByRole("gridcell", { name: /^counter/ });
const part = (page: Page, name: string) => view(page).locator(`[data-part="${name}"]`);

test.use({ hasTouch: true });

for (const hand of HANDS) {
  test(`by ${hand}: groups are laid on a strip one by one, and it is carried on from the landing`, async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request, { name: "17-crates-and-jars" })}`);
    await expect(button(page, "Crate 1, out of sight, 6 in it")).toBeVisible();
    await press(hand, button(page, "Lay one"));
    await expect(counters(page)).toHaveCount(1);
    // The group that was begun is finished.
    await press(hand, button(page, "Lay a crate"));
    await expect(counters(page)).toHaveCount(6);
    await press(hand, button(page, "Lay a crate"));
    await expect(part(page, "so-far")).toHaveText("2 × 6 = 12");
    await expect(part(page, "landings")).toHaveText("6, 12");
    await expect(page.locator("[data-bracket='12']")).toBeVisible();
    // What lies under counters is not named.
    await expect(place(page, "12")).toHaveCount(0);
    await press(hand, button(page, "Take back a crate"));
    await expect(counters(page)).toHaveCount(6);
    // What the class thinks is written, and seen to be right or not when all of them lie.
    await press(hand, button(page, "Write the last"));
    for (const key of ["3", "0"]) await press(hand, page.getByRole("button", { name: key, exact: true }));
    await press(hand, page.getByRole("button", { name: "Write it" }));
    await expect(part(page, "wrote")).toHaveText("30");
    await press(hand, button(page, "Lay all"));
    await expect(counters(page)).toHaveCount(30);
    await expect(part(page, "in-all")).toHaveText("");
    await press(hand, part(page, "in-all"));
    await expect(part(page, "in-all")).toHaveText("30");
    await page.getByRole("button", { name: "Take back", exact: true }).click();
    await page.getByRole("button", { name: "Take back", exact: true }).click();
    await expect(counters(page)).toHaveCount(6);
  });
}

test("on a chart the sentence goes along, groups come and go, and their size can be covered", async ({
  page,
  request,
}) => {
  const groups = {
    kind: "groups",
    groups: 5,
    each: 4,
    counters: "shown",
    size: "shown",
    all: "covered",
    holder: "nest",
    holders: "nests",
    thing: "gull",
    things: "gulls",
  };
  const chart = {
    kind: "chart",
    first: "1",
    difference: "1",
    columns: 10,
    until: { by: "rows", rows: 5 },
    run: "across",
    climb: "down",
    reads: "one-way",
    covers: "solid",
  };
  const id = await lessonWith(request, [groups, chart, { kind: "sentence", form: "gathered" }], {
    layout: { run: "beside", share: 0.6 },
  });
  await page.goto(`/lesson/${id}`);
  await button(page, "Lay all").click();
  await expect(counters(page)).toHaveCount(20);
  await expect(page.locator("[data-part=number-sentence]")).toHaveText(/5.*4.*20/);
  await button(page, "One more nest").click();
  await button(page, "Lay a nest").click();
  await expect(counters(page)).toHaveCount(24);
  await button(page, "One nest fewer").click();
  await expect(counters(page)).toHaveCount(20);
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await part(page, "size").click();
  await expect(part(page, "so-far")).toHaveCount(0);
  await expect(part(page, "in-all")).toHaveText("");
  await clear(page, "Take away all counters");
  await expect(counters(page)).toHaveCount(0);
  // They are back in their groups.
  await expect(view(page).locator("[data-counter=laid]")).toHaveCount(0);
});

test("an array is made in one touch, and turned in another", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "17-crates-and-jars" })}`);
  await openBoard(page, /Rows of seats/);
  const sides = () =>
    view(page)
      .locator("[data-counter]")
      .evaluateAll((all) => {
        const at = all.map((one) => new DOMMatrix(getComputedStyle(one).transform));
        return [
          new Set(at.map(({ e }) => Math.round(e))).size,
          new Set(at.map(({ f }) => Math.round(f))).size,
        ];
      });
  await button(page, "As rows").click();
  await expect.poll(sides).toEqual([7, 4]);
  await button(page, "Turn it").click();
  await expect.poll(sides).toEqual([4, 7]);
});

test("in a narrow room what lies so far can be read, in three rows", async ({ page, request }) => {
  const ofGroups = demoLesson("17-crates-and-jars").boards[0].views.find(
    ({ kind }: { kind: string }) => kind === "groups",
  );
  const views = [chart, { ...ofGroups, groups: 10, each: 12, counters: "shown", all: "shown" }];
  const opening = [{ do: "groups", view: "groups", groups: 10, laid: 120 }];
  await page.goto(`/lesson/${await lessonWith(request, views, { opening })}`);
  await expect(part(page, "so-far")).toHaveText("10 × 12 = 120");
  const card = (await view(page).boundingBox())!;
  for (const name of ["so-far", "landings", "in-all"]) {
    const size = await part(page, name).evaluate((it) => Number.parseFloat(getComputedStyle(it).fontSize));
    expect(size).toBeGreaterThan(15);
    const { x, width } = (await part(page, name).boundingBox())!;
    expect(x).toBeGreaterThan(card.x);
    expect(x + width).toBeLessThan(card.x + card.width);
  }
});
