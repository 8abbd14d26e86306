/** Measures pictures and paper as the server makes them: node bench/paper.mjs, with NODE_ENV=production. Writes .tmp/bench-paper.json. */
import { readFileSync, writeFileSync } from "node:fs";
import { PAPER_ROOM } from "../scripts/lib/paper.mjs";

const { JOBS } = await import(PAPER_ROOM);
const demo = (name) => JSON.parse(readFileSync(`demo/${name}.json`, "utf8"));

/** The median time of some runs, in milliseconds, after one that does not count. */
async function median(run, runs) {
  await run();
  const times = [];
  for (let i = 0; i < runs; i += 1) {
    const start = performance.now();
    await run();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)];
}

const lamps = demo("1-lamps-on-the-jetty");
const shown = { board: lamps.boards[1], climbed: 5, live: [] };
const wish = {
  view: null,
  covers: true,
  marks: true,
  ground: "white",
  as: "svg",
  longest: 2000,
  upright: false,
  strong: false,
};
const [sheet] = lamps.sheets;
const thirty = { ...sheet, copies: 30, answers: false };
const word = {
  ...sheet,
  title: "Posts",
  name: false,
  answers: false,
  copies: 1,
  parts: [{ id: "p", instruction: "", of: { kind: "strip", from: 1, cells: 5, cell: 10, numbers: "blank" } }],
};
const svg = await median(() => JOBS.picture({ shown, wish }), 15);
const png = await median(() => JOBS.picture({ shown, wish: { ...wish, as: "png" } }), 7);
const one = await median(() => JOBS.sheet({ sheet, copies: 1 }), 9);
const plain = await median(() => JOBS.sheet({ sheet: word, copies: 1 }), 15);
const set = await median(() => JOBS.sheet({ sheet: thirty, copies: 30 }), 5);
const bytes = (await JOBS.sheet({ sheet, copies: 4 })).length;
writeFileSync(
  ".tmp/bench-paper.json",
  JSON.stringify([
    { name: "Paper: a board as SVG", value: svg, unit: "ms", budget: 200 },
    { name: "Paper: a board as PNG, 2,000 pixels", value: png, unit: "ms", budget: 1200 },
    { name: "Paper: a sheet and its answers as PDF", value: one, unit: "ms", budget: 500 },
    {
      name: "Paper: 30 different pages ÷ a page with one word",
      value: set / plain,
      unit: "times",
      budget: 40,
    },
    { name: "Paper: a sheet in 4 copies with answers", value: bytes / 1000, unit: "kB", budget: 300 },
  ]),
);
