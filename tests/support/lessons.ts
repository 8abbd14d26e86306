import { readFileSync } from "node:fs";
import { join } from "node:path";
import { type APIRequestContext, expect, type Locator, type Page, type TestInfo } from "@playwright/test";

export const LAMPS = "1-lamps-on-the-jetty";

/** A lesson from the demo folder, as its file holds it. */
export function demoLesson(name: string) {
  return JSON.parse(readFileSync(join(process.cwd(), "demo", `${name}.json`), "utf8"));
}

/** A word that only this attempt's lessons have: those of an attempt before are still on the shelf. */
export const ownWord = (word: string, { retry, repeatEachIndex }: TestInfo) =>
  word + "abcdefghijklmnopqrstuvwxyz".charAt(repeatEachIndex * 2 + retry);

/** Views with names: those of their kinds, where they have none. */
export const named = (views: readonly object[]): object[] =>
  views.map((view) => ({ id: (view as { kind: string }).kind, ...view }));

type Counting = { readonly count: object };

/** The count of a board, in tens: few numbers are enough for a test. */
const inTens = ({ count }: Counting) => ({ ...count, by: "10" });

/**
 * Puts a demo lesson on the shelf once more, for one test alone. Its steps are shown at once, or at the pace given:
 * a test waits for what is there, and not for a clock.
 */
export async function addLesson(
  request: APIRequestContext,
  { name = LAMPS, title, climbEvery = 0 }: { name?: string; title?: string; climbEvery?: number } = {},
): Promise<string> {
  const lesson = demoLesson(name);
  const boards = lesson.boards.map((board: Counting, i: number) => ({
    ...board,
    count: name === LAMPS && i === 0 ? inTens(board) : board.count,
    climbEvery,
  }));
  const answer = await request.post("/api/lessons", {
    data: { lesson: { ...lesson, boards, title: title ?? lesson.title } },
    // The server may close a keep-alive connection at the moment in which it is used again.
    maxRetries: 2,
  });
  expect(answer.status()).toBe(201);
  return (await answer.json()).id;
}

/** A board as a test describes it: its views, and what else it has. */
type SomeBoard = { readonly views: readonly object[]; readonly [part: string]: unknown };

/** Puts a lesson on the shelf whose only board has these views and no stair, and gives its address. They count in tens. */
export const lessonWith = (request: APIRequestContext, views: readonly object[], more: object = {}) =>
  lessonOf(request, { title: "Only board", ...more, views });

/** Puts a lesson of these boards on the shelf, without stairs, and gives its address. */
export async function lessonOf(request: APIRequestContext, ...boards: readonly SomeBoard[]): Promise<string> {
  const base = demoLesson(LAMPS);
  const made = boards.map(({ views, ...more }, i) => ({
    ...base.boards[0],
    count: inTens(base.boards[0]),
    id: `board-${i + 1}`,
    title: `Board ${i + 1}`,
    stair: [],
    opening: [],
    climbEvery: 0,
    views: named(views),
    ...more,
  }));
  const answer = await request.post("/api/lessons", {
    data: { lesson: { ...base, boards: made } },
    maxRetries: 2,
  });
  expect(answer.status(), await answer.text()).toBe(201);
  return (await answer.json()).id;
}

/** A line as the settings of a view. */
export const lineView = (part: object = {}): object => ({
  ...demoLesson("12-friendly-numbers").boards[0].views.find(({ kind }: { kind: string }) => kind === "line"),
  ...part,
});

/** Gives the board on show another title, by the set-up drawer. */
export async function retitle(page: Page, title: string) {
  await page.getByRole("tab", { name: "Board", exact: true }).click();
  await page.getByLabel("Title of this board").fill(title);
  await page.getByLabel("Title of this board").press("Enter");
}

/** The place of a chart by its name: "48", "48, sun mark", "covered". */
export const place = (page: Page, name: string | RegExp): Locator =>
  page.getByRole("gridcell", { name, exact: true });

/** The band with the step's question: its words are told to who does not see it too, so they stand on the page twice. */
export const question = (page: Page): Locator => page.getByRole("region", { name: "Question" });

export const openBoard = (page: Page, name: RegExp) =>
  page.getByRole("navigation", { name: "Boards" }).getByRole("button", { name }).click();

/** Opens a lesson and, from its menu, its sheets. */
export const openSheets = async (page: Page, id: string) => {
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Climb" }).waitFor();
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Save or print" }).click();
  await page.getByRole("button", { name: "Sheets for the table" }).click();
  return page.getByRole("dialog", { name: "Sheets for the table" });
};

/** Waits until the lesson is shown as saved. */
export const saved = (page: Page) =>
  expect(page.getByRole("status").filter({ hasText: /^\s*Saved\s*$/ })).toBeAttached();

/** Part of the panel beside the chart. */
export const panel = (page: Page, part: "sentence" | "numbers" | "ones") =>
  page.locator(`[data-part=${part}]`);

/** Climbs one step. */
export const climb = (page: Page) => page.getByRole("button", { name: "Climb" }).click();
