import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, expect, test } from "vitest";
import { type Rule, ruleOf } from "../core/set/rule";
import { dropCard, keepCard, keptCards, MAX_KEPT_CARDS } from "./cards";
import { type Database, openDatabase } from "./database";
import { cards } from "./schema";

const multiples = (of: number): Rule => ruleOf({ kind: "multiples", not: false, of: String(of) });

let folder: string;
let db: Database;

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "yellow-stair-"));
  db = await openDatabase(`file:${join(folder, "cards.db")}`);
});
afterEach(() => {
  db.$client.close();
  rmSync(folder, { recursive: true });
});

const held = async () => (await keptCards(db)).map(({ rule }) => rule);

test("a card is kept once, and taken out again", async () => {
  await keepCard(db, "a", multiples(6));
  await keepCard(db, "b", multiples(6));
  await keepCard(db, "c", multiples(7));
  expect((await held()).length).toBe(2);
  expect(await held()).toContainEqual(multiples(6));
  await dropCard(db, "a");
  await dropCard(db, "gone already");
  expect(await held()).toEqual([multiples(7)]);
});

test("a card that cannot be read takes no other along", async () => {
  await keepCard(db, "a", multiples(6));
  await db.insert(cards).values([
    { id: "x", rule: "{" },
    { id: "y", rule: '{"join":"and","conditions":[{"kind":"of a newer version"}]}' },
  ]);
  expect(await held()).toEqual([multiples(6)]);
});

test("the library has room for so many cards and no more", async () => {
  await db.insert(cards).values(
    Array.from({ length: MAX_KEPT_CARDS }, (_, i) => ({
      id: `${i}`,
      rule: JSON.stringify(multiples(i + 1)),
    })),
  );
  expect(await keepCard(db, "more", multiples(9999))).toBe(false);
});
