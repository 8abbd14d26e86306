import { expect, type Page, test } from "@playwright/test";
import { shut, turnTo } from "./support/hands";
import { addLesson, demoLesson, lessonWith, openBoard, panel, place } from "./support/lessons";

const setCount = async (page: Page, set: () => Promise<void>) => {
  await page.getByRole("button", { name: /^Count in/ }).click();
  await set();
  await shut(page);
};
const turn = async (page: Page, name: string) => {
  await turnTo(page, "How it goes");
  await page.getByRole("switch", { name }).click();
};

const button = (page: Page, name: string) => page.getByRole("button", { name, exact: true });

async function open(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);
}

test("a missed number is told to the teacher at once, and no longer once it is marked", async ({
  page,
  request,
}) => {
  await open(page, request);
  const watcher = page.getByRole("status", { name: "Only for you" });
  const more = watcher.getByRole("button");
  for (const number of ["6", "12", "24"]) await place(page, number).click();
  // The one screen is seen by the class too: a small sign, which says more when it is pressed.
  await expect(watcher).toHaveText("Something for you");
  await more.click();
  await expect(watcher).toHaveText("18 was missed");
  await place(page, "18").click();
  await expect(watcher).toHaveText("");
  await place(page, "29").click();
  await more.click();
  await expect(watcher).toHaveText("29 does not belong");
  await setCount(page, () => turn(page, "Tell me about numbers I miss"));
  await expect(watcher).toHaveText("");
});

test("the count waits before a new ten, and goes on when asked to; marks follow it", async ({
  page,
  request,
}) => {
  await open(page, request);
  await setCount(page, async () => {
    await page.getByLabel("Count in", { exact: true }).fill("3");
    await turnTo(page, "How it goes");
    await page.getByRole("radio", { name: "¼ s" }).click();
    await page.getByRole("button", { name: "A new ten" }).click();
    await turn(page, "Mark as you count");
  });
  await page.getByRole("button", { name: "Start the count" }).click();
  await expect(place(page, "9, sun mark, in focus")).toBeVisible();
  await expect(page.getByRole("button", { name: "Start the count" })).toBeVisible();
  await page.keyboard.press("g");
  await expect(place(page, "18, sun mark, in focus")).toBeVisible();
  await expect(page.getByRole("button", { name: "Start the count" })).toBeVisible();
  await page.getByRole("button", { name: "One jump back" }).click();
  await expect(place(page, "15, sun mark, in focus")).toBeVisible();
  await expect(place(page, "18")).toBeVisible();
});

test("a silent count hides where it is, and shows it when it stops", async ({ page, request }) => {
  await open(page, request);
  await setCount(page, async () => {
    await turnTo(page, "How it goes");
    await page.getByRole("radio", { name: "1 s", exact: true }).click();
    await turn(page, "Silent: hide the number");
  });
  await page.keyboard.press("g");
  // The panel tells neither where it is nor how far it has come.
  await expect(page.getByText("Count on in your head.")).toBeVisible();
  const here = place(page, "covered, in focus");
  await expect.poll(async () => Number(await here.getAttribute("data-cell"))).toBeGreaterThanOrEqual(17);
  await page.keyboard.press("g");
  await expect(place(page, "covered, in focus")).toHaveCount(0);
  await expect(page.getByRole("gridcell", { name: /^\d+, in focus$/ })).toHaveCount(1);
  await expect(panel(page, "numbers")).toContainText("6, 12, 18,");
});

test("the number is said in words, in the British and in the American form", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("tab", { name: "Count panel" }).click();
  await page.getByRole("radio", { name: "British" }).click();
  await page.getByRole("tab", { name: "Numbers", exact: true }).click();
  await page.getByLabel("Rows", { exact: true }).fill("12");
  await setCount(page, async () => {
    await page.getByLabel("Count in", { exact: true }).fill("12");
    await page.getByLabel("From", { exact: true }).fill("100");
  });
  await page.getByRole("button", { name: "Teach" }).click();
  for (const _ of [0, 1]) await page.keyboard.press(".");
  await expect(page.locator("[data-part=words]")).toHaveText("one hundred and twelve");
  await page.getByRole("button", { name: "Prepare", exact: true }).click();
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("tab", { name: "Count panel" }).click();
  await page.getByRole("radio", { name: "American" }).click();
  await page.getByRole("button", { name: "Teach" }).click();
  await expect(page.locator("[data-part=words]")).toHaveText("one hundred twelve");
});

test("the numbers are said aloud by the browser's own voice", async ({ page, request }) => {
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    window.speechSynthesis.speak = (utterance) => void said.push(`${utterance.lang}: ${utterance.text}`);
  });
  await open(page, request);
  await setCount(page, () => turn(page, "Say the numbers aloud"));
  await page.keyboard.press(".");
  const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said);
  await expect.poll(said).toEqual(["en-GB: six"]);
  await page.keyboard.press(".");
  await expect.poll(said).toEqual(["en-GB: six", "en-GB: twelve"]);
  await page.keyboard.press(",");
  expect(await said()).toHaveLength(2);
});

test("a count that the board has no beginning for begins there with one touch", async ({ page, request }) => {
  const [chart] = demoLesson("1-lamps-on-the-jetty").boards[0].views;
  const count = { ...demoLesson("1-lamps-on-the-jetty").boards[0].count, by: "7", from: "0" };
  await page.goto(`/lesson/${await lessonWith(request, [{ ...chart, first: "181" }], { count })}`);
  await button(page, "One jump on").click();
  await expect(page.getByText("This board does not have the first number of the count.")).toBeVisible();
  await button(page, "Start at 182").click();
  await expect(place(page, "182, in focus")).toBeVisible();
  await button(page, "One jump on").click();
  await expect(place(page, "189, in focus")).toBeVisible();
  // What one touch did, one touch takes back.
  await button(page, "Take back").click();
  await expect(place(page, "182, in focus")).toBeVisible();
  await button(page, "Take back").click();
  await expect(place(page, "182")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Count in 7s/ })).toContainText("from 0");
});

test("at the end of the chart one touch turns the count round", async ({ page, request }) => {
  const [chart] = demoLesson("1-lamps-on-the-jetty").boards[0].views;
  const count = { ...demoLesson("1-lamps-on-the-jetty").boards[0].count, by: "10", from: "70" };
  await page.goto(`/lesson/${await lessonWith(request, [chart], { count })}`);
  for (let i = 0; i < 5; i += 1) await button(page, "One jump on").click();
  await expect(page.getByText("The count is at its end on this board.")).toBeVisible();
  await button(page, "Count back").click();
  await expect(place(page, "90, in focus")).toBeVisible();
});
