// Lesson files from the command line: npm run lesson -- check|update|picture|sheet FILE …
import { mkdirSync } from "node:fs";
import { resolve } from "node:path";
import { parseArgs } from "node:util";
import { installPackages } from "./lib/install.mjs";
import { ROOT } from "./lib/run.mjs";

const HELP = `npm run lesson -- check FILE …     tells whether lesson files can be opened, and where they go wrong
npm run lesson -- update FILE …    writes lesson files as they are written today
npm run lesson -- picture FILE …   draws the boards of lessons
    --board 2         one board only
    --step 3          with so many steps climbed; the board as it opens without it
    --view line       one view only, by its name
    --as svg|png      svg without it
    --size 2000       the longer side of a PNG in pixels, up to 4000
    --no-covers       nothing is covered
    --no-marks        nothing is marked
    --see-through     no white ground
    --out FOLDER      where to; here without it
npm run lesson -- sheet FILE …     makes the sheets of lessons as PDF
    --sheet 1         one sheet only
    --out FOLDER      where to; here without it

Ends with 0 where all went well, 1 where a file could not be read or made, 2 where this was asked in another way.`;

/** @param {string} message */
function misused(message) {
  console.error(`${message}\n\n${HELP}`);
  process.exit(2);
}

function asked() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: {
        board: { type: "string" },
        step: { type: "string", default: "0" },
        sheet: { type: "string" },
        view: { type: "string" },
        as: { type: "string", default: "svg" },
        size: { type: "string", default: "1600" },
        "no-covers": { type: "boolean", default: false },
        "no-marks": { type: "boolean", default: false },
        "see-through": { type: "boolean", default: false },
        out: { type: "string", default: "." },
        help: { type: "boolean", default: false },
      },
    });
  } catch (reason) {
    return misused(reason.message);
  }
}

const whole = (name, text, min, max) => {
  const number = Number(text);
  if (!Number.isInteger(number) || number < min || number > max)
    misused(`--${name} takes a whole number from ${min} to ${max}.`);
  return number;
};

const { values, positionals } = asked();
const [what, ...names] = positionals;
if (values.help) {
  console.log(HELP);
  process.exit(0);
}
if (!["check", "update", "picture", "sheet"].includes(what))
  misused("Say what to do: check, update, picture or sheet.");
if (names.length === 0) misused("Name at least one file.");
if (values.as !== "svg" && values.as !== "png") misused("--as takes svg or png.");
// Files are named from where npm was called; what is installed is looked for in the project.
const from = process.env.INIT_CWD ?? process.cwd();
const files = names.map((name) => resolve(from, name));
const folder = resolve(from, values.out);
const options = {
  board: values.board === undefined ? undefined : whole("board", values.board, 1, 40),
  step: whole("step", values.step, 0, 60),
  sheet: values.sheet === undefined ? undefined : whole("sheet", values.sheet, 1, 20),
  folder,
  wish: {
    view: values.view ?? null,
    covers: !values["no-covers"],
    marks: !values["no-marks"],
    ground: values["see-through"] ? "none" : "white",
    as: values.as,
    longest: whole("size", values.size, 16, 4000),
  },
};

process.chdir(ROOT);
installPackages();
// React draws several times faster without its warnings.
process.env.NODE_ENV ??= "production";
const { buildPaper, PAPER_ROOM } = await import("./lib/paper.mjs");
await buildPaper();
const room = await import(PAPER_ROOM);
const makes = what === "picture" || what === "sheet";
if (makes) mkdirSync(folder, { recursive: true });
let good = true;
for (const file of files) {
  const done = makes ? await room[what](file, options) : [room[what](file)];
  for (const { ok, says } of done) {
    (ok ? console.log : console.error)(says);
    good &&= ok;
  }
}
process.exit(good ? 0 : 1);
