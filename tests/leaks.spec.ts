import { expect, type Page, test } from "@playwright/test";
import { demoLesson, named } from "./support/lessons";
import { makePuzzle, pressOnRail } from "./support/rail";

/** A number that nothing else on these boards is made of. */
const HIDDEN = "7347";
const TOLD = /7[,\u202f ]?347|seven thousand three hundred and forty-seven/i;

const chart = {
  kind: "chart",
  first: "7301",
  difference: "1",
  columns: 10,
  until: { by: "rows", rows: 10 },
  run: "across",
  climb: "down",
  reads: "one-way",
  covers: "solid",
};
const line = demoLesson("12-friendly-numbers").boards[0].views.find(
  ({ kind }: { kind: string }) => kind === "line",
);
const between = { join: "and", conditions: [{ kind: "between", not: false, from: HIDDEN, to: HIDDEN }] };

const VIEWS: Record<string, object> = {
  chart,
  empty: { ...chart, covers: "empty" },
  line: { ...line, from: "7340", to: "7360", interval: "1", divisions: 1 },
  upright: { ...line, from: "7340", to: "7360", interval: "1", divisions: 1, shape: "upright" },
  strip: {
    ...line,
    kind: "strip",
    shape: undefined,
    from: "7340",
    to: "7350",
    interval: "1",
    divisions: 1,
  },
  trail: { kind: "trail", numbers: true, sentence: true, ones: true, words: "british" },
  sentence: { kind: "sentence", form: "gathered" },
  way: { kind: "way" },
  "place value": {
    kind: "place-value",
    as: "blocks",
    pieces: "shown",
    digits: "shown",
    expanded: "shown",
    words: "shown",
  },
  "built by hand": {
    kind: "place-value",
    as: "beads",
    pieces: "shown",
    digits: "shown",
    expanded: "shown",
    words: "shown",
    building: "shown",
    exchange: "by-touch",
    towards: "10",
  },
  stops: {
    kind: "stops",
    stops: ["7345", HIDDEN],
    number: "shown",
    pieces: "shown",
    exchange: "shown",
    appears: "at-once",
  },
  order: { kind: "order", numbers: ["7300", HIDDEN], first: "smallest", pieces: "shown", signs: "shown" },
  pairs: { kind: "pairs", way: "on" },
  compare: { kind: "compare", a: HIDDEN, b: "7300" },
  say: { kind: "say", heard: "shown" },
  diagram: { kind: "diagram", numbers: "shown", outside: "shown" },
  graph: {
    kind: "graph",
    shows: "trail",
    joined: "joined",
    points: "shown",
    labels: "shown",
    from: 1,
    to: 9,
  },
  "graph of marks": {
    kind: "graph",
    shows: "marks",
    joined: "joined",
    points: "shown",
    labels: "shown",
    from: 1,
    to: 9,
  },
};
const COVERS: Record<string, object> = {
  "one by one": { do: "cover", numbers: [HIDDEN] },
  "by rule": { do: "cover", numbers: between },
};

/** A lesson of one board for every view, covered in one way: the hidden number is in focus, marked, and a landing. */
function lesson(cover: object) {
  const base = demoLesson("1-lamps-on-the-jetty");
  const [first] = base.boards;
  const boards = Object.entries(VIEWS).map(([name, view]) => ({
    ...first,
    id: name,
    title: name,
    views: named("columns" in view ? [view] : [chart, view]),
    stair: [],
    count: { ...first.count, by: "1", from: "7341" },
    opening: [
      { do: "compare-at", view: "order", place: "tens" },
      { do: "mark", ink: "sun", numbers: [HIDDEN] },
      { do: "mark", ink: "sea", numbers: [HIDDEN] },
      cover,
      { do: "start", number: "7341" },
      { do: "jump", by: "6" },
      { do: "draw-symmetry", view: "chart", symmetry: { kind: "mirror", line: "upright" }, on: true },
      { do: "guides", on: true },
    ],
  }));
  return { ...base, title: "What is covered", boards };
}

/** All that a page says: its text, and what it says to those who do not see it. */
const saidBy = (page: Page) =>
  page.evaluate(() => {
    const attributes = ["aria-label", "title", "placeholder", "alt", "aria-valuetext", "aria-description"];
    const saying = ["input", ...attributes.map((name) => `[${name}]`)].join();
    const named = [...document.querySelectorAll(saying)].flatMap((element) => [
      ...attributes.map((name) => element.getAttribute(name) ?? ""),
      element instanceof HTMLInputElement ? element.value : "",
    ]);
    const texts = [...document.querySelectorAll("svg text, svg tspan")].map(
      (element) => element.textContent ?? "",
    );
    // biome-ignore lint/performance/useDomNodeTextContent: what is seen, without the scripts of the page.
    return [document.title, document.body.innerText, ...named, ...texts].join("\n");
  });

for (const [how, cover] of Object.entries(COVERS))
  test(`nothing on the one screen names what is covered ${how}: no view, panel, message or name`, async ({
    page,
    request,
  }) => {
    test.slow();
    const answer = await request.post("/api/lessons", { data: { lesson: lesson(cover) }, maxRetries: 2 });
    expect(answer.status(), await answer.text()).toBe(201);
    const { id } = await answer.json();
    await page.goto(`/lesson/${id}`);
    const tool = (name: string) => page.locator("footer").getByRole("button", { name, exact: true });
    const quiet = async (where: string) => {
      // What reports of a board follows a frame or two after it.
      await page.evaluate(
        () =>
          new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done)))),
      );
      const told = (await saidBy(page)).split("\n").filter((words) => TOLD.test(words));
      expect(told, where).toEqual([]);
    };
    for (const { title, views } of lesson(cover).boards) {
      await page
        .getByRole("navigation", { name: "Boards" })
        .getByRole("button", { name: new RegExp(`^\\d+ ${title}$`) })
        .click();
      await expect(page.getByRole("grid").first()).toBeVisible();
      await quiet(title);
      await pressOnRail(page, "By rule");
      await page.getByRole("tab", { name: "Marks", exact: true }).click();
      await quiet(`${title}, marks by rule`);
      await page.getByRole("tab", { name: "Covers", exact: true }).click();
      await page.getByRole("button", { name: "Cover this many" }).click();
      await quiet(`${title}, covers`);
      await page.keyboard.press("z");
      await page.getByRole("tab", { name: "Pattern", exact: true }).click();
      await expect(page.getByRole("heading", { name: "What they have in common" })).toBeVisible();
      await quiet(`${title}, pattern`);
      for (const part of ["Symmetry", "Width"]) {
        await page.getByRole("tab", { name: part, exact: true }).click();
        await quiet(`${title}, ${part}`);
      }
      await pressOnRail(page, "By rule");
      if (views.some((view: { kind: string }) => view.kind !== "chart")) {
        await page.keyboard.press("j");
        await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
        await quiet(`${title}, jumps`);
        await page.keyboard.press("j");
      }
      await tool("Write").click();
      await expect(page.getByRole("region", { name: "Write" })).toBeVisible();
      await quiet(`${title}, writing`);
      await tool("Cover").click();
      await page.getByTitle("Set the count").click();
      await quiet(`${title}, the count`);
      await page.getByTitle("Set the count").click();
    }
  });

test("a count in silence tells neither where it is nor how far it has come", async ({ page, request }) => {
  const base = demoLesson("1-lamps-on-the-jetty");
  const [first] = base.boards;
  const views = named([
    { ...VIEWS.line, from: "0", to: "100", interval: "10", divisions: 10 },
    VIEWS.trail!,
    VIEWS.sentence!,
  ]);
  const board = {
    ...first,
    views,
    stair: [],
    opening: [],
    count: { ...first.count, by: "7", from: "14", every: 0.25, silent: true },
  };
  const { id } = await (
    await request.post("/api/lessons", { data: { lesson: { ...base, boards: [board] } }, maxRetries: 2 })
  ).json();
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Start the count" }).click();
  await expect(page.getByText("Count on in your head.").first()).toBeVisible();
  const said = await saidBy(page);
  await page.getByRole("button", { name: "Pause the count" }).click();
  expect(said.match(/× 7|14, 21|jumps? so far/g)).toBeNull();
});

test("a puzzle does not say which rows and columns it is taken from", async ({ page, request }) => {
  const base = demoLesson("9-crates-in-the-hold");
  const { id } = await (await request.post("/api/lessons", { data: { lesson: base }, maxRetries: 2 })).json();
  await page.goto(`/lesson/${id}`);
  await makePuzzle(page);
  await expect(page.getByText("What belongs here?")).toBeVisible();
  expect(await saidBy(page)).not.toMatch(/row \d|column \d/i);
  await expect(page.getByLabel("Go to row")).toHaveCount(0);
});

test("the line of a problem whose start is asked for begins at its end", async ({ page, request }) => {
  const base = demoLesson("1-lamps-on-the-jetty");
  const [first] = base.boards;
  const views = named([{ kind: "problems", items: ["? − 4 = 9", "? + 5 = 12"], check: "at-once" }]);
  const { id } = await (
    await request.post("/api/lessons", {
      data: { lesson: { ...base, boards: [{ ...first, views, stair: [], opening: [] }] } },
    })
  ).json();
  await page.goto(`/lesson/${id}`);
  await expect(page.getByRole("img", { name: "Line of problem 1: starts at 9" })).toBeVisible();
  await expect(page.getByRole("img", { name: "Line of problem 2: starts at 12" })).toBeVisible();
});

test("turning to a board without covers uncovers nothing on the one that is left, not for a moment", async ({
  page,
  request,
}) => {
  const base = demoLesson("1-lamps-on-the-jetty");
  const [first] = base.boards;
  const all = { join: "and", conditions: [{ kind: "all", not: false }] };
  const board = (id: string, view: object, opening: object[]) => ({
    ...first,
    id,
    title: `Board ${id}`,
    views: named([view]),
    stair: [],
    opening,
  });
  const strip = { ...VIEWS.strip, from: "7341", to: "7352" };
  const boards = [
    board("a", chart, [{ do: "cover", numbers: all }]),
    board("b", { ...chart, first: "1" }, []),
    board("c", VIEWS.line!, [{ do: "cover", numbers: all }]),
    board("d", { ...VIEWS.line, from: "0", to: "20" }, []),
    board("e", strip, [{ do: "cover", numbers: all }]),
    board("f", { ...strip, from: "1", to: "12" }, []),
  ];
  const { id } = await (
    await request.post("/api/lessons", { data: { lesson: { ...base, boards } }, maxRetries: 2 })
  ).json();
  await page.goto(`/lesson/${id}`);
  const turnTo = async (title: string) => {
    await page.getByRole("navigation", { name: "Boards" }).getByRole("button", { name: title }).click();
    await expect(page.locator("[data-place=main]").getByRole("grid")).toBeVisible();
  };
  await page.evaluate(() => {
    const told: string[] = [];
    Object.assign(window, { told });
    const look = () =>
      told.push(
        ...[...document.querySelectorAll("main svg text")].map(({ textContent }) => textContent ?? ""),
      );
    look();
    new MutationObserver(look).observe(document.body, {
      childList: true,
      subtree: true,
      characterData: true,
    });
  });
  for (const one of "abcdefabcdef") await turnTo(`Board ${one}`);
  const told = await page.evaluate(() => (window as unknown as { told: string[] }).told);
  expect(told.filter((text) => /73\d\d/.test(text.replace(/\D/g, "")))).toEqual([]);
  expect(told).toContain("12");
});
