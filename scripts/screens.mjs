// Opens every demo board at eight sizes and measures it: npm run screens
import { readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { installChromium } from "./lib/chromium.mjs";
import { usedBefore } from "./lib/first-visit.mjs";
import { installPackages } from "./lib/install.mjs";
import { measureScreen } from "./lib/measure-screen.mjs";
import { ROOT, runBin } from "./lib/run.mjs";

process.chdir(ROOT);
installPackages();
const executablePath = installChromium();
const { CHROMIUM_ARGS } = await import("./lib/chromium.mjs");
const { buildApplication } = await import("./lib/build.mjs");
const { freePort, startServer } = await import("./lib/server.mjs");
const { chromium } = await import("@playwright/test");
buildApplication();

/** The sizes in CSS pixels; a page at 125 % has fewer of them. */
export const SIZES = [
  { name: "1280 × 800", width: 1280, height: 800 },
  { name: "1024 × 768", width: 1024, height: 768 },
  { name: "820 × 1180", width: 820, height: 1180 },
  { name: "1366 × 768 at 125 %", width: 1093, height: 614 },
  { name: "1366 × 768 at 200 %", width: 683, height: 384 },
  { name: "1920 × 1080", width: 1920, height: 1080 },
  { name: "3840 × 2160", width: 3840, height: 2160 },
  { name: "390 × 844", width: 390, height: 844 },
];
const [MAIN, SIDE] = [0.027, 0.02];

const database = `.tmp/screens-${Date.now()}.db`;
const server = await startServer({ port: await freePort(), database: `file:./${database}`, demo: true });
const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
const rows = [];
try {
  const context = await browser.newContext({
    viewport: SIZES[0],
    reducedMotion: "reduce",
    storageState: usedBefore(server.address),
  });
  const only = process.argv[2];
  const files = readdirSync("demo")
    .filter((file) => file.endsWith(".json") && (!only || file.includes(only)))
    .sort((a, b) => a.localeCompare(b, "en", { numeric: true }));
  for (const file of files) {
    const lesson = JSON.parse(readFileSync(`demo/${file}`, "utf8"));
    const page = await context.newPage();
    await page.goto(`${server.address}/lesson/${file.replace(/^\d+-|\.json$/g, "")}`);
    await page.getByRole("button", { name: "Climb" }).waitFor();
    for (const [at, board] of lesson.boards.entries()) {
      await page.setViewportSize(SIZES[0]);
      if (lesson.boards.length > 1)
        await page
          .getByRole("navigation", { name: "Boards" })
          .getByRole("button", { name: `${at + 1} ${board.title}` })
          .click();
      // No sign is pointed at: its name would lie over what is below it.
      await page.mouse.move(0, 0);
      // Half way up its stair, where something has been done.
      for (let step = 0; step < Math.ceil(board.stair.length / 2); step += 1)
        await page.keyboard.press("PageDown");
      await page.keyboard.press("PageDown");
      await page.waitForTimeout(250);
      for (const size of SIZES) {
        await page.setViewportSize(size);
        await page.waitForTimeout(220);
        rows.push({
          size,
          board: `${lesson.title}: ${board.title}`,
          ...(await page.evaluate(measureScreen)),
        });
      }
    }
    await page.close();
  }
} finally {
  await browser.close();
  await server.stop();
  for (const end of ["", "-wal", "-shm"]) rmSync(`${database}${end}`, { force: true });
}

const per = (part) => `${(100 * part).toFixed(1)} %`;
const smallest = (all, height) => {
  const found = all.filter(Boolean).sort((a, b) => a.size - b.size)[0];
  return found ? `${found.size.toFixed(0)} px, ${per(found.size / height)}` : "none";
};
const table = SIZES.map((size) => {
  const here = rows.filter((row) => row.size === size);
  const scrolls = here.filter(({ scroll }) => scroll.some((by) => by > 0)).length;
  return `| ${[
    size.name,
    smallest(
      here.map(({ main }) => main),
      size.height,
    ),
    smallest(
      here.map(({ side }) => side),
      size.height,
    ),
    `${Math.min(...here.map(({ target }) => target?.size ?? 99)).toFixed(0)} px`,
    here.flatMap(({ overlapping }) => overlapping).length,
    here.flatMap(({ out }) => out).length,
    scrolls,
  ].join(" | ")} |`;
});
for (const { size, board, main, side, overlapping, out, scroll } of rows) {
  const faults = [
    main &&
      main.size < MAIN * size.height &&
      `main "${main.data}" ${main.size.toFixed(0)} px (${per(main.size / size.height)})`,
    side &&
      side.size < SIDE * size.height &&
      `side "${side.data}" ${side.size.toFixed(0)} px (${per(side.size / size.height)})`,
    overlapping.length > 0 && `overlapping: ${overlapping.slice(0, 6).join("; ")}`,
    out.length > 0 && `cut off: ${out.slice(0, 4).join("; ")}`,
    scroll.some((by) => by > 0) && `scrolls ${scroll}`,
  ].filter(Boolean);
  if (faults.length > 0) console.log(`${size.name} · ${board}: ${faults.join(" · ")}`);
}
const text = `# Screens

Every demo board, half way up its stair, at eight sizes; measured by \`npm run screens\`. Wanted: the smallest numeral of the main view at
least ${per(MAIN)} of the screen's height, of a side view ${per(SIDE)}; targets of the rail 56 px; no button or word overlapping or cut off, no page that scrolls.

| screen | smallest numeral, main view | side view | smallest target of the rail | overlapping | cut off | pages that scroll |
| --- | --- | --- | --- | --- | --- | --- |
${table.join("\n")}
`;
if (!process.argv[2]) {
  writeFileSync("docs/screens.md", text);
  runBin("biome", ["format", "--write", "docs/screens.md"], { quiet: true });
}
console.log(text);
