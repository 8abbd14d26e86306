// Takes the README's screenshots from the demo data: npm run shots

import { mkdirSync, rmSync } from "node:fs";
import { installChromium } from "./lib/chromium.mjs";
import { usedBefore } from "./lib/first-visit.mjs";
import { installPackages } from "./lib/install.mjs";
import { ROOT } from "./lib/run.mjs";

process.chdir(ROOT);
installPackages();
const executablePath = installChromium();
const { PNG } = await import("pngjs");
const { CHROMIUM_ARGS } = await import("./lib/chromium.mjs");
const { buildApplication } = await import("./lib/build.mjs");
const { freePort, startServer } = await import("./lib/server.mjs");
const { addLesson, demoLesson } = await import("./lib/lessons.mjs");
const { chromium } = await import("@playwright/test");
buildApplication();

const FOLDER = "docs/screenshots";
mkdirSync(FOLDER, { recursive: true });
mkdirSync(".tmp", { recursive: true });
const database = `.tmp/shots-${Date.now()}.db`;
const server = await startServer({ port: await freePort(), database: `file:./${database}`, demo: true });
const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
try {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    reducedMotion: "reduce",
    storageState: usedBefore(server.address),
  });
  let page = await context.newPage();
  const cell = (number) => page.locator(`[data-cell='${number - 1}']`);
  const open = async (lesson, board, steps, query = "") => {
    // A window keeps where it was in a lesson; a new one begins at the start of the board.
    page = await context.newPage();
    await page.goto(`${server.address}/lesson/${lesson}${query}`);
    await page.getByRole("button", { name: "Climb" }).waitFor();
    if (board)
      await page
        .getByRole("navigation", { name: "Boards" })
        .getByRole("button", { name: board })
        .first()
        .click();
    for (let step = 1; step <= steps; step += 1) {
      await page.keyboard.press("PageDown");
      await page.getByLabel(new RegExp(`^Step ${step} of`)).waitFor();
    }
  };
  const take = async (name) => {
    await page.evaluate(() => document.fonts.ready);
    await page.waitForTimeout(400);
    await page.screenshot({ path: `${FOLDER}/${name}.png` });
  };

  await page.goto(server.address);
  await page.locator("svg text").first().waitFor();
  await take("shelf");

  // The demo lessons once more, their steps shown at once, so that no picture is taken in the middle of one.
  const again = async (name) => {
    const lesson = demoLesson(name);
    const boards = lesson.boards.map((board) => ({ ...board, climbEvery: 0 }));
    return addLesson(server.address, { ...lesson, boards });
  };
  const lamps = await again("1-lamps-on-the-jetty");
  await open(lamps, /Every sixth post/, 7);
  await take("board-teaching");

  await open(lamps, /Every sixth post/, 3, "?prepare");
  await page.getByRole("button", { name: "Sea ink" }).click();
  for (const number of [4, 8, 12]) await cell(number).click();
  await take("board-preparing");

  await open(await again("6-two-patterns-on-the-jetty"), /Lamps and buoys/, 3, "?prepare");
  await page.getByRole("tab", { name: "Marks" }).click();
  await page.getByText("have both marks").scrollIntoViewIfNeeded();
  await take("board-rules");

  await open(await again("7-where-does-it-go"), null, 3);
  await cell(55).click();
  for (const digit of ["5", "4"]) await page.getByRole("button", { name: digit, exact: true }).click();
  await page.getByRole("button", { name: "Write it" }).click();
  await take("board-filling");

  await open(await again("8-arrows-on-the-jetty"), /Numbers grow down/, 3);
  await take("board-arrows");

  await open(await again("9-crates-in-the-hold"), /Crates in rows/, 4);
  await take("board-times");

  await open(await again("12-friendly-numbers"), /Friendly numbers/, 4);
  await take("board-line");
  const ten = await again("13-how-far-to-the-next-ten");
  await open(ten, /Your turn/, 2);
  await take("board-problems");
  await open(await again("21-lamps-in-the-mist"), /Two slopes/, 3);
  await take("board-shading");
  await open(await again("22-pattern-cards"), /Which belong together/, 7);
  await take("board-cards");
  await open(await again("16-jars-past-the-hundred"), /Ten jars/, 4);
  await take("board-place-value");
  await open(await again("16-jars-past-the-hundred"), /Was there an exchange/, 5);
  await take("board-stops");
  await open(await again("18-filling-the-ferry"), /Fill the ten/, 2);
  await take("board-frames");
  await open(await again("17-crates-and-jars"), null, 3);
  await take("board-groups");
  const twice = await again("1-lamps-on-the-jetty");
  await open(twice, /Which post comes next/, 2);
  const [screen] = await Promise.all([
    context.waitForEvent("page"),
    page.evaluate((at) => void window.open(at, "_blank", "popup,noopener"), `/lesson/${twice}/class`),
  ]);
  await screen.setViewportSize({ width: 1280, height: 800 });
  await page.getByText("What the class sees").waitFor();
  // One step more, so that both have been told.
  await page.keyboard.press("PageDown");
  await screen.getByText("Four posts are covered now").waitFor();
  await take("teacher-window");
  await screen.waitForTimeout(400);
  await screen.screenshot({ path: `${FOLDER}/class-screen.png` });
  await screen.close();

  page = await context.newPage();
  await page.goto(server.address);
  await page.getByRole("button", { name: "New lesson" }).click();
  await page.getByRole("radio", { name: "Through friendly numbers" }).click();
  await page.getByText("From 27").first().waitFor();
  await take("recipes");

  await open(lamps, null, 0);
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Save or print" }).click();
  await page.getByRole("button", { name: "Sheets for the table" }).click();
  await page.getByText("The page is drawn.").waitFor({ state: "attached" });
  await page.getByRole("button", { name: "Show its answers" }).click();
  await page.locator("iframe").nth(1).waitFor();
  await page.getByText("The page is drawn.").waitFor({ state: "attached" });
  // The viewer of PDFs is a page of its own, and tells nobody when it has drawn: until then its ground is dark.
  const isDrawn = async (viewer) => {
    const { x, y, width, height } = await viewer.boundingBox();
    const clip = { x: x + width / 4, y: y + height / 4, width: 40, height: 40 };
    const { data } = PNG.sync.read(await page.screenshot({ clip }));
    return data.reduce((sum, value) => sum + value, 0) / data.length > 200;
  };
  for (const viewer of await page.locator("iframe").all())
    for (let tries = 0; tries < 40 && !(await isDrawn(viewer)); tries += 1) await page.waitForTimeout(500);
  await take("sheet");
} finally {
  await browser.close();
  await server.stop();
  for (const end of ["", "-wal", "-shm"]) rmSync(`${database}${end}`, { force: true });
}
