import { expect, type Page, test } from "@playwright/test";
import { KINDS } from "@/core/views/kinds";
import { addView, HANDS, middleOf, press, turnTo } from "./support/hands";
import { addLesson, lessonWith, saved } from "./support/lessons";

test.use({ hasTouch: true });

const problem = (page: Page, number: number) => page.getByRole("article", { name: `Problem ${number}` });

async function open(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("combobox", { name: "View 1" }).click();
  await page.getByRole("option", { name: "Several problems" }).click();
  await expect(problem(page, 1)).toBeVisible();
  return id;
}

for (const hand of HANDS) {
  test(`answers are filled in and told kindly, by ${hand}`, async ({ page, request }) => {
    await open(page, request);
    await press(hand, page.getByRole("button", { name: "Teach" }));
    await press(hand, problem(page, 1).getByRole("button", { name: "Blank" }));
    await page.keyboard.type("6");
    await page.keyboard.press("Enter");
    await expect(page.getByText("6 does not belong here. How could we find out what does?")).toBeVisible();
    await expect(problem(page, 1).getByRole("button", { name: "Blank" })).toBeVisible();
    await press(hand, problem(page, 1).getByRole("button", { name: "Blank" }));
    await press(hand, page.getByRole("dialog").getByRole("button", { name: "5", exact: true }));
    await press(hand, page.getByRole("button", { name: "Write it" }));
    await expect(problem(page, 1).getByRole("button", { name: "5, by hand", exact: true })).toBeVisible();
    await press(hand, page.getByRole("button", { name: "Take back" }));
    await expect(problem(page, 1).getByRole("button", { name: "Blank" })).toBeVisible();
  });
}

test("jumps are drawn on the line of a problem, by touch, and taken away", async ({ page, request }) => {
  await open(page, request);
  await page.getByRole("button", { name: "Teach" }).click();
  const line = problem(page, 1).getByRole("img", { name: /^Line of problem 1/ });
  await expect(line).toHaveAccessibleName("Line of problem 1: starts at 8");
  // The line stands still once the drawer has gone.
  await middleOf(line);
  const box = (await line.boundingBox())!;
  const at = (number: number) => {
    // A short line runs from 26 pixels to as many before its end.
    const pad = 26;
    return { x: box.x + pad + ((box.width - 2 * pad) * number) / 10, y: box.y + box.height * 0.5 };
  };
  const five = at(5);
  await page.touchscreen.tap(five.x, five.y);
  await expect(line).toHaveAccessibleName("Line of problem 1: jumped −3 to 5");
  await page.getByRole("button", { name: "Start problem 1 again" }).tap();
  await expect(line).toHaveAccessibleName("Line of problem 1: starts at 8");
});

test("jumps are drawn on the line of a problem by keys", async ({ page, request }) => {
  await open(page, request);
  await page.getByRole("button", { name: "Teach" }).click();
  const line = problem(page, 1).getByRole("img", { name: /^Line of problem 1/ });
  await line.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("Enter");
  await expect(line).toHaveAccessibleName("Line of problem 1: jumped −3 to 5");
});

test("problems are written, up to eight, and checked at the end", async ({ page, request }) => {
  const id = await open(page, request);
  await page.getByRole("textbox", { name: "Problem 1" }).fill("8 + 3 = 11");
  await expect(page.getByText(/Write a number sentence with one blank/)).toBeVisible();
  await page.getByRole("textbox", { name: "Problem 1" }).fill("27 + ? = 70");
  for (let i = 0; i < 4; i += 1) await page.getByRole("button", { name: "One more problem" }).click();
  await expect(page.getByRole("article")).toHaveCount(8);
  await expect(page.getByRole("button", { name: "One more problem" })).toHaveCount(0);
  await page.getByRole("radio", { name: "At the end" }).click();
  await page.getByRole("button", { name: "Teach" }).click();
  for (const [number, says] of [
    [1, "43"],
    [2, "12"],
  ] as const) {
    await problem(page, number).getByRole("button", { name: "Blank" }).click();
    await page.keyboard.type(says);
    await page.keyboard.press("Enter");
    await expect(
      problem(page, number).getByRole("button", { name: `${says}, by hand`, exact: true }),
    ).toBeVisible();
  }
  await page.getByRole("button", { name: "Check the answers" }).click();
  await expect(page.getByText("1 of 8 are right.")).toBeVisible();
  await expect(
    problem(page, 2).getByRole("button", { name: "12, by hand, does not belong here" }),
  ).toBeVisible();
  await saved(page);
  await page.goto(`/lesson/${id}`);
  await expect(page.getByRole("article")).toHaveCount(8);
});

test("a problem is removed from among the others: steps go on with theirs, and what they do on it is pointed out", async ({
  page,
  request,
}) => {
  const problems = { ...KINDS.problems.starts, items: ["8 − 3 = ?", "6 + 7 = ?", "9 + ? = 15"] };
  const answer = (at: number, says: string) => [{ do: "answer", view: "problems", problem: at, says }];
  const step = { id: "a", title: "Written", question: "", answer: "" };
  const id = await lessonWith(request, [problems], {
    stair: [{ ...step, beats: [answer(0, "5"), answer(2, "6")] }],
  });
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("button", { name: "Climb" }).tap();
  await expect(problem(page, 3).getByRole("button", { name: "6, by hand", exact: true })).toBeVisible();
  await turnTo(page, "Views");
  await page.getByRole("button", { name: "Remove problem 2" }).tap();
  await expect(page.getByRole("article")).toHaveCount(2);
  await expect(problem(page, 2).getByRole("button", { name: "6, by hand", exact: true })).toBeVisible();
  await expect(page.getByText("The problem that this is about is no longer on the board.")).toHaveCount(0);
  await page.getByRole("button", { name: "Remove problem 1" }).tap();
  await expect(problem(page, 1).getByRole("button", { name: "6, by hand", exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Workshop" }).tap();
  await expect(page.getByText("The problem that this is about is no longer on the board.")).toBeVisible();
});

test("in a third of a board every problem can be read and answered, fractions as fractions", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { name: "11-rope-in-quarters" });
  await page.goto(`/lesson/${id}?prepare`);
  await addView(page, "Several problems");
  await page.getByRole("textbox", { name: "Problem 1" }).fill("1 ¼ − ? = ½");
  await page.getByRole("textbox", { name: "Problem 1" }).press("Tab");
  // Read out in one line, and drawn with the numbers of each fraction one above the other.
  await expect(problem(page, 1).locator("p .sr-only")).toHaveText(["1 1/4", "1/2"]);
  await expect(problem(page, 1).locator("p svg text")).toHaveText(["1", "1", "4", "1", "2"]);
  for (const number of [1, 2, 3, 4]) {
    const [card, blank] = [
      await problem(page, number).boundingBox(),
      await problem(page, number).getByRole("button", { name: "Blank" }).boundingBox(),
    ];
    expect(blank!.x + blank!.width, `problem ${number}`).toBeLessThanOrEqual(card!.x + card!.width);
  }
  await problem(page, 1).getByRole("button", { name: "Blank" }).click();
  await page.keyboard.type("3/4");
  await page.keyboard.press("Enter");
  await expect(problem(page, 1).getByRole("button", { name: "3/4, by hand" })).toBeVisible();
});

test("a board in quarters names them as quarters wherever it speaks of them", async ({ page, request }) => {
  const id = await addLesson(request, { name: "11-rope-in-quarters" });
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("button", { name: "Jump", exact: true }).click();
  await turnTo(page, "Sentence");
  const sentence = page.getByRole("textbox", { name: "Number sentence" });
  await sentence.fill("1/4 + 1 ½");
  await page.getByRole("button", { name: "Draw it" }).click();
  await turnTo(page, "One jump");
  await expect(page.getByRole("heading", { name: "Jump 1 of 1: +1 1/2" })).toBeVisible();
  await turnTo(page, "To a number");
  await expect(page.getByRole("textbox", { name: "From", exact: true })).toHaveValue("1 3/4");
  await turnTo(page, "Sentence");
  await sentence.fill("3 + 9 1/4");
  await page.getByRole("button", { name: "Draw it" }).click();
  await expect(page.getByText("The line does not reach 12 1/4.", { exact: false })).toBeVisible();
});
