import { expect, type Page, test } from "@playwright/test";
import { HANDS, middleOf, press } from "./support/hands";
import { addLesson, climb, demoLesson, lessonWith, openBoard } from "./support/lessons";

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

const BOXES = "[data-part=expanded], [data-part=in-words], [data-part^=exchange-], [data-ordered]";

for (const viewport of [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 820, height: 1180 },
]) {
  test(`large numbers and two exchanges at once are whole at ${viewport.width} × ${viewport.height}`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize(viewport);
    const shown = { pieces: "shown", digits: "shown", expanded: "shown", words: "shown" };
    const boards: [object, string][] = [
      [{ kind: "place-value", as: "discs", ...shown }, "88888888"],
      [{ kind: "place-value", as: "beads", ...shown }, "1234567.125"],
      [
        {
          kind: "stops",
          stops: ["90", "100", "990", "1000", "9990", "10000"],
          number: "shown",
          pieces: "shown",
          exchange: "shown",
          appears: "at-once",
        },
        "1000",
      ],
      [
        {
          kind: "order",
          numbers: ["3040506", "304056", "3045060"],
          first: "largest",
          pieces: "shown",
          signs: "shown",
        },
        "99",
      ],
    ];
    for (const [settings, number] of boards) {
      const opening = [{ do: "focus", number: number.includes(".") ? "9876541/8" : number }];
      await page.goto(`/lesson/${await lessonWith(request, [settings], { opening })}`);
      const boxes = page.getByRole("main").locator(BOXES);
      await expect(boxes.first()).toHaveText(/\S/);
      const cut = await boxes.evaluateAll((all) =>
        all
          .filter((box) => {
            const words = document.createRange();
            words.selectNodeContents(box);
            const { left, right, top, bottom } = box.getBoundingClientRect();
            // What a typeface keeps free above and below its letters may hang over.
            return [...words.getClientRects()].some(
              (at) =>
                at.left < left - 1 ||
                at.right > right + 1 ||
                at.top + at.height * 0.15 < top ||
                at.bottom - at.height * 0.15 > bottom,
            );
          })
          .map((box) => box.textContent),
      );
      expect(cut).toEqual([]);
      const card = (await page.getByRole("main").getByRole("region").first().boundingBox())!;
      for (const box of await boxes.all()) {
        const { y, height } = (await box.boundingBox())!;
        expect(y + height).toBeLessThanOrEqual(card.y + card.height);
      }
    }
  });
}

test("every disc says what it is worth, up to ten million, and long numbers are written in groups", async ({
  page,
  request,
}) => {
  const discs = {
    kind: "place-value",
    as: "discs",
    pieces: "shown",
    digits: "shown",
    expanded: "none",
    words: "none",
  };
  const opening = [{ do: "focus", number: "21304050" }];
  await page.goto(`/lesson/${await lessonWith(request, [discs], { opening })}`);
  await expect(
    part(page, /^Pieces/)
      .locator("svg text")
      .filter({ hasText: /^\d/ }),
  ).toHaveText([
    "10million",
    "10million",
    "1million",
    "100,000",
    "100,000",
    "100,000",
    "1,000",
    "1,000",
    "1,000",
    "1,000",
    "10",
    "10",
    "10",
    "10",
    "10",
  ]);
  const order = {
    kind: "order",
    numbers: ["12500", "1250"],
    first: "largest",
    pieces: "none",
    signs: "none",
  };
  await page.goto(`/lesson/${await lessonWith(request, [order])}`);
  await expect(page.locator("[data-ordered]")).toHaveText(["12,500", "1,250"]);
});
