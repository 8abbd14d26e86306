import { expect, test } from "@playwright/test";
import { addLesson, ownWord } from "./support/lessons";

test("the demo lessons stand on the shelf with true pictures of their first boards", async ({ page }) => {
  await page.goto("/?find=jetty+lamps");
  // Other tests have added lessons of this title, with fewer boards.
  const lamps = page
    .getByRole("listitem")
    .filter({ has: page.getByRole("link", { name: "Lamps on the jetty", exact: true }) })
    .filter({ hasText: "3 boards · Heron class" });
  await expect(lamps.first()).toBeVisible();
  await page.goto("/?find=crates+quay");
  const crates = page.getByRole("listitem").filter({ hasText: "Crates on the quay" }).first();
  await crates.scrollIntoViewIfNeeded();
  await expect(crates.locator("svg text").first()).toHaveText("1");
  // The first step marks 9 and 18, each with its star and its ground; what comes after it is not told here.
  await expect(crates.locator("svg polygon")).toHaveCount(4);
});

test("a lesson is made, renamed, duplicated, removed and put back", async ({ page }, info) => {
  const [gulls, nests] = [ownWord("Gulls and nests", info), ownWord("Nests on the cliff", info)];
  await page.goto("/");
  await page.getByRole("button", { name: "New lesson" }).click();
  const dialog = page.getByRole("dialog", { name: "New lesson" });
  await dialog.getByRole("button", { name: "Make the lesson" }).click();
  await expect(dialog.getByText("Give the lesson a title.")).toBeVisible();
  await dialog.getByLabel("Title").fill(gulls);
  await dialog.getByLabel("Class").fill("Tern class");
  await dialog.getByText("0 to 99").click();
  await dialog.getByRole("button", { name: "Make the lesson" }).click();
  await expect(page.getByRole("grid", { name: "Chart from 0 to 99" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Teach" })).toBeVisible();

  await page.getByRole("link", { name: "Lessons" }).click();
  const card = (title: string) =>
    page.getByRole("listitem").filter({ has: page.getByRole("link", { name: title, exact: true }) });
  await expect(card(gulls)).toContainText(/1 board · Tern class.*not taught yet/i);
  await page.getByRole("button", { name: `More for ${gulls}` }).click();
  await page.getByRole("menuitem", { name: "Rename" }).click();
  await page.getByLabel("Title").fill(nests);
  await page.getByRole("button", { name: "Save" }).click();
  await expect(card(nests)).toBeVisible();

  await page.getByRole("button", { name: `More for ${nests}` }).click();
  await page.getByRole("menuitem", { name: "Duplicate" }).click();
  await expect(card(`${nests} copy`)).toBeVisible();

  await page.getByRole("button", { name: `More for ${nests}`, exact: true }).click();
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await expect(card(nests)).toHaveCount(0);
  await page.getByRole("button", { name: "Put back" }).click();
  await expect(card(nests)).toBeVisible();

  await page.getByRole("button", { name: `More for ${nests} copy` }).click();
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await expect(card(`${nests} copy`)).toHaveCount(0);
  await page.getByRole("link", { name: /^Removed \d/ }).click();
  await page.getByRole("button", { name: `Put back ${nests} copy` }).click();
  await page.getByRole("link", { name: "Lessons" }).click();
  await expect(card(`${nests} copy`)).toBeVisible();
});

test("a search that finds nothing says so, and shows all again", async ({ page, request }, info) => {
  const title = `Rope in ${ownWord("eighths", info)}`;
  await addLesson(request, { title });
  await page.goto("/");
  const find = page.getByRole("searchbox", { name: "Find a lesson" });
  await find.fill("TERN rope eighths");
  await expect(page.getByText(/No lesson has “TERN rope eighths”/)).toBeVisible();
  await find.fill(`heron ROPE ${title.slice("Rope in ".length)}`);
  await expect(page.getByRole("link", { name: title })).toBeVisible();
  // By number: what is counted in, and never a part of another number.
  await find.fill("friendly 4");
  await expect(page.getByText(/No lesson has “friendly 4”/)).toBeVisible();
  await find.fill("lamps jetty 6");
  await expect(page.getByRole("link", { name: "Lamps on the jetty", exact: true }).first()).toBeVisible();
  await find.fill("zzz");
  await page.getByRole("button", { name: "Show all lessons" }).click();
  await expect(page.getByRole("link", { name: title })).toBeVisible();
});

test("a lesson that is not there leads back to the shelf", async ({ page }) => {
  const answer = await page.goto("/lesson/none-of-these");
  expect(answer?.status()).toBe(404);
  await page.getByRole("link", { name: "Back to the lessons" }).click();
  await expect(page.getByRole("heading", { name: "Lessons" })).toBeVisible();
});

test("lessons get labels, and are found by them, in an order; what was looked for is there again on the way back", async ({
  page,
  request,
}, info) => {
  // Titles and labels that no other lessons share a word with.
  const [winch, capstan] = [ownWord("Winch", info), ownWord("capstan", info)];
  const titles = (...numbers: number[]) => numbers.map((number) => `${winch} ${number}`);
  for (const title of titles(10, 9, 11)) await addLesson(request, { title });
  await page.goto(`/?find=${winch}`);
  const found = page.getByRole("listitem").getByRole("heading");
  await expect(found).toHaveText(titles(11, 9, 10));
  await expect(page.getByRole("status").first()).toHaveText("3 lessons found");
  const order = page.getByRole("combobox", { name: "Order of the lessons" });
  await order.click();
  await page.getByRole("option", { name: "By title" }).click();
  await expect(found).toHaveText(titles(9, 10, 11));

  // By keys, the list not yet opened on this page; the keyboard is on its button again afterwards.
  await page.reload();
  await expect(found).toHaveText(titles(9, 10, 11));
  await order.focus();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByRole("option", { name: "By title" })).toBeFocused();
  await page.keyboard.press("ArrowUp");
  await expect(page.getByRole("option", { name: "Latest first" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(found).toHaveText(titles(11, 9, 10));
  await expect(order).toBeFocused();
  await order.click();
  await page.getByRole("option", { name: "By title" }).click();

  const label = async (title: string, type: () => Promise<void>) => {
    await page.getByRole("button", { name: `More for ${title}` }).click();
    await page.getByRole("menuitem", { name: "Rename or label" }).click();
    await type();
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByRole("dialog")).toHaveCount(0);
  };
  const labels = page.getByLabel("Labels", { exact: true });
  await label(`${winch} 9`, () => page.getByRole("textbox", { name: "Labels" }).fill(`${capstan}, slipway`));
  await label(`${winch} 11`, async () => {
    await page.getByRole("textbox", { name: "Labels" }).fill("a label that is longer than a label may be");
    await expect(async () => {
      await page.getByRole("button", { name: "Save" }).click();
      await expect(page.getByText("A label has at most 30 letters.")).toBeVisible();
    }).toPass();
    await page.getByRole("textbox", { name: "Labels" }).fill("");
    await page.getByRole("button", { name: capstan }).click();
  });
  await labels.getByRole("button", { name: `${capstan} 2` }).click();
  await expect(found).toHaveText(titles(9, 11));
  await page.getByRole("link", { name: `${winch} 11` }).click();
  await expect(page.getByRole("button", { name: "Prepare" })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("searchbox")).toHaveValue(winch);
  await expect(found).toHaveText(titles(9, 11));
  await labels.getByRole("button", { name: `${capstan} 2` }).click();
  await expect(found).toHaveText(titles(9, 10, 11));
});

test("a long shelf holds the cards near the window, and as you go down, those further on", async ({
  page,
  request,
}, info) => {
  const trawler = ownWord("Trawler", info);
  const titles = Array.from({ length: 70 }, (_, i) => `${trawler} ${i + 1}`);
  for (const title of titles) await addLesson(request, { title });
  await page.goto(`/?find=${trawler}&order=title`);
  await expect(page.getByRole("status").first()).toHaveText("70 lessons found");
  await expect(page.getByRole("link", { name: `${trawler} 1`, exact: true })).toBeInViewport();
  expect(await page.getByRole("listitem").count()).toBeLessThan(40);
  await page.keyboard.press("End");
  const last = page.getByRole("link", { name: `${trawler} 70`, exact: true });
  await expect(last).toBeInViewport();
  await expect(page.getByRole("listitem").filter({ has: last })).toHaveAttribute("aria-posinset", "70");
  await expect(page.getByRole("listitem").filter({ has: last }).locator("svg text").first()).toHaveText("1");
  // By touch or wheel, row by row: none is missing on the way.
  await page.evaluate(() => scrollTo(0, 0));
  const seen = new Set<string>();
  await expect(async () => {
    await page.mouse.wheel(0, 300);
    for (const title of await page.getByRole("listitem").getByRole("heading").allTextContents())
      seen.add(title);
    expect(seen.size).toBe(70);
  }).toPass({ intervals: [50] });
});
