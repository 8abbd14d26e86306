import { expect, type Page, test } from "@playwright/test";
import { measureScreen } from "../scripts/lib/measure-screen.mjs";
import { middleOf, turnTo } from "./support/hands";
import { addLesson, climb, lessonWith, lineView, question } from "./support/lessons";
import { at } from "./support/lines";
import { penInHand } from "./support/pen";
import { pressOnRail } from "./support/rail";

const SIZES = [
  { width: 1280, height: 800 },
  { width: 1920, height: 1080 },
  { width: 3840, height: 2160 },
];
/** Where numerals are as large as the room allows. */
const NARROW = [
  { width: 1024, height: 768 },
  { width: 820, height: 1180 },
  { width: 1093, height: 614 },
];
/** Boards of several kinds, and the smallest numeral of their main view, as a part of the screen's height. */
const BOARDS = [
  { name: "1-lamps-on-the-jetty", main: 0.027 },
  { name: "10-the-tide-gauge", main: 0.027 },
  // Three views, the smallest beside each other.
  { name: "12-friendly-numbers", main: 0.027 },
  { name: "16-jars-past-the-hundred", main: 0.027 },
  { name: "18-filling-the-ferry", main: 0.027 },
];

// All demo boards at all sizes are measured by `npm run screens`; here a few of them.
for (const { name, main } of BOARDS) {
  test(`the first board of ${name} fills every room: nothing lies on another, is cut off or too small`, async ({
    page,
    request,
  }) => {
    await page.emulateMedia({ reducedMotion: "reduce" });
    const id = await addLesson(request, { name });
    await page.goto(`/lesson/${id}`);
    for (let step = 0; step < 2; step += 1) await page.getByRole("button", { name: "Climb" }).click();
    for (const size of SIZES) {
      await page.setViewportSize(size);
      // What stands there is measured once it has found its room.
      await expect(async () => {
        const seen = await page.evaluate(measureScreen);
        expect([seen.overlapping, seen.out, seen.scroll]).toEqual([[], [], [0, 0]]);
        expect(seen.target!.size).toBeGreaterThanOrEqual(56);
        if (seen.main) expect(seen.main.size / size.height).toBeGreaterThanOrEqual(main);
        if (seen.side) expect(seen.side.size / size.height).toBeGreaterThanOrEqual(0.02);
      }).toPass({ timeout: 10_000 });
    }
  });
}

/** What is said on these boards needs much room: long answers, a sentence of the class, numbers to guess. */
for (const [name, board, asks] of [
  ["10-the-tide-gauge", "1 Above and below", "The gauge at Gannet Point"],
  ["21-lamps-in-the-mist", "1 Two slopes", "Is the picture its own mirror image?"],
  ["20-numbers-read-and-ordered", "5 Higher or lower", "Is the next number higher or lower?"],
] as const) {
  test(`the words of ${name}, board ${board}, are whole in a narrow room, with the answer shown`, async ({
    page,
    request,
  }) => {
    await page.emulateMedia({ reducedMotion: "reduce" });
    await page.goto(`/lesson/${await addLesson(request, { name })}`);
    await page.getByRole("navigation", { name: "Boards" }).getByRole("button", { name: board }).click();
    const asked = question(page).getByText(asks);
    await expect(async () => {
      if (!(await asked.isVisible())) await climb(page);
      await expect(asked).toBeVisible({ timeout: 500 });
    }).toPass();
    await page.getByRole("button", { name: "Show answer" }).click();
    for (const size of [...NARROW, ...SIZES]) {
      await page.setViewportSize(size);
      await expect(async () => {
        const { overlapping, out, scroll } = await page.evaluate(measureScreen);
        expect([overlapping, out, scroll]).toEqual([[], [], [0, 0]]);
      }).toPass({ timeout: 10_000 });
    }
  });
}

test("a panel that is longer than the window scrolls in itself, and the page stands still", async ({
  page,
  request,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`/lesson/${await addLesson(request, { name: "10-the-tide-gauge" })}?prepare`);
  await pressOnRail(page, "Jump");
  const jumps = page.getByRole("region", { name: "Jumps" });
  // What is wrong with a field is said below it, and the rest of the panel moves down.
  for (const [tab, field] of [
    ["By size", "Jump"],
    ["By size", "Times"],
    ["To a number", "From"],
  ] as const) {
    await turnTo(page, tab);
    await jumps.getByRole("textbox", { name: field, exact: true }).fill("1/0");
    await page.keyboard.press("Enter");
    await expect(jumps.getByText(/cannot be 0|whole number/).first()).toBeVisible();
    const { scroll } = await page.evaluate(measureScreen);
    expect(scroll).toEqual([0, 0]);
  }
});

for (const size of [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 820, height: 1180 },
]) {
  for (const [doing, search] of [
    ["teaching", ""],
    ["preparing", "?prepare"],
  ] as const) {
    test(`keypads are whole at ${size.width} × ${size.height} while ${doing}, for squares and for the count`, async ({
      page,
      request,
    }) => {
      await page.setViewportSize(size);
      await page.goto(`/lesson/${await addLesson(request)}${search}`);
      const keys = page.locator("[data-keypad] button");
      const whole = async () => {
        await expect(keys).toHaveCount(15);
        for (const key of await keys.all()) await expect(key).toBeInViewport({ ratio: 0.99 });
      };
      await pressOnRail(page, "Write");
      await page.getByRole("radio", { name: "Keypad", exact: true }).click();
      await whole();
      await pressOnRail(page, "Write");
      await page.getByTitle("Set the count").click();
      await page.getByRole("button", { name: "Keypad", exact: true }).click();
      await whole();
    });

    test(`jumps and count are whole at ${size.width} × ${size.height} while ${doing}, each of their pages`, async ({
      page,
      request,
    }) => {
      await page.setViewportSize(size);
      await page.goto(`/lesson/${await addLesson(request, { name: "12-friendly-numbers" })}${search}`);
      for (const _ of [0, 1, 2]) await climb(page);
      // While preparing, a page of the set-up holds pages of its own.
      const hiddenBelow = () =>
        page
          .getByRole("tabpanel")
          .evaluateAll((panels) =>
            Math.max(...panels.map(({ scrollHeight, clientHeight }) => scrollHeight - clientHeight)),
          );
      await pressOnRail(page, "Jump");
      for (const name of ["By size", "To a number", "Sentence", "One jump", "All jumps"]) {
        await turnTo(page, name);
        await expect.poll(hiddenBelow, name).toBeLessThanOrEqual(1);
      }
      await page.getByTitle("Set the count").click();
      for (const name of [search ? "Count" : "Which numbers", "How it goes"]) {
        await turnTo(page, name);
        await expect.poll(hiddenBelow, name).toBeLessThanOrEqual(1);
      }
    });
  }
}

/** The middle of a number on the line, once the line stands still. */
async function middle(page: Page, number: string) {
  const { x, y } = await middleOf(at(page, number));
  return [x, y] as const;
}

test("on a large display a line is touched, slid and jumped on where it is seen", async ({
  page,
  request,
}) => {
  await page.setViewportSize({ width: 2560, height: 1440 });
  const id = await lessonWith(request, [lineView({ from: "0", to: "20", interval: "1", divisions: 1 })]);
  await page.goto(`/lesson/${id}`);
  for (const number of ["3", "17"]) {
    await page.mouse.click(...(await middle(page, number)));
    await expect(at(page, number)).toHaveAccessibleName(new RegExp(`^${number}, sun mark`));
  }
  // A slide goes as far as the hand.
  const [x, y] = await middle(page, "10");
  const [next] = await middle(page, "11");
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 4 * (next - x), y, { steps: 8 });
  await page.mouse.up();
  await expect(async () => {
    const [after] = await middle(page, "14");
    expect(Math.abs(after - x)).toBeLessThan(30);
  }).toPass();
  await page.getByRole("button", { name: "Jump", exact: true }).click();
  await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
  const [from, to] = [await middle(page, "12"), await middle(page, "15")];
  await page.mouse.move(...from);
  await page.mouse.down();
  await page.mouse.move(...to, { steps: 8 });
  await page.mouse.up();
  await expect(at(page, "15")).toHaveAccessibleName(/in focus/);
  await turnTo(page, "One jump");
  await expect(page.getByText("Jump 1 of 1: +3")).toBeVisible();
  // What is drawn by pen stands under the hand.
  await page.getByRole("button", { name: "Pen", exact: true }).click();
  await penInHand(page);
  const [tx, ty] = await middle(page, "15");
  const [px, py] = [tx - 200, ty - 260];
  await page.mouse.move(px, py);
  await page.mouse.down();
  await page.mouse.move(px + 80, py, { steps: 6 });
  await page.mouse.up();
  await expect(page.locator("[data-stroke]")).toHaveCount(1);
  const stroke = (await page.locator("[data-stroke]").boundingBox())!;
  expect(Math.abs(stroke.x - px)).toBeLessThan(20);
  expect(Math.abs(stroke.y + stroke.height / 2 - py)).toBeLessThan(20);
});
