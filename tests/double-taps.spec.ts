import { expect, type Locator, test } from "@playwright/test";
import { middleOf, twice } from "./support/hands";
import { addLesson, LAMPS } from "./support/lessons";

// Without motion: what opens stands where it is measured.
test.use({ hasTouch: true, contextOptions: { reducedMotion: "reduce" } });

/** Measured at once, as nothing moves here: a second press must come soon. */
const spotOf = async (on: Locator) => {
  const { x, y, width, height } = (await on.boundingBox())!;
  return { x: x + width / 2, y: y + height / 2 };
};

for (const hand of ["mouse", "touch"] as const) {
  for (const apart of [0, 120]) {
    test(`a double tap in a menu does its thing once, and nothing beneath it: by ${hand}, ${apart} ms apart`, async ({
      page,
      request,
    }) => {
      const title = `Twice ${hand} ${apart} ${Date.now()}`;
      await addLesson(request, { title });
      await page.goto(`/?find=${encodeURIComponent(title)}`);
      await page.getByRole("button", { name: `More for ${title}` }).click();
      const asked = page.waitForResponse((answer) => answer.request().method() === "POST");
      await twice(hand, page, await spotOf(page.getByRole("menuitem", { name: "Duplicate" })), apart);
      await asked;
      await expect(page.getByText(`“${title}” duplicated.`)).toBeVisible();
      await expect(page.getByRole("button", { name: `More for ${title}` })).toHaveCount(2);
      await expect(page).toHaveURL(/find=/);
    });
  }
}

test("a double tap that closes a window marks nothing on the board beneath it", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request, { name: LAMPS })}`);
  const marked = page.getByRole("gridcell", { name: /mark/ });
  await expect(page.getByRole("gridcell").first()).toBeVisible();
  const before = await marked.count();
  const dialog = page.getByRole("dialog");
  const square = await spotOf(page.getByRole("gridcell").first());
  for (const [where, apart] of [
    ["close", 0],
    ["close", 100],
    ["close", 250],
    ["beside", 100],
  ] as const) {
    await page.keyboard.press("?");
    await expect(dialog).toBeVisible();
    const close = await spotOf(dialog.getByRole("button", { name: "Close" }));
    await twice("touch", page, where === "close" ? close : square, apart);
    await expect(dialog).toHaveCount(0);
    expect(await marked.count()).toBe(before);
    await expect(page.getByRole("button", { name: "Take back" })).toBeDisabled();
    // The next press is none of these two.
    await page.waitForTimeout(400);
  }
  // A press of its own, later or elsewhere, is one.
  await page.getByRole("gridcell").nth(12).tap();
  await expect(marked).toHaveCount(before + 1);
});

test("a press on a list that a key has opened anew is no second press, however soon", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: LAMPS })}`);
  await expect(page.getByRole("gridcell").first()).toBeVisible();
  const find = page.getByRole("dialog", { name: "Find a command" });
  for (const step of [1, 2, 3]) {
    await page.keyboard.press("Control+k");
    const { x, y } = await spotOf(find.getByRole("option", { name: "Climb to the next step" }));
    await page.mouse.click(x, y);
    await expect(find).toBeHidden();
    await expect(page.getByRole("img", { name: `Step ${step} of` })).toBeVisible();
  }
});

for (const hand of ["mouse", "touch"] as const) {
  for (const apart of [0, 120]) {
    test(`a double tap on what opens a list leaves it open, the first time and later: by ${hand}, ${apart} ms apart`, async ({
      page,
      request,
    }) => {
      const title = `Opened ${hand} ${apart} ${Date.now()}`;
      await addLesson(request, { title });
      await page.goto(`/?find=${encodeURIComponent(title)}`);
      await expect(page.getByRole("listitem")).toHaveCount(1);
      for (const [opener, list] of [
        [page.getByRole("button", { name: `More for ${title}` }), page.getByRole("menu")],
        [page.getByRole("combobox", { name: "Order of the lessons" }), page.getByRole("listbox")],
      ] as const) {
        for (const _time of ["first", "second"]) {
          await twice(hand, page, await spotOf(opener), apart);
          await expect(list).toBeVisible();
          // It does not shut a moment later.
          await page.waitForTimeout(300);
          await expect(list).toBeVisible();
          await page.keyboard.press("Escape");
          await expect(list).toHaveCount(0);
        }
      }
    });
  }
}

for (const hand of ["mouse", "touch"] as const) {
  test(`what undoes itself with the same button is done once by a double tap, and undone by a later one: by ${hand}`, async ({
    page,
    context,
    request,
  }) => {
    const id = await addLesson(request, { name: LAMPS });
    await page.goto(`/lesson/${id}`);
    const button = (name: string) => page.getByRole("button", { name, exact: true });
    await button("3 Which post comes next").click();
    await button("Climb").click();
    for (const [does, undoes] of [
      ["Show answer", "Cover answer"],
      ["Start the count", "Pause the count"],
      ["Prepare", "Teach"],
    ] as const) {
      for (const [press, then] of [
        [does, undoes],
        [undoes, does],
      ] as const) {
        await twice(hand, page, await spotOf(button(press)), 120);
        await expect(button(then)).toBeVisible();
        await expect(button(press)).toHaveCount(0);
        // The next press is none of these two.
        await page.waitForTimeout(400);
      }
    }
    await button("More").click();
    await Promise.all([
      context.waitForEvent("page"),
      page.getByRole("menuitem", { name: "Class screen" }).click(),
    ]);
    for (const [does, undoes] of [
      ["Hold it", "Let it follow"],
      ["Blank it", "Show it again"],
    ] as const) {
      await twice(hand, page, await middleOf(button(does)), 120);
      await expect(button(undoes)).toBeVisible();
    }
  });
}

test("a key that is held on what undoes itself does it once; pressed again, it undoes it", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: LAMPS })}`);
  const button = (name: string) => page.getByRole("button", { name, exact: true });
  await button("3 Which post comes next").click();
  await button("Climb").click();
  await button("Show answer").focus();
  for (const then of ["Cover answer", "Show answer"]) {
    // Pressed anew without being let go, a key repeats.
    for (let repeats = 0; repeats < 4; repeats++) await page.keyboard.down("Enter");
    await page.keyboard.up("Enter");
    await expect(button(then)).toBeFocused();
  }
});

for (const hand of ["mouse", "touch"] as const) {
  test(`a card is chosen and the keypad of a rule opened by a double tap, and not left again: by ${hand}`, async ({
    page,
    request,
  }) => {
    for (const [name, pressed] of [
      ["22-pattern-cards", "Card 1"],
      ["21-lamps-in-the-mist", "Type it"],
    ] as const) {
      await page.goto(`/lesson/${await addLesson(request, { name })}`);
      const button = page.getByRole("button", { name: pressed, exact: true });
      await expect(button).toBeVisible();
      for (const then of ["true", "false"]) {
        await twice(hand, page, await middleOf(button), 120);
        await expect(button).toHaveAttribute("aria-pressed", then);
        // The next press is none of these two.
        await page.waitForTimeout(600);
      }
    }
  });
}
