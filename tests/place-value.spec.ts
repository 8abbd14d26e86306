import { expect, type Page, test } from "@playwright/test";
import { HANDS, middleOf, press } from "./support/hands";
import { addLesson, climb, demoLesson, openBoard } from "./support/lessons";

const JARS = "16-jars-past-the-hundred";
const view = (page: Page) => page.getByRole("region", { name: "Place value" });
const part = (page: Page, name: string | RegExp) => view(page).getByRole("button", { name, exact: true });
const cards = (page: Page) => view(page).locator("[data-digit]");

test.use({ hasTouch: true });

for (const hand of HANDS) {
  test(`by ${hand}: counting in tens with the ones digit covered is counting in ones`, async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request, { name: JARS })}`);
    await openBoard(page, /Past the hundred/);
    await climb(page);
    await expect(cards(page)).toHaveText(["2", "7", "7"]);
    await press(hand, page.getByRole("button", { name: "Cover", exact: true }));
    await press(hand, part(page, "ones digit 7"));
    await expect(part(page, "ones digit, covered")).toBeVisible();
    // Of 287, 297, 307 and 317 what is left is 28, 29, 30, 31.
    for (const [hundreds, tens] of ["28", "29", "30", "31"]) {
      await press(hand, page.getByRole("button", { name: "One jump on" }));
      await expect(cards(page)).toHaveText([hundreds!, tens!, ""]);
    }
    await press(hand, page.getByRole("button", { name: "Lift", exact: true }));
    await press(hand, part(page, "ones digit, covered"));
    await expect(cards(page)).toHaveText(["3", "1", "7"]);
    await page.getByRole("button", { name: "Take back" }).click();
    await expect(cards(page)).toHaveText(["3", "1", ""]);
  });
}

test("an exchange is told at its jump, both ways, and the pieces are counted aloud", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: JARS })}`);
  for (let step = 0; step < 4; step += 1) await climb(page);
  await expect(part(page, "Pieces: 5 tens, 0 ones")).toBeVisible();
  const told = view(page).getByText(/^10 ones = 1 ten$/);
  await expect(told).toBeVisible();
  await page.getByRole("button", { name: "One jump on" }).click();
  await expect(told).toHaveCount(0);
  await expect(part(page, "Pieces: 5 tens, 1 one")).toBeVisible();
  // Pieces, expanded form and words can be covered for themselves; a digit that is covered is told nowhere else.
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await part(page, /^Pieces/).click();
  await expect(part(page, "Pieces, covered")).toBeVisible();
  await expect(view(page).locator("[data-part=expanded]")).toHaveText("50 + 1");
  await part(page, "tens digit 5").click();
  await expect(view(page).locator("[data-part=expanded]")).toHaveText("");
});

test("what has no pieces is said, and what is covered stays so", async ({ page, request }) => {
  const lesson = demoLesson(JARS);
  const [, tens] = lesson.boards;
  const [pieces] = tens.views;
  const [line] = demoLesson("10-the-tide-gauge").boards[0].views;
  const answer = await request.post("/api/lessons", {
    data: {
      lesson: {
        ...lesson,
        boards: [
          {
            ...tens,
            views: [
              { ...pieces, words: "shown" },
              { ...line, shape: "flat", from: "-20", to: "20", interval: "10", divisions: 10 },
            ],
            opening: [
              { do: "focus", number: "13" },
              { do: "cover", numbers: ["13"] },
            ],
            stair: [],
          },
        ],
      },
    },
    maxRetries: 2,
  });
  expect(answer.status()).toBe(201);
  await page.goto(`/lesson/${(await answer.json()).id}`);
  await expect(view(page)).toHaveText("The number is covered.");
  const touch = async (number: string) => {
    const { x, y } = await middleOf(page.locator(`[role=gridcell][data-number='${number}']`));
    await page.mouse.click(x, y);
  };
  await touch("-10");
  await expect(view(page)).toHaveText("Pieces show numbers from 0 on, to thousandths.");
  await touch("10");
  await expect(cards(page)).toHaveText(["1", "0"]);
  await expect(view(page).locator("[data-part=in-words]")).toHaveText("ten");
});
