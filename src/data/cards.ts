import { desc, eq } from "drizzle-orm";
import * as z from "@/core/zod";
import { Rule } from "../core/set/rule";
import type { Database } from "./database";
import { cards } from "./schema";

/** A pattern card of the library. */
export type KeptCard = { id: string; rule: Rule };

/** Maximum number of cards in the library. */
export const MAX_KEPT_CARDS = 500;

/** The pattern cards that were kept, the latest first. One that can no longer be read is left out, and stays where it is. */
export async function keptCards(db: Database): Promise<KeptCard[]> {
  const rows = await db
    .select()
    .from(cards)
    .orderBy(desc(cards.keptAt), desc(cards.id))
    .limit(MAX_KEPT_CARDS);
  return rows.flatMap(({ id, rule }) => {
    const read = readRule(rule);
    return read ? [{ id, rule: read }] : [];
  });
}

function readRule(text: string): Rule | null {
  try {
    const read = Rule(z).safeParse(JSON.parse(text));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

/**
 * Adds a card; the same rule is not stored twice.
 * @returns whether there was room for it
 */
export async function keepCard(db: Database, id: string, rule: Rule): Promise<boolean> {
  if ((await db.$count(cards)) >= MAX_KEPT_CARDS) return false;
  await db
    .insert(cards)
    .values({ id, rule: JSON.stringify(rule) })
    .onConflictDoNothing();
  return true;
}

/** Removes a card from the library; lessons that use it keep it. */
export async function dropCard(db: Database, id: string): Promise<void> {
  await db.delete(cards).where(eq(cards.id, id));
}
