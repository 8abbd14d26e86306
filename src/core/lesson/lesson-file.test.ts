import Ajv from "ajv/dist/2020.js";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { demoFiles } from "../../../tests/support/demo-files";
import { lessonFileSchema, MAX_FILE, readLessonFile } from "./lesson-file";
import { fileNameOf, writeLessonFile } from "./write-lesson";

const demos = demoFiles();
const files = demos.map(({ file }) => file);
const textOf = (file: string) => demos.find((demo) => demo.file === file)!.text;
const bytes = (text: string) => new TextEncoder().encode(text);
const LAMPS = "1-lamps-on-the-jetty.json";

// biome-ignore lint/suspicious/noExplicitAny: a file is changed in ways that no type allows.
type Loose = any;
const changed = (change: (lesson: Loose) => void) => {
  const lesson = JSON.parse(textOf(LAMPS));
  change(lesson);
  const read = readLessonFile(bytes(JSON.stringify(lesson)));
  return read.ok ? "read" : read.message;
};

describe("a lesson file", () => {
  test.each(files)("%s is written as it is read, byte for byte", (file) => {
    const first = readLessonFile(bytes(textOf(file)));
    if (!first.ok) throw new Error(first.message);
    const written = writeLessonFile("gannet-point", first.lesson);
    const second = readLessonFile(bytes(written));
    if (!second.ok) throw new Error(second.message);
    expect(second.id).toBe("gannet-point");
    expect(writeLessonFile("gannet-point", second.lesson)).toBe(written);
  });

  test("a byte order mark and Windows line ends change nothing; a name that cannot be one is left out", () => {
    const text = textOf(LAMPS);
    const plain = readLessonFile(bytes(text));
    expect(readLessonFile(bytes(`\uFEFF${text.replaceAll("\n", "\r\n")}`))).toEqual(plain);
    const odd = { ...JSON.parse(text), id: "../../etc" };
    expect(readLessonFile(bytes(JSON.stringify(odd)))).toEqual(plain);
  });

  test("odd keys and markup are harmless", () => {
    const odd = textOf(LAMPS).replace(
      "{",
      '{"__proto__": {"title": "x"}, "constructor": 3, "<script>": "<img src=x onerror=alert(1)>",',
    );
    const read = readLessonFile(bytes(odd));
    expect(read).toEqual(readLessonFile(bytes(textOf(LAMPS))));
    expect(({} as Loose).title).toBeUndefined();
    const marked = changed((lesson) => {
      lesson.title = "<b>Lamps</b>";
    });
    expect(marked).toBe("read");
  });
});

describe("what cannot be opened is told in plain words, with its place", () => {
  const text = textOf(LAMPS);
  test.each([
    ["nothing", "", "This file is empty."],
    ["a poem", "The lamps are lit", "This file is not a Yellow Stair lesson."],
    [
      "half a lesson",
      text.slice(0, 3000),
      "This lesson is not whole: its file breaks off. Ask for it again.",
    ],
    [
      "a comma too many",
      text.replace('"boards": [', '"boards": [,'),
      "This lesson cannot be read: its file is not JSON from line 6 on.",
    ],
    ["brackets without end", "[".repeat(1_000_000), /breaks off/],
    ["brackets in brackets", `${"[".repeat(1_000_000)}${"]".repeat(1_000_000)}`, /not a Yellow Stair lesson/],
    ["a newer lesson", text.replace('"version": 5', '"version": 99'), /newer Yellow Stair. Update this one/],
    ["too much", " ".repeat(MAX_FILE + 1), /more than 5 megabytes/],
  ])("%s", (_, content, message) => {
    const read = readLessonFile(bytes(content));
    if (read.ok) throw new Error("It was read.");
    if (typeof message === "string") expect(read.message).toBe(message);
    else expect(read.message).toMatch(message);
  });

  test("a picture is no text", () => {
    const read = readLessonFile(new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0xff, 0xfe]));
    expect(!read.ok && read.message).toMatch(/it is not text/);
  });

  const IN = "This lesson cannot be read. In board 2, step 3, move 1:";
  const move = (is: unknown) => (lesson: Loose) => {
    lesson.boards[1].stair[2].beats[0][0] = is;
  };
  const chart = (is: object) => (lesson: Loose) => {
    Object.assign(lesson.boards[0].views[0], is);
  };
  test.each<[string, (lesson: Loose) => void]>([
    [`${IN} the numbers of “mark” are missing.`, move({ do: "mark", ink: "sun" })],
    [`${IN} the ink of “mark” is missing.`, move({ do: "mark", numbers: ["3"] })],
    [
      `${IN} the ink of “mark” should be one of “sun”, “coral”, “sea”, “kelp”, “plum”.`,
      move({ do: "mark", numbers: ["3"], ink: "red" }),
    ],
    [`${IN} the kind is missing.`, move({ numbers: ["3"] })],
    [`${IN} “paint” is not a move that this Yellow Stair knows.`, move({ do: "paint" })],
    [`${IN} it should be a part with fields of its own.`, move(7)],
    [
      `${IN} the second of the numbers of “mark” is not written as it should be.`,
      move({ do: "mark", numbers: ["3", "many"], ink: "sun" }),
    ],
    [
      "This lesson cannot be read. In board 1, view 1: the columns of “chart” should be at most 30.",
      chart({ columns: 99 }),
    ],
    [
      "This lesson cannot be read. In board 1, view 1: the columns of “chart” should be a number, without quotation marks.",
      chart({ columns: "10" }),
    ],
    [
      "This lesson cannot be read. In board 1, view 1: the rows in “until” of “chart” are missing.",
      chart({ until: { by: "rows" } }),
    ],
    [
      "This lesson cannot be read. In board 1, view 1, first: Write a number, such as 7, −3, 0.2 or 3/4.",
      chart({ first: "lamp" }),
    ],
    [
      "This lesson cannot be read. In board 1, step 2, question: Write at most 400 characters.",
      (lesson) => {
        lesson.boards[0].stair[1].question = "?".repeat(401);
      },
    ],
    [
      "This lesson cannot be read. The boards should be a list.",
      (lesson) => {
        lesson.boards = {};
      },
    ],
  ])("%s", (message, change) => {
    expect(changed(change)).toBe(message);
  });
});

describe("files that were damaged", () => {
  /** Every path of a document, with its value. */
  const places = (value: unknown, path: (string | number)[] = []): (string | number)[][] =>
    typeof value === "object" && value !== null
      ? [path, ...Object.entries(value).flatMap(([key, one]) => places(one, [...path, key]))]
      : [path];
  const lessons = files.map((file) => {
    const document = JSON.parse(textOf(file));
    return { document, places: places(document).slice(1) };
  });
  const junk = fc.oneof(
    fc.constantFrom<unknown>(
      null,
      -1,
      1e308,
      "",
      "x".repeat(2000),
      [],
      {},
      [[[]]],
      "<svg/onload=alert(1)>",
      "__proto__",
    ),
    fc.anything({ maxDepth: 2 }).filter((value) => JSON.stringify(value) !== undefined),
  );

  // 10,000 files by a fixed seed: the same ones in every run.
  test("are read, or refused with a reason in words: never a crash, never half a lesson", () => {
    let refused = 0;
    fc.assert(
      fc.property(
        fc.nat(),
        fc.nat(),
        fc.constantFrom("take", "put", "cut", "swap"),
        junk,
        (which, where, how, value) => {
          const { document, places } = lessons[which % lessons.length]!;
          const path = places[where % places.length]!;
          const text =
            how === "cut" || how === "swap" ? JSON.stringify(document) : mutated(document, path, how, value);
          const at = where % text.length;
          const damaged =
            how === "cut"
              ? text.slice(0, at)
              : how === "swap"
                ? `${text.slice(0, at)}~${text.slice(at + 1)}`
                : text;
          const read = readLessonFile(bytes(damaged));
          if (read.ok) {
            expect(readLessonFile(bytes(writeLessonFile("x", read.lesson)))).toEqual({ ...read, id: "x" });
            return;
          }
          refused += 1;
          expect(read.message).toMatch(/^This .{8,400}\.$/s);
          // No programming terms, and no paths of keys.
          expect(read.message).not.toMatch(/undefined|\[object|invalid|expected|›|Zod/i);
          if (how === "take" || how === "put") {
            expect(read.message).toMatch(placeOf(path, value));
          }
        },
      ),
      { numRuns: 10_000, seed: 14 },
    );
    expect(refused).toBeGreaterThan(5_000);
  });

  function mutated(document: object, path: (string | number)[], how: "take" | "put", value: unknown): string {
    const copy = structuredClone(document) as Loose;
    const parent = path.slice(0, -1).reduce((one, key) => one[key], copy);
    const key = path.at(-1)!;
    if (how === "put") parent[key] = value;
    else if (Array.isArray(parent)) parent.splice(Number(key), 1);
    else delete parent[key];
    return JSON.stringify(copy);
  }

  /** A fault in a board names the board, one in a step the step; faults of the lesson itself need no place. */
  function placeOf(path: (string | number)[], _: unknown): RegExp {
    if (path[0] !== "boards" || path.length < 3) return /./;
    const board = `board ${Number(path[1]) + 1}`;
    return new RegExp(
      path[2] === "stair" && path.length > 3 ? `${board}, step ${Number(path[3]) + 1}` : board,
    );
  }
});

test("the served JSON Schema takes all demo lessons and refuses what the application refuses", () => {
  const takes = new Ajv({ strict: false }).compile(lessonFileSchema());
  for (const file of files) expect([file, takes(JSON.parse(textOf(file)))]).toEqual([file, true]);
  const refused: ((lesson: Loose) => void)[] = [
    (lesson) => delete lesson.title,
    (lesson) => delete lesson.boards[0].views[0].columns,
    (lesson) => {
      lesson.boards[1].stair[2].beats[0][0].do = "paint";
    },
    (lesson) => {
      lesson.version = 99;
    },
  ];
  for (const change of refused) {
    const lesson = JSON.parse(textOf(LAMPS));
    change(lesson);
    expect(takes(lesson)).toBe(false);
    expect(readLessonFile(bytes(JSON.stringify(lesson))).ok).toBe(false);
  }
});

test("a file is called as its lesson, in letters that every file system takes", () => {
  expect(fileNameOf("Lamps on the jetty")).toBe("lamps-on-the-jetty");
  expect(fileNameOf("  Où est ½? / CON.. ")).toBe("ou-est-1-2-con");
  expect(fileNameOf("数")).toBe("lesson");
  fc.assert(
    fc.property(fc.string({ maxLength: 300 }), (title) =>
      /^[a-z0-9][a-z0-9-]{0,59}$/.test(fileNameOf(title)),
    ),
  );
});
