import { expect, type Locator, type Page, test } from "@playwright/test";
import { middleOf, turnTo } from "./support/hands";
import {
  addLesson,
  climb,
  demoLesson,
  lessonWith,
  lineView,
  openBoard,
  place,
  question,
  saved,
} from "./support/lessons";
import { penInHand } from "./support/pen";

const field = (page: Page, label: string) =>
  page.locator("input, textarea").and(page.getByLabel(label, { exact: true }));
const button = (page: Page, name: string) => page.getByRole("button", { name, exact: true });

test.describe("in hand", () => {
  test("preparing always shows the set-up, with a page for the tool; a second touch puts the tool away", async ({
    page,
    request,
  }) => {
    await page.goto(
      `/lesson/${await lessonWith(request, [lineView(), { kind: "sentence", form: "gathered" }])}?prepare`,
    );
    await page.getByRole("tab", { name: "Views", exact: true }).click();
    await button(page, "Write").click();
    await expect(page.getByRole("tab", { name: "Write", exact: true })).toHaveAttribute(
      "data-state",
      "active",
    );
    await expect(page.getByRole("tab", { name: "Numbers", exact: true })).toBeVisible();
    await button(page, "Write").click();
    await expect(page.getByRole("tab", { name: "Views", exact: true })).toHaveAttribute(
      "data-state",
      "active",
    );
    await button(page, "Jump").click();
    await expect(page.getByRole("tab", { name: "Jump", exact: true })).toHaveAttribute(
      "data-state",
      "active",
    );
    for (const name of ["Cover", "Lift", "Pen", "Jump"]) {
      await button(page, name).click();
      await expect(button(page, name)).toHaveAttribute("aria-pressed", "true");
      await button(page, name).click();
      await expect(button(page, name)).toHaveAttribute("aria-pressed", "false");
    }
  });

  test("a jump is drawn over a chart, and shows its way", async ({ page, request }) => {
    const [chart] = demoLesson("1-lamps-on-the-jetty").boards[0].views;
    await page.goto(`/lesson/${await lessonWith(request, [chart, { kind: "sentence", form: "gathered" }])}`);
    await button(page, "Jump").click();
    // The chart gives the panel its room, and stands still once that is there.
    await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
    const chart27 = page.locator("[data-cell='26']");
    await expect(async () => {
      const before = await chart27.boundingBox();
      await page.waitForTimeout(150);
      expect(await chart27.boundingBox()).toEqual(before);
    }).toPass();
    const middle = async (number: string) => {
      const box = (await page.locator(`[data-cell='${Number(number) - 1}']`).boundingBox())!;
      return [box.x + box.width / 2, box.y + box.height / 2] as const;
    };
    for (const [from, to] of [
      ["27", "50"],
      ["50", "48"],
    ] as const) {
      await page.mouse.move(...(await middle(from)));
      await page.mouse.down();
      await page.mouse.move(...(await middle(to)), { steps: 6 });
      await page.mouse.up();
    }
    await expect(page.locator("[data-part=route]")).toBeVisible();
    await expect
      .poll(async () => (await page.locator("[data-part=number-sentence] svg").allTextContents()).join(""))
      .toBe("27+23−2=48");
  });

  test("numbers are placed on a line within a finger's width, chosen ones too; an empty line is written on", async ({
    page,
    request,
  }) => {
    const fill = { by: "home", check: "at-once", hints: true, goal: 10, numbers: ["40", "75"] };
    await page.goto(`/lesson/${await lessonWith(request, [lineView({ labels: "ends" })], { fill })}`);
    await button(page, "Write").click();
    await button(page, "Draw a number").click();
    const told = page.locator("[data-part=told]");
    for (let left = 2; left > 0; left -= 1) {
      const asked = await page.locator("[data-part=digits]").getAttribute("aria-label");
      expect(["40", "75"]).toContain(asked);
      const [zero, hundred] = await Promise.all(
        ["0", "100"].map(async (key) => {
          const box = (await page.locator(`[role=gridcell][data-number='${key}']`).boundingBox())!;
          return { x: box.x + box.width / 2, y: box.y };
        }),
      );
      const at = (value: number) => zero!.x + ((hundred!.x - zero!.x) * value) / 100;
      await page.mouse.click(at(Number(asked) + 12), zero!.y - 44);
      await expect(told).toContainText(`${asked} does not belong here.`);
      // A finger may be some way off.
      await page.mouse.click(at(Number(asked)) + 14, zero!.y - 44);
      await expect(told).toHaveText(left === 2 ? "Yes. How do you know?" : "All 2 numbers are placed.");
    }
    await expect(page.getByText("2 of 2 placed")).toBeVisible();

    await page.goto(`/lesson/${await lessonWith(request, [lineView({ open: true })])}`);
    await button(page, "Write").click();
    await expect(page.getByLabel("Typed so far")).toBeVisible();
    for (const number of ["27", "50"]) {
      await page.keyboard.type(number);
      await button(page, "Write it").click();
      await expect(page.locator(`[role=gridcell][data-number='${number}']`)).toBeVisible();
    }
  });

  test("a covered term of the sentence is filled in; a wrong size changes nothing", async ({
    page,
    request,
  }) => {
    const opening = [
      { do: "start", number: "52" },
      { do: "jump", by: "-17" },
      { do: "cover-jump", jumps: [0], part: "size" },
    ];
    await page.goto(
      `/lesson/${await lessonWith(request, [lineView(), { kind: "sentence", form: "gathered" }], { opening })}`,
    );
    const sentence = page.locator("[data-part=number-sentence]");
    await button(page, "Write").click();
    await expect(page.getByLabel("Typed so far")).toBeVisible();
    await sentence.getByRole("button", { name: "covered" }).click();
    await page.keyboard.type("13");
    await page.keyboard.press("Enter");
    await expect(page.locator("[data-part=told]")).toContainText("13 does not belong here.");
    await expect(sentence.getByRole("button", { name: "covered" })).toBeVisible();
    await page.keyboard.type("17");
    await page.keyboard.press("Enter");
    await expect(sentence.getByRole("button", { name: "17" })).toBeVisible();
  });

  test("of 4 × a covered size the size belongs, and not the product; a division stays one", async ({
    page,
    request,
  }) => {
    const jumps = Array.from({ length: 4 }, () => ({ do: "jump", by: "6" }));
    const opening = [
      { do: "start", number: "0" },
      ...jumps,
      { do: "cover-jump", jumps: [0, 1, 2, 3], part: "size" },
    ];
    const views = [lineView(), { kind: "sentence", form: "gathered" }];
    await page.goto(`/lesson/${await lessonWith(request, views, { opening })}`);
    const sentence = page.locator("[data-part=number-sentence]");
    await button(page, "Write").click();
    await expect(page.getByLabel("Typed so far")).toBeVisible();
    await sentence.getByRole("button", { name: "covered" }).click();
    await page.keyboard.type("24");
    await page.keyboard.press("Enter");
    await expect(page.locator("[data-part=told]")).toContainText("24 does not belong here.");
    await page.keyboard.type("6");
    await page.keyboard.press("Enter");
    await expect(sentence.getByRole("button", { name: "covered" })).toHaveCount(0);
    await button(page, "Jump").click();
    await turnTo(page, "Sentence");
    await field(page, "Number sentence").fill("24 ÷ 6");
    await button(page, "Draw it").click();
    await expect.poll(async () => (await sentence.locator("svg").allTextContents()).join("")).toBe("24÷6=4");
  });

  test("a note is kept by a touch anywhere else, and by Escape", async ({ page, request }) => {
    const [chart] = demoLesson("1-lamps-on-the-jetty").boards[0].views;
    await page.goto(`/lesson/${await lessonWith(request, [chart])}`);
    const drawn = page.getByRole("img", { name: /^Drawn by hand/ });
    const write = async (cell: string, words: string) => {
      const { x, y } = await middleOf(page.locator(`[data-cell='${cell}']`));
      await page.mouse.click(x, y);
      await page.getByRole("textbox", { name: "Note" }).fill(words);
    };
    await button(page, "Pen").click();
    await penInHand(page);
    await page.getByLabel("Draw with: Note").click();
    await write("33", "thirty-four");
    await page.keyboard.press("Escape");
    await expect(drawn).toHaveAccessibleName(/thirty-four/);
    await write("63", "sixty-four");
    await button(page, "Cover").click();
    await expect(drawn).toHaveAccessibleName(/thirty-four.*sixty-four/);
  });

  test("a step does something else, its words kept; a step is duplicated", async ({ page, request }) => {
    await page.goto(`/lesson/${await addLesson(request)}?prepare`);
    const steps = page.getByRole("region", { name: "Steps" });
    const menu = async (name: RegExp, item: string) => {
      await steps.getByRole("button", { name }).click();
      await page.getByRole("menuitem", { name: item }).click();
    };
    await menu(/More for step 2/, "Do the step again");
    await place(page, "52").click();
    await steps.getByRole("button", { name: "Keep it" }).click();
    await expect(page.getByText("Step “Along a row” now does this.")).toBeVisible();
    for (const region of [steps, page.getByRole("region", { name: "Question" })])
      await expect(region.getByText("Start at post 31.")).toHaveCount(1);
    await expect(place(page, /^52, sun mark/)).toBeVisible();
    await expect(place(page, "32")).toBeVisible();
    await menu(/More for step 2/, "Duplicate the step");
    await expect(steps.getByRole("button", { name: /More for step 3, Along a row/ })).toBeVisible();
    await saved(page);
  });

  test("twelve boards: the head shows that there are more, and reaches the last", async ({
    page,
    request,
  }) => {
    const base = demoLesson("1-lamps-on-the-jetty");
    const boards = Array.from({ length: 12 }, (_, index) => ({
      ...base.boards[0],
      id: `pier-${index}`,
      title: `Posts of pier ${index + 1}`,
      stair: [],
    }));
    const answer = await request.post("/api/lessons", {
      data: { lesson: { ...base, boards } },
      maxRetries: 2,
    });
    await page.emulateMedia({ reducedMotion: "reduce" });
    await page.goto(`/lesson/${(await answer.json()).id}`);
    const last = page.getByRole("button", { name: "12 Posts of pier 12" });
    await expect(button(page, "Earlier boards")).toHaveCount(0);
    await expect(button(page, "Later boards")).toBeVisible();
    const left = () =>
      last.evaluate((tab) => {
        const strip = tab.closest("nav")!;
        return strip.scrollWidth - strip.clientWidth - strip.scrollLeft;
      });
    for (let was = await left(); was > 4; was = await left()) {
      await button(page, "Later boards").click();
      await expect.poll(left).toBeLessThan(was);
    }
    await expect(button(page, "Later boards")).toHaveCount(0);
    await expect(last).toBeInViewport({ ratio: 0.99 });
    await last.click();
    await expect(last).toHaveAttribute("aria-current", "page");
    await expect(button(page, "Earlier boards")).toBeVisible();
    await expect(page.getByRole("button", { name: /^More/ })).toHaveCount(1);
    // With less room the board that is on show stays in sight.
    await page.setViewportSize({ width: 1024, height: 768 });
    await expect(last).toBeInViewport({ ratio: 0.99 });
  });

  test("a message covers no number, question or tool, and wears the program's typeface", async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request)}`);
    await openBoard(page, /Every sixth post/);
    await climb(page);
    await place(page, "99").click();
    await page.keyboard.press("Backspace");
    const message = page.locator("[data-sonner-toast]");
    await expect(message).toContainText("Back to prepared.");
    await expect(message.getByRole("button", { name: "Take back" })).toBeVisible();
    const family = (part: Locator) => part.evaluate((element) => getComputedStyle(element).fontFamily);
    expect(await family(message)).toBe(await family(page.locator("body")));
    await expect.poll(async () => (await message.boundingBox())!.y).toBeGreaterThanOrEqual(0);
    const box = (await message.boundingBox())!;
    for (const part of [
      page.getByRole("grid"),
      question(page).getByText("Which post has the first one?"),
      page.locator("footer"),
    ]) {
      expect((await part.boundingBox())!.y).toBeGreaterThanOrEqual(box.y + box.height);
    }
    await message.getByRole("button", { name: "Take back" }).click();
    await expect(place(page, /^99, sun mark/)).toBeVisible();
  });
});
