import { expect, type Page, test } from "@playwright/test";
import { addView, choose, HANDS, type Hand, middleOf, press, turnTo } from "./support/hands";
import { addLesson } from "./support/lessons";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const field = (page: Page, name: string) => page.getByRole("textbox", { name, exact: true });
const at = (page: Page, number: string) => page.locator(`[role=gridcell][data-number="${number}"]`);
const middle = (page: Page, number: string) => middleOf(at(page, number));

async function open(page: Page, request: Parameters<typeof addLesson>[0], more = async () => {}) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("radio", { name: "Line", exact: true }).click();
  await expect(page.getByRole("grid", { name: "Number line from 0 to 100" })).toBeVisible();
  await more();
  await button(page, "Teach").click();
  await page.keyboard.press("j");
  await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
}

for (const hand of ["touch", "mouse"] as const satisfies Hand[]) {
  test(`one arc among a hundred is chosen, covered and lifted by ${hand}`, async ({ page, request }) => {
    await open(page, request);
    await field(page, "Jump").fill("1");
    await field(page, "Times").fill("100");
    await press(hand, button(page, /^Jump on/));
    await expect(at(page, "100")).toHaveAccessibleName(/in focus/);
    /** A touch on the 43rd arc, a little over the line. */
    const touch = async () => {
      const [a, b] = [await middle(page, "0"), await middle(page, "100")];
      const axis = (await page.locator("[data-part=pointer]").boundingBox())!;
      const [x, y] = [a.x + ((b.x - a.x) * 42.5) / 100, axis.y + axis.height / 2 - 13];
      return hand === "touch" ? page.touchscreen.tap(x, y) : page.mouse.click(x, y);
    };
    await touch();
    await expect(page.getByText("Jump 43 of 100: +1")).toBeVisible();
    await page.keyboard.press("c");
    await expect(page.getByRole("region", { name: "Jumps" })).toHaveCount(0);
    await touch();
    await page.keyboard.press("l");
    await expect(page.locator("[data-ghost]")).toHaveCount(1);
    await expect(page.locator("[data-ghost='42']")).toHaveCount(1);
    await touch();
    await expect(page.locator("[data-ghost]")).toHaveCount(0);
  });
}

test("one jump of several is chosen, covered and lifted by keys", async ({ page, request }) => {
  await open(page, request);
  await field(page, "Times").fill("3");
  await press("keys", button(page, /^Jump on/));
  await turnTo(page, "One jump", "keys");
  await expect(page.getByText("Jump 3 of 3: +10")).toBeVisible();
  await press("keys", button(page, "The jump before"));
  await expect(page.getByText("Jump 2 of 3: +10")).toBeVisible();
  await press("keys", button(page, "Cover its arc"));
  await expect(page.locator("[data-jump]")).toHaveCount(2);
  await press("keys", button(page, "Cover its size"));
  await expect(page.locator("[data-part=jumps] text")).toHaveText(["+10", "+10"]);
  await press("keys", button(page, "Lift its arc"));
  await press("keys", button(page, "Lift its size"));
  await expect(page.locator("[data-part=jumps] text")).toHaveText(["+10", "+10", "+10"]);
  await expect(page.locator("[data-jump]")).toHaveCount(3);
});

test("round a ring: a count goes on past its end, and a jump drawn over the top goes on too", async ({
  page,
  request,
}) => {
  await open(page, request, async () => {
    await page.getByRole("tab", { name: "Start from" }).click();
    await button(page, "Circle, 0 to 60 in fives").click();
    await expect(page.getByRole("grid", { name: "Number line from 0 to 60" })).toBeVisible();
    await addView(page, "Number sentence");
  });
  await expect(at(page, "55")).toBeVisible();
  const [from, over, to] = [await middle(page, "55"), await middle(page, "0"), await middle(page, "10")];
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(over.x, over.y, { steps: 6 });
  await page.mouse.move(to.x, to.y, { steps: 6 });
  await page.mouse.up();
  const says = () =>
    page
      .locator("[data-part=number-sentence]")
      .evaluate((parts) => [...parts.querySelectorAll("svg text")].map((text) => text.textContent).join(" "));
  await expect.poll(says).toBe("55 + 15 = 70");
  // 70 stands where 10 is, and its pointer with it.
  const [landed, five, fifteen] = [
    await middle(page, "70"),
    await middle(page, "5"),
    await middle(page, "15"),
  ];
  const far = (one: typeof landed, other: typeof landed) => Math.hypot(one.x - other.x, one.y - other.y);
  expect(Math.abs(far(landed, five) - far(landed, fifteen))).toBeLessThan(16);
  expect(far(landed, five)).toBeLessThan(far(five, fifteen));
  await field(page, "Jump").fill("5");
  await button(page, /^Jump on/).click();
  await expect.poll(says).toBe("55 + 15 + 5 = 75");
  await expect(page.locator("[data-part=pointer]")).toHaveCount(1);
  // By keys from the last number of the ring to its first.
  await at(page, "55").focus();
  await page.keyboard.press("ArrowRight");
  await expect(at(page, "56")).toBeFocused();
  for (const _ of [57, 58, 59, 0]) await page.keyboard.press("ArrowRight");
  await expect(at(page, "0")).toBeFocused();
});

for (const hand of HANDS) {
  test(`two trails are compared in two inks by ${hand}`, async ({ page, request }) => {
    await open(page, request, async () => {
      await addView(page, "Number sentence");
    });
    const draw = async (sentence: string) => {
      await turnTo(page, "Sentence", hand);
      await field(page, "Number sentence").fill(sentence);
      await press(hand, button(page, "Draw it"));
    };
    const inks = () =>
      page
        .locator("[data-jump] path:last-child")
        .evaluateAll((paths) =>
          paths.map((path) => [
            path.getAttribute("stroke")!.replace(/.*--color-(.*)-dot.*/, "$1"),
            path.hasAttribute("stroke-dasharray") ? "dashed" : "drawn",
          ]),
        );
    const ink = (which: string, name: string) =>
      page.getByRole("radiogroup", { name: `Ink: ${which}` }).getByRole("radio", { name, exact: true });
    const sentences = page.locator("[data-part=number-sentence]").getByRole("img");

    await turnTo(page, "To a number", hand);
    await choose(hand, page.getByRole("combobox", { name: "How it is drawn" }), "In one jump");
    await draw("45 + 39");
    await expect(sentences).toHaveCount(0);
    await turnTo(page, "All jumps", hand);
    await press(hand, button(page, "Set aside"));
    await draw("45 + 40 − 1");
    await expect.poll(inks).toEqual([
      ["sun", "dashed"],
      ["sea", "drawn"],
      ["sea", "drawn"],
    ]);
    await expect(sentences).toHaveCount(2);
    for (const name of ["Sun", "Sea"]) await expect(sentences.and(page.getByLabel(name))).toHaveCount(1);
    await turnTo(page, "All jumps", hand);
    await press(hand, ink("this one", "Plum"));
    await press(hand, ink("the other", "Kelp"));
    await expect.poll(inks).toEqual([
      ["kelp", "dashed"],
      ["plum", "drawn"],
      ["plum", "drawn"],
    ]);
    // The same ink for both is an exchange.
    await press(hand, ink("this one", "Kelp"));
    await expect.poll(inks).toEqual([
      ["plum", "dashed"],
      ["kelp", "drawn"],
      ["kelp", "drawn"],
    ]);
    await press(hand, button(page, "Take back"));
    await expect.poll(inks).toContainEqual(["kelp", "dashed"]);
    await press(hand, button(page, "Clear the other"));
    await expect(sentences).toHaveCount(0);
    // Alone again, the trail takes the colours of its places.
    await expect.poll(async () => (await inks()).map(([color]) => color)).toEqual(["sea", "coral"]);
  });
}

test("a trail that stands aside alone goes along while the line slides under the finger", async ({
  page,
  request,
}) => {
  await open(page, request);
  await turnTo(page, "Sentence");
  await field(page, "Number sentence").fill("40 + 20");
  await press("mouse", button(page, "Draw it"));
  await turnTo(page, "All jumps");
  await press("mouse", button(page, "Set aside"));
  // What was typed is there when its page is come back to.
  await turnTo(page, "Sentence");
  await expect(field(page, "Number sentence")).toHaveValue("40 + 20");
  await page.keyboard.press("m");
  await expect(page.getByRole("region", { name: "Jumps" })).toHaveCount(0);
  const from = await middle(page, "50");
  const arc = async () => (await page.locator("[data-jump]").first().boundingBox())!.x;
  const [before, label] = [await arc(), (await middle(page, "50")).x];
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x - 137, from.y, { steps: 6 });
  await expect.poll(async () => Math.abs(label - 137 - (await middle(page, "50")).x)).toBeLessThan(2);
  expect(Math.abs(before - 137 - (await arc()))).toBeLessThan(2);
  await page.mouse.up();
});
