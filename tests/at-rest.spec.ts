import { readdirSync } from "node:fs";
import { type Browser, expect, type Page, type Response, test } from "@playwright/test";
import { KINDS } from "@/core/views/kinds";
import { addLesson, climb, demoLesson, LAMPS, lessonWith, lineView, place } from "./support/lessons";

type Seen = { text: string; x: number; y: number };

/** The numbers of the page, and where they stand. */
const numbers = (page: Page): Promise<Seen[]> =>
  page.locator("main text").evaluateAll((all) =>
    all.flatMap((text) => {
      const { x, y, width } = text.getBoundingClientRect();
      return width === 0 ? [] : [{ text: text.textContent, x, y }];
    }),
  );

/** A window measures its views in whole pixels. */
const NEAR = 1.5;

/** Of some numbers those that do not stand among others within a pixel or so. */
const astray = (some: readonly Seen[], others: readonly Seen[]) =>
  some.filter(
    ({ text, x, y }) =>
      !others.some((other) => other.text === text && Math.hypot(other.x - x, other.y - y) < NEAR),
  );

/** Waits until a page has its own letters: those that stand in for them are of other sizes. They are asked for as it is laid out. */
const lettered = (page: Page) =>
  expect
    .poll(() =>
      page.evaluate(() => {
        document.body.getBoundingClientRect();
        return document.fonts.status;
      }),
    )
    .toBe("loaded");

/** A window that shows pages as the server sends them. */
async function asSent(browser: Browser, size = { width: 1280, height: 800 }): Promise<Page> {
  const context = await browser.newContext({ javaScriptEnabled: false, viewport: size });
  return await context.newPage();
}

const alive = (page: Page) => expect(page.getByRole("button", { name: "Prepare" })).toBeVisible();

test("the first board of every demo lesson comes drawn from the server, each number where it stays", async ({
  browser,
  page,
  request,
  baseURL,
}) => {
  test.slow();
  let seen = 0;
  const sent = await asSent(browser);
  for (const file of readdirSync("demo").filter((name) => name.endsWith(".json"))) {
    const id = await addLesson(request, { name: file.replace(".json", "") });
    await sent.goto(`${baseURL}/lesson/${id}`);
    await page.goto(`/lesson/${id}`);
    await alive(page);
    await lettered(page);
    await lettered(sent);
    const before = await numbers(sent);
    seen += before.length;
    await expect
      .poll(
        async () => {
          const live = await numbers(page);
          return [astray(before, live), astray(live, before)];
        },
        { message: file },
      )
      .toEqual([[], []]);
  }
  await sent.context().close();
  expect(seen).toBeGreaterThan(800);
});

test("a window of another size is drawn in its own size the next time", async ({
  browser,
  request,
  baseURL,
}) => {
  const id = await addLesson(request, { title: "On a large display" });
  const context = await browser.newContext({ viewport: { width: 1920, height: 1080 } });
  const page = await context.newPage();
  await page.goto(`${baseURL}/lesson/${id}`);
  await alive(page);
  const live = await numbers(page);
  const sent = await asSent(browser, { width: 1920, height: 1080 });
  await sent.context().addCookies(await context.cookies());
  await sent.goto(`${baseURL}/lesson/${id}`);
  expect(live.length).toBeGreaterThan(99);
  expect(astray(live, await numbers(sent))).toEqual([]);
  await context.close();
  await sent.context().close();
});

const jumps = (start: string, ...by: string[]) => [
  { do: "start", number: start },
  ...by.map((each) => ({ do: "jump", by: each })),
];
const CHART = demoLesson(LAMPS).boards[0].views.find(({ kind }: { kind: string }) => kind === "chart");
const FLAT = { shape: "flat", unit: "", from: "0", to: "100", interval: "10", divisions: 10 };
/** Boards whose views have other buttons under them than those of the demo lessons, or none. */
const OTHERS: Record<string, [views: object[], opening?: object[], layout?: object]> = {
  "a line that slides, with its buttons in two rows": [
    [
      CHART,
      lineView({ ...FLAT, pinned: false }),
      { kind: "trail", numbers: true, sentence: true, ones: true, words: "off" },
    ],
    jumps("0", ...Array(20).fill("3")),
  ],
  "an open line, without any": [
    [lineView({ ...FLAT, open: true, to: "1000", interval: "100" }), { kind: "sentence", form: "gathered" }],
    jumps("998", "2", "3000"),
  ],
  "arrows, and the way beside the chart": [
    [CHART, { kind: "arrows", layFirst: true }, { kind: "way" }],
    jumps("45", "10", "-1"),
  ],
  "pieces over the arrows": [
    [CHART, { kind: "arrows", layFirst: false }, { ...KINDS["place-value"].starts, digits: "shown" }],
    [{ do: "focus", number: "37" }],
  ],
  "a count in one row over the arrows": [
    [CHART, { kind: "arrows", layFirst: false }, { ...KINDS.trail.starts, numbers: false, ones: false }],
    jumps("45", "10", "-1"),
  ],
  "a count in three parts over the arrows": [
    [CHART, { kind: "arrows", layFirst: false }, KINDS.trail.starts],
    jumps("45", "10", "-1"),
  ],
  "a line over what slides a times grid": [
    [KINDS.times.starts, lineView({ ...FLAT, pinned: false })],
    [{ do: "focus", number: "30" }],
  ],
  "two times grids, and the choice of which one slides": [
    [
      { ...KINDS.times.starts, id: "sixes" },
      { ...KINDS.times.starts, id: "eights", rows: 8 },
    ],
  ],
  "a chart, arrows and a times grid": [[CHART, { kind: "arrows", layFirst: false }, KINDS.times.starts]],
  "groups, with their buttons in two rows or three": [
    [
      CHART,
      demoLesson("17-crates-and-jars").boards[0].views.find(
        ({ kind }: { kind: string }) => kind === "groups",
      ),
    ],
  ],
  "small views in a row below a line, their buttons in one row": [
    [
      lineView({ ...FLAT, pinned: true }),
      { ...KINDS.groups.starts, id: "groups" },
      { ...KINDS.say.starts, id: "say" },
      { ...KINDS.compare.starts, id: "compare" },
    ],
    jumps("12", "10", "3"),
    { run: "above", share: 0.6 },
  ],
  "a strip and two numbers to compare, in the lowest rooms": [
    [
      { ...KINDS["higher-lower"].starts, id: "draw" },
      { ...KINDS.strip.starts, id: "strip" },
      { ...KINDS.compare.starts, id: "compare" },
    ],
    jumps("12", "3"),
    { run: "above", share: 0.6 },
  ],
  "a ten and the next": [[{ kind: "pairs", way: "on" }], [{ do: "focus", number: "37" }]],
};

/** Boards of several views that a phone shows below each other. */
const STACKED: Record<string, object[]> = {
  "two charts": [
    { ...CHART, id: "one" },
    { ...CHART, id: "two" },
  ],
  "a chart, a line and a sentence": [CHART, lineView({ ...FLAT, pinned: true }), KINDS.sentence.starts],
};

test("on a phone, views below each other come drawn where they are scrolled to", async ({
  browser,
  request,
  baseURL,
}) => {
  const size = { width: 390, height: 844 };
  const context = await browser.newContext({ viewport: size });
  const page = await context.newPage();
  const sent = await asSent(browser, size);
  for (const [name, views] of Object.entries(STACKED)) {
    const url = `${baseURL}/lesson/${await lessonWith(request, views, { opening: jumps("12", "10", "3") })}`;
    await page.goto(url);
    await expect(page.getByRole("button", { name: "Lift" })).toBeVisible();
    await lettered(page);
    await expect.poll(() => context.cookies()).not.toEqual([]);
    await sent.context().addCookies(await context.cookies());
    await sent.goto(url);
    await lettered(sent);
    const before = await numbers(sent);
    expect(before.length).toBeGreaterThan(10);
    await expect.poll(async () => astray(before, await numbers(page)), { message: name }).toEqual([]);
  }
  await sent.context().close();
  await context.close();
});

for (const [width, height, way] of [
  [1280, 800, ""],
  [1280, 800, "?prepare"],
  [820, 1180, ""],
  [3840, 2160, ""],
] as const) {
  test(`with other buttons under a view, and at ${width} × ${height}${way}, each number stays where it was drawn`, async ({
    browser,
    request,
    baseURL,
  }) => {
    test.slow();
    const context = await browser.newContext({ viewport: { width, height } });
    const page = await context.newPage();
    const sent = await asSent(browser, { width, height });
    for (const [name, [views, opening = [], layout = {}]] of Object.entries(OTHERS)) {
      const more = { opening, ...("run" in layout ? { layout } : {}) };
      const url = `${baseURL}/lesson/${await lessonWith(request, views, more)}${way}`;
      await page.goto(url);
      await expect(page.getByRole("button", { name: "Lift" })).toBeVisible();
      await lettered(page);
      // The server knows by them how large the window is.
      await sent.context().addCookies(await context.cookies());
      await sent.goto(url);
      await lettered(sent);
      const before = await numbers(sent);
      expect(before.length).toBeGreaterThan(1);
      await expect
        .poll(
          async () => {
            const live = await numbers(page);
            // The set-up beside it has numbers of its own.
            return [astray(before, live), way === "" ? astray(live, before) : []];
          },
          { message: name },
        )
        .toEqual([[], []]);
    }
    await sent.context().close();
    await context.close();
  });
}

test("a window that comes back to a board shows nothing of it before what was covered by hand", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { name: LAMPS, title: "Covered by hand" });
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await place(page, "48").click();
  await expect(place(page, "covered")).toBeVisible();
  await climb(page);
  await expect.poll(() => page.evaluate(() => Object.keys(sessionStorage).join())).toContain(id);
  // What the server sends stands still: no script but the one in the page runs.
  await page.route(/_next\/static\/.*\.js/, (route) => route.abort());
  await page.reload({ waitUntil: "domcontentloaded" });
  const drawn = page.locator("main text", { hasText: /^48$/ });
  await expect(drawn).toBeAttached();
  await expect(drawn).toBeHidden();
  await page.unroute(/_next\/static\/.*\.js/);
  await page.reload();
  await expect(place(page, "covered")).toBeVisible();
});

test("every script of a page asks to be compiled beside it", async ({ page }) => {
  const scripts = new Map<string, Promise<string>>();
  const read = (answer: Response) => {
    if (answer.url().endsWith(".js")) scripts.set(answer.url(), answer.text());
  };
  page.on("response", read);
  await page.goto("/lesson/lamps-on-the-jetty");
  await alive(page);
  // Parts that come later may come as the test ends, and could not be read to their end.
  page.off("response", read);
  expect(scripts.size).toBeGreaterThan(5);
  for (const text of await Promise.all(scripts.values()))
    expect(text.slice(0, 60)).toMatch(/^\/\/# allFunctionsCalledOnLoad\n/);
});
