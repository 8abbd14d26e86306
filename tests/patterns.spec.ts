import { expect, type Page, test } from "@playwright/test";
import { addLesson, lessonWith, place } from "./support/lessons";
import { chart, HALF, mark, rule } from "./support/patterns";
import { clear, pressOnRail } from "./support/rail";

const say = (page: Page) => page.getByRole("region", { name: "Say the rule" });
const sentence = (page: Page) => say(page).locator("[data-part=sentence]");
const pattern = async (page: Page) => {
  await pressOnRail(page, "By rule");
  await page.getByRole("tab", { name: "Pattern", exact: true }).click();
};
const part = (page: Page, name: string) => page.getByRole("tab", { name, exact: true }).click();
const rules = (page: Page) => page.getByRole("region", { name: "What they have in common" });

const nines = mark("sea", rule({ kind: "multiples", of: "9" }));

test.use({ hasTouch: true });

test("a mystery from start to end: seen, said, sharpened, looked at in a mirror, and its numbers brought back", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "21-lamps-in-the-mist" })}`);
  // No number is named: not on the chart, and not for those who hear it.
  await expect(page.getByRole("gridcell", { name: /^\d/ })).toHaveCount(0);
  await expect(page.getByRole("grid", { name: "Chart, 10 rows of 10" })).toBeVisible();

  // A first sentence, put together by touch.
  await say(page).getByRole("button", { name: "Choose the words" }).tap();
  await say(page).getByRole("button", { name: "multiples of", exact: true }).tap();
  for (const key of ["1", "1"]) await say(page).getByRole("button", { name: key, exact: true }).tap();
  // The keypad is whole, without a scroll.
  await expect(say(page).getByRole("button", { name: "Done" })).toBeInViewport({ ratio: 1 });
  await say(page).getByRole("button", { name: "Done" }).tap();
  await expect(sentence(page)).toHaveText(/Numbers that\s*are\s*multiples of\s*11/);
  // Nothing is told before it is asked for.
  await expect(say(page).getByText("Say it, and see what it says.")).toBeVisible();
  await say(page).getByRole("button", { name: "See what it says" }).tap();
  await expect(say(page).getByText("10 fit")).toBeVisible();
  await expect(say(page).getByText("10 still missing")).toBeVisible();
  await expect(say(page).getByText("0 too many")).toBeVisible();

  // Sharpened until it fits; the try before is kept.
  await say(page).getByRole("button", { name: "Another condition" }).tap();
  const words = say(page).getByRole("region", { name: "Multiples and factors" });
  await words.getByRole("button", { name: "multiples of", exact: true }).tap();
  await say(page).getByRole("button", { name: "9", exact: true }).tap();
  await say(page).getByRole("button", { name: "Done" }).tap();
  await say(page).getByRole("button", { name: "and", exact: true }).tap();
  await say(page).getByRole("button", { name: "See what it says" }).tap();
  await expect(say(page).getByText("It fits exactly.")).toBeVisible();
  await expect(say(page).getByText("“multiples of 11” (10 fit, 10 missing)")).toBeVisible();
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(say(page).getByText("10 still missing")).toBeVisible();

  // What the finder knows is under a cover until it is touched.
  await pattern(page);
  await expect(rules(page).getByText("20 numbers marked")).toBeVisible();
  await expect(rules(page).getByText(/multiples/i)).toHaveCount(0);
  await rules(page).getByRole("button", { name: "Show rule 1" }).click();
  await expect(rules(page).getByText("Numbers that are multiples of 9 or are multiples of 11")).toBeVisible();

  await rules(page).getByRole("button", { name: "Cover rule 1 again" }).click();
  await expect(rules(page).getByText(/multiples/i)).toHaveCount(0);

  // A mirror over the chart, and away with one touch.
  await part(page, "Symmetry");
  const mirrors = page.getByRole("region", { name: "Mirrors, turns and repeats" });
  await mirrors.getByRole("button", { name: "Show mirror, turn or repeat 1", exact: true }).click();
  await expect(mirrors.getByText("It is its own mirror image, left and right.")).toBeVisible();
  await mirrors.getByRole("button", { name: "Draw it" }).click();
  const drawn = page.getByRole("grid").locator("[data-part=symmetry]");
  await expect(drawn).toHaveCount(1);
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(drawn).toHaveCount(0);

  // Numbers come back one by one, some, all.
  const shown = page.getByRole("gridcell", { name: /^\d/ });
  await page.getByRole("button", { name: "Show one" }).click();
  await expect(shown).toHaveCount(1);
  await page.getByRole("button", { name: "Show five" }).click();
  await expect(shown).toHaveCount(6);
  await page.getByRole("button", { name: "Show all" }).click();
  await expect(shown).toHaveCount(100);
  await page.getByRole("button", { name: "Hide the numbers" }).click();
  await expect(shown).toHaveCount(0);
});

test("a sentence that is typed is read where its words are exact, and kept where they are the class's own", async ({
  page,
  request,
}) => {
  const views = [chart, { kind: "say", heard: "shown" }];
  await page.goto(`/lesson/${await lessonWith(request, views, { opening: [nines], layout: HALF })}`);
  await say(page).getByRole("button", { name: "Type it" }).click();
  const field = say(page).getByLabel("Numbers that …");
  await field.fill("they slope down");
  await say(page).getByRole("button", { name: "Read it" }).click();
  await expect(say(page).getByText(/not exact enough to be shaded/)).toBeVisible();
  await say(page).getByRole("button", { name: "Keep these words" }).click();
  await expect(say(page).getByText("“they slope down”")).toBeVisible();
  await say(page).getByRole("button", { name: "Type it" }).click();
  // As a class says it, and about the chart at hand.
  await field.fill("odd numbers in column 5");
  await field.press("Enter");
  await expect(say(page).getByRole("button", { name: "odd", exact: true })).toBeVisible();
  await expect(say(page).getByRole("button", { name: "in column" })).toBeVisible();
  await say(page).getByRole("button", { name: "Type it" }).click();
  await field.fill("in the three times table");
  await field.press("Enter");
  await say(page).getByRole("button", { name: "See what it says" }).click();
  await expect(say(page).getByText("11 fit")).toBeVisible();
  await expect(say(page).getByText("22 too many")).toBeVisible();
  // Said again as it was: another click would tell nothing new.
  await expect(say(page).getByRole("button", { name: "See what it says" })).toBeDisabled();
  await say(page).getByRole("button", { name: "Remove: they slope down" }).click();
  await expect(say(page).getByText("“they slope down”")).toHaveCount(0);
});

test("while she prepares, the teacher shades by touch and the finder follows; its sentence says why it repeats", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await lessonWith(request, [{ ...chart, covers: "solid" }])}?prepare`);
  await page.getByRole("tab", { name: "Pattern", exact: true }).click();
  for (const number of ["5", "10", "15", "20", "25"]) await place(page, number).click();
  await expect(rules(page).getByText("Multiples of 5, up to 25")).toBeVisible();
  await place(page, "15, sun mark").click();
  await expect(rules(page).getByText(/15/).first()).toBeVisible();
  await clear(page, /all marks/i);
  await expect(page.getByText("Mark some numbers, by touch or by rule.")).toBeVisible();
});

test("the same rule in rows of another width: one slide is one act, and the pattern is drawn anew", async ({
  page,
  request,
}) => {
  await page.goto(
    `/lesson/${await lessonWith(request, [{ ...chart, covers: "solid" }], { opening: [nines] })}`,
  );
  await pattern(page);
  await part(page, "Symmetry");
  const repeats = page.getByRole("region", { name: "Mirrors, turns and repeats" });
  await repeats.getByRole("button", { name: "Show mirror, turn or repeat 2" }).click();
  await expect(repeats.getByText("Because 1 row down and 1 column to the left is 9 more.")).toBeVisible();
  await part(page, "Width");
  const slider = page.getByRole("slider", { name: "In each row" });
  await slider.focus();
  await slider.press("ArrowLeft");
  await expect(page.getByRole("grid")).toHaveAttribute("aria-colcount", "9");
  // Nothing is lost: the last number is 100 as before, and the nines are one column.
  await expect(place(page, "100")).toBeVisible();
  await expect(page.getByRole("gridcell", { name: /sea mark/ })).toHaveCount(11);
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(page.getByRole("grid")).toHaveAttribute("aria-colcount", "10");
  await part(page, "Rules");
  await expect(page.getByRole("region", { name: "Beyond this chart" })).toBeVisible();
  await page.getByRole("button", { name: "Show what comes beyond this chart" }).click();
  await expect(page.getByText("Next: 108, 117, 126, 135, 144")).toBeVisible();
  await expect(page.getByText("First above 1,000,000: 1,000,008")).toBeVisible();
});

test("how a sequence goes on has several answers, each under its cover", async ({ page, request }) => {
  await page.goto(`/lesson/${await lessonWith(request, [chart])}`);
  await pattern(page);
  await part(page, "Sequence");
  const goesOn = page.getByRole("region", { name: "How does a sequence go on?" });
  await goesOn.getByLabel("It begins with").fill("2, 4, 8");
  await goesOn.getByRole("button", { name: "Show way 1 to go on" }).click();
  await expect(goesOn.getByText("16, 32, 64")).toBeVisible();
  await goesOn.getByRole("button", { name: "Show way 2 to go on" }).click();
  await goesOn.getByLabel("It begins with").fill("2, 4, 8, 14");
  await goesOn.getByRole("button", { name: "Show way 1 to go on" }).click();
  await expect(goesOn.getByText("22, 32, 44")).toBeVisible();
  await goesOn.getByLabel("It begins with").fill("2");
  await goesOn.getByLabel("It begins with").press("Enter");
  await expect(goesOn.getByText(/Write 2 to 12 numbers/)).toBeVisible();
});

test("kinds of number are chosen by family; only the first of them; where they stand on this chart", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await lessonWith(request, [{ ...chart, covers: "solid" }])}`);
  await pressOnRail(page, "By rule");
  await page.getByRole("combobox", { name: "What the numbers are" }).click();
  await expect(page.getByRole("group", { name: "Kinds of number" })).toBeVisible();
  await page.getByRole("option", { name: "prime", exact: true }).click();
  // The words between the fields of multiples went with them.
  const row = page.getByRole("combobox", { name: "What the numbers are" }).locator("..");
  await expect(row).toHaveText(/^are\s*prime$/);
  await expect(page.getByText("25 numbers: 2, 3, 5, 7")).toBeVisible();
  await page.getByLabel("Only the first, optional").fill("4");
  await expect(page.getByText("The first 4 whole numbers from 1 on that are prime")).toBeVisible();
  await page.getByLabel("Counted from").fill("50");
  await expect(page.getByText("4 numbers: 53, 59, 61 and 67")).toBeVisible();
  await page.getByRole("button", { name: "Mark in sun" }).click();
  await expect(page.getByRole("gridcell", { name: /sun mark/ })).toHaveCount(4);
  await page.getByLabel("Only the first, optional").fill("");
  await page.getByRole("combobox", { name: "What the numbers are" }).click();
  await page.getByRole("option", { name: "on the border of the chart", exact: true }).click();
  await page.getByRole("button", { name: "Mark in sun" }).click();
  // 36 on the border, and 53, 59, 67 inside; 61 is on it.
  await expect(page.getByRole("gridcell", { name: /sun mark/ })).toHaveCount(39);
});

test("a sentence can name its numbers one by one, and they are left out again", async ({ page, request }) => {
  const views = [chart, { kind: "say", heard: "none" }];
  const some = mark("plum", ["4", "9"]);
  await page.goto(`/lesson/${await lessonWith(request, views, { opening: [some], layout: HALF })}`);
  await say(page).getByRole("button", { name: "Choose the words" }).click();
  await say(page).getByRole("button", { name: "one of these", exact: true }).click();
  // The numbers that it begins with are an example: the first one that is typed takes their place.
  for (const number of ["4", "9", "12"]) {
    await say(page).getByLabel("Answer").fill(number);
    await say(page).getByRole("button", { name: "Add", exact: true }).click();
  }
  await expect(sentence(page)).toHaveText(/4, 9 and 12/);
  await say(page).getByRole("button", { name: "Leave out 12" }).click();
  await say(page).getByRole("button", { name: "That is all" }).click();
  await say(page).getByRole("button", { name: "See what it says" }).click();
  await expect(say(page).getByText("It fits exactly.")).toBeVisible();
});

test("a long sentence and much that was said leave the second chart its room", async ({ page, request }) => {
  const long = [
    { kind: "multiples", not: false, of: "3", from: "12", to: "99" },
    { kind: "digits", not: true, make: "sum", is: "9" },
    { kind: "between", not: false, from: "10", to: "90" },
  ];
  const heard = Array.from(
    { length: 9 },
    (_, i) => `They go down like stairs, and that is the ${i + 1}th way to say it.`,
  );
  const opening = [
    nines,
    ...heard.map((words) => ({ do: "hear", view: "say", sentence: words })),
    { do: "say-rule", view: "say", rule: { join: "and", conditions: long } },
    { do: "try-rule", view: "say" },
  ];
  const views = [chart, { kind: "say", heard: "shown" }];
  await page.goto(`/lesson/${await lessonWith(request, views, { opening })}`);
  const second = say(page).getByRole("img", { name: /^What the sentence shades/ });
  const [card, picture] = [(await say(page).boundingBox())!, (await second.boundingBox())!];
  expect(picture.width).toBeGreaterThan(card.width * 0.4);
  const told = (await say(page)
    .getByText(/too many$/)
    .boundingBox())!;
  for (const { y, height } of [picture, told]) expect(y + height).toBeLessThan(card.y + card.height);
  // The last that was said is there, and it is told that there was more before.
  await expect(say(page).getByText(`“${heard.at(-1)}”`)).toBeVisible();
  const more = Number.parseInt((await say(page).locator("[data-part=heard-before]").textContent()) ?? "", 10);
  await expect(say(page).getByRole("button", { name: /^Remove:/ })).toHaveCount(9 - more);
});

test("the arrow of a slide strikes no number through", async ({ page, request }) => {
  const slide = { kind: "slide", down: 1, right: -1 };
  const opening = [nines, { do: "draw-symmetry", view: "chart", symmetry: slide, on: true }];
  await page.goto(`/lesson/${await lessonWith(request, [chart], { opening })}`);
  const line = page.locator("[data-part=symmetry] line").last();
  const along = await line.evaluate((it) => {
    const { x1, y1, x2, y2 } = it as SVGLineElement;
    const at = (part: number) =>
      new DOMPoint(
        x1.baseVal.value * (1 - part) + x2.baseVal.value * part,
        y1.baseVal.value * (1 - part) + y2.baseVal.value * part,
      ).matrixTransform((it as SVGLineElement).getScreenCTM()!);
    return Array.from({ length: 21 }, (_, i) => at(i / 20)).map(({ x, y }) => ({ x, y }));
  });
  for (const number of ["36", "45"]) {
    const text = place(page, new RegExp(`^${number}, `)).locator("text");
    const { x, y, width, height } = (await text.boundingBox())!;
    // The box of a line of text is higher than its digits.
    const struck = along.filter(
      (at) => at.x > x && at.x < x + width && at.y > y + height * 0.25 && at.y < y + height * 0.75,
    );
    expect(struck, number).toEqual([]);
  }
});
