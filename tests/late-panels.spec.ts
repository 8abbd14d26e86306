import { expect, type Page, test } from "@playwright/test";
import { KINDS } from "@/core/views/kinds";
import { demoLesson, LAMPS, lessonWith, lineView } from "./support/lessons";

const CHART = demoLesson(LAMPS).boards[0].views.find(({ kind }: { kind: string }) => kind === "chart");
const FLAT = { shape: "flat", unit: "", from: "0", to: "100", interval: "10", divisions: 10 };

/** Holds back the scripts of a page with given words until they are let go. */
async function holdBack(page: Page, words: string): Promise<() => void> {
  let letGo = () => {};
  const held = new Promise<void>((done) => {
    letGo = done;
  });
  await page.route("**/*.js", async (route) => {
    const answer = await route.fetch();
    if ((await answer.text()).includes(words)) await held;
    await route.fulfill({ response: answer });
  });
  return letGo;
}

// A page that is closed may still have scripts on their way.
test.afterEach(({ page }) => page.unrouteAll({ behavior: "ignoreErrors" }));

const ARROWS = { kind: "arrows", layFirst: false };
for (const [name, words, late, views] of [
  [
    "arrows",
    "Cover the landing",
    "Arrows",
    [CHART, ARROWS, { ...KINDS.trail.starts, numbers: false, ones: false }],
  ],
  [
    "what slides a times grid",
    "A touch marks",
    "Slide",
    [KINDS.times.starts, lineView({ ...FLAT, pinned: false })],
  ],
  ["one of two panels", "Cover the landing", "Arrows", [CHART, ARROWS, KINDS.times.starts]],
] as const) {
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
  ] as const) {
    test(`nothing moves at ${width} × ${height} when ${name} come late`, async ({ page, request }) => {
      await page.setViewportSize({ width, height });
      const letGo = await holdBack(page, words);
      await page.goto(`/lesson/${await lessonWith(request, views)}`);
      const places = () =>
        page.locator("[data-place]").evaluateAll((all) =>
          all.map((one) => {
            const { x, y, width, height } = one.getBoundingClientRect();
            return [x, y, width, height].map(Math.round);
          }),
        );
      await expect(page.locator("[data-place]")).toHaveCount(2);
      await expect(page.getByRole("button", { name: "Lift" })).toBeVisible();
      const before = await places();
      expect(await page.getByRole("region", { name: late }).count()).toBe(0);
      letGo();
      await expect(page.getByRole("region", { name: late })).toBeVisible();
      expect(await places()).toEqual(before);
    });
  }
}

test("what is typed before a window over the board is there is kept for it, and does nothing on the board", async ({
  page,
  request,
}) => {
  const letGo = await holdBack(page, "No command has these letters");
  await page.goto(`/lesson/${await lessonWith(request, [CHART])}`);
  const lift = page.getByRole("button", { name: "Lift" });
  await expect(lift).toBeVisible();
  const before = await lift.getAttribute("aria-pressed");
  // Not on the square that has the focus either.
  await page.getByRole("gridcell").nth(4).focus();
  await page.keyboard.press("Control+k");
  await page.keyboard.press("Enter");
  await page.keyboard.type("lift");
  await expect(page.getByRole("button", { name: "Take back" })).toBeDisabled();
  expect(await lift.getAttribute("aria-pressed")).toBe(before);
  letGo();
  await expect(page.getByRole("combobox", { name: "Find a command" })).toHaveValue("lift");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await expect(lift).toHaveAttribute("aria-pressed", "true");
});

test("Escape calls off a window that does not arrive, and the keys are the board's again", async ({
  page,
  request,
}) => {
  await holdBack(page, "No command has these letters");
  await page.goto(`/lesson/${await lessonWith(request, [CHART])}`);
  const lift = page.getByRole("button", { name: "Lift" });
  await expect(lift).toBeVisible();
  await page.keyboard.press("Control+k");
  await page.keyboard.press("l");
  expect(await lift.getAttribute("aria-pressed")).not.toBe("true");
  await page.keyboard.press("Escape");
  await page.keyboard.press("l");
  await expect(lift).toHaveAttribute("aria-pressed", "true");
});
