import { expect, test } from "@playwright/test";
import { framesLater, shut, turnTo } from "./support/hands";
import { addLesson, climb, openBoard, ownWord, panel, place, question, saved } from "./support/lessons";
import { clear, pressOnRail } from "./support/rail";

test("the whole lesson with a mouse: found, counted, asked, climbed, changed, and found again", async ({
  page,
  request,
}, info) => {
  const title = `Lamps by ${ownWord("mouse", info)}`;
  await addLesson(request, { title });
  await page.goto("/");
  await page.getByRole("searchbox", { name: "Find a lesson" }).fill(title);
  await expect(page.getByRole("listitem")).toHaveCount(1);
  await page.getByRole("link", { name: title }).click();

  await test.step("counts in sixes by touching the numbers", async () => {
    await openBoard(page, /Every sixth post/);
    await expect(page.getByText("Counting in 6s from 0. What is the first number?")).toBeVisible();
    for (const number of ["6", "12", "18", "24"]) await place(page, number).click();
    await expect(panel(page, "sentence")).toHaveText("4 × 6 = 24");
    await expect(panel(page, "numbers")).toHaveText("6, 12, 18, 24, ?");
    await expect(panel(page, "ones")).toHaveText("6284");
    await expect(place(page, "24, sun mark, in focus")).toBeVisible();
  });

  await test.step("a wrong touch is taken back in one", async () => {
    await place(page, "25").click();
    await expect(place(page, "25, sun mark, in focus")).toBeVisible();
    await page.getByRole("button", { name: "Take back" }).click();
    await expect(place(page, "25")).toBeVisible();
    await page.keyboard.press("Shift+Z");
    await expect(place(page, "25, sun mark, in focus")).toBeVisible();
    await place(page, "25, sun mark, in focus").click();
    await expect(place(page, "25, in focus")).toBeVisible();
  });

  await test.step("counts again in another ink, and clears one ink", async () => {
    await page.getByRole("button", { name: "Coral ink" }).click();
    await place(page, "6, sun mark").click();
    await expect(place(page, "6, sun and coral marks, in focus")).toBeVisible();
    await clear(page, "Clear coral marks");
    // The count begins anew with its marks.
    await expect(place(page, "6, sun mark")).toBeVisible();
  });

  await test.step("covers numbers by a drag, asks, and lifts one", async () => {
    await page.getByRole("button", { name: "Cover", exact: true }).click();
    const [from, to] = [await place(page, "51").boundingBox(), await place(page, "57").boundingBox()];
    await page.mouse.move(from!.x + 20, from!.y + 20);
    await page.mouse.down();
    await page.mouse.move(to!.x + 20, to!.y + 20, { steps: 2 });
    await page.mouse.up();
    await expect(place(page, "covered")).toHaveCount(7);
    expect(await page.getByRole("grid").locator("text").allTextContents()).not.toContain("54");
    await page.getByRole("button", { name: "Lift", exact: true }).click();
    await page.locator("[data-cell='53']").click();
    await expect(place(page, "54")).toBeVisible();
    await expect(place(page, "covered")).toHaveCount(6);
  });

  await test.step("keeps it as a step, with a question and its answer", async () => {
    await pressOnRail(page, "Keep as a step");
    const dialog = page.getByRole("dialog", { name: "Keep as a step" });
    await dialog.getByRole("button", { name: "Keep the step" }).click();
    await expect(dialog.getByText("Give the step a title.")).toBeVisible();
    await dialog.getByLabel("Title").fill("Six are covered");
    await dialog.getByLabel("Question").fill("Which posts are covered?");
    await dialog.getByLabel("Answer").fill("51, 52, 53, 55, 56 and 57");
    await dialog.getByRole("button", { name: "Keep the step" }).click();
    await expect(page.getByRole("img", { name: "Step 1 of 8" })).toBeVisible();
    await expect(question(page).getByText("Which posts are covered?")).toBeVisible();
    await expect(page.getByText("51, 52, 53, 55, 56 and 57")).toHaveCount(0);
    await page.getByRole("button", { name: "Show answer" }).click();
    await expect(question(page).getByText("51, 52, 53, 55, 56 and 57")).toBeVisible();
    await saved(page);
  });

  await test.step("climbs a prepared stair, and comes back to the step as prepared", async () => {
    await openBoard(page, /Which post comes next/);
    await climb(page);
    await expect(question(page).getByText("Which post has the next one?")).toBeVisible();
    await expect(place(page, "covered")).toHaveCount(2);
    await page.getByRole("button", { name: "Sun ink", exact: true }).click();
    await place(page, "1").click();
    await page.getByRole("button", { name: "Step 1 of 5. Back to prepared" }).click();
    await expect(place(page, "1")).toBeVisible();
    await expect(place(page, "covered")).toHaveCount(2);
    await page.getByRole("button", { name: "Step down" }).click();
    await expect(place(page, "covered")).toHaveCount(0);
  });

  await test.step("changes the chart while preparing; marks stay on their numbers", async () => {
    await openBoard(page, /Every sixth post/);
    await page.getByRole("button", { name: "Prepare", exact: true }).click();
    await page.getByRole("textbox", { name: "In each row" }).fill("12");
    await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
    await expect(place(page, "24, sun mark")).toHaveAttribute("aria-colindex", "12");
    await page.getByRole("textbox", { name: "Rows" }).fill("none");
    await expect(page.getByText("Write a whole number from 1 to 1,200.")).toBeVisible();
    await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
    await page.getByRole("tab", { name: "Views", exact: true }).click();
    await page.getByRole("tab", { name: "Count panel" }).click();
    await page.getByRole("switch", { name: "Ones digits so far" }).click();
    await saved(page);
  });

  await test.step("all of it is there after a reload, and the shelf knows that it was taught", async () => {
    await page.reload();
    await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
    await expect(question(page).getByText("Which posts are covered?")).toBeVisible();
    await expect(panel(page, "ones")).toHaveCount(0);
    await page.getByRole("link", { name: "Lessons" }).click();
    await expect(page.getByRole("listitem").filter({ hasText: title })).toContainText("taught today");
    await page.getByRole("link", { name: title }).click();
    await openBoard(page, /Every sixth post/);
    await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
  });
});

test("the count walks by itself at its pace, pauses, and stops at the end of the chart", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);
  const setCount = async (by: string, from: string) => {
    await page.getByRole("button", { name: /^Count in/ }).click();
    await turnTo(page, "How it goes");
    await page.getByRole("radio", { name: "½ s" }).click();
    await turnTo(page, "Which numbers");
    await page.getByRole("textbox", { name: "Count in" }).fill(by);
    await page.getByRole("textbox", { name: "From" }).fill("0,5x");
    await expect(page.getByText("Write a number, such as 7, −3, 0.2 or 3/4.")).toBeVisible();
    await page.getByRole("textbox", { name: "From" }).fill(from);
    await shut(page);
    await expect(page.getByRole("button", { name: `Count in ${by}s from ${from}` })).toBeVisible();
  };
  const numbers = async () => (await panel(page, "numbers").textContent())!.match(/\d+/g)!;

  await setCount("1", "10");
  await page.getByRole("button", { name: "Start the count" }).click();
  await expect(panel(page, "numbers")).toHaveText(/^10, 11, 12/);
  await page.getByRole("button", { name: "Pause the count" }).click();
  // The panel follows the beat by a frame or two.
  await expect(page.getByRole("button", { name: "Start the count" })).toBeVisible();
  await framesLater(page);
  const paused = await numbers();
  await page.getByRole("button", { name: "One jump back" }).click();
  await expect.poll(numbers).toEqual(paused.slice(0, -1));
  await page.getByRole("button", { name: "One jump on" }).click();
  await expect.poll(numbers).toEqual(paused);
  await page.getByRole("button", { name: "Take back" }).click();
  await page.getByRole("button", { name: "Take back" }).click();
  await expect.poll(numbers).toEqual(paused);

  await setCount("20", "30");
  await page.getByRole("button", { name: "Start the count" }).click();
  await expect(page.getByText("The count is at its end on this board.")).toBeVisible();
  await expect(panel(page, "sentence")).toHaveText("30 + 20 + 20 + 20 = 90");
  await expect(page.getByRole("button", { name: "Start the count" })).toBeVisible();
});
