import type * as z from "@/core/zod";

/** Whether anything is kept under a key. */
export function isKept(store: Storage, key: string): boolean {
  try {
    return store.getItem(key) !== null;
  } catch {
    return false;
  }
}

/** What a browser keeps for this application, read back through a schema; anything else counts as nothing. */
export function readKept<T>(store: Storage, key: string, schema: z.ZodMiniType<T>): T | null {
  try {
    const text = store.getItem(key);
    return text === null ? null : schema.parse(JSON.parse(text));
  } catch {
    return null;
  }
}

/** Keeps a value, or forgets it when it is null. False where the browser does not: a private window, a full store. */
export function keep(store: Storage, key: string, value: unknown): boolean {
  try {
    if (value === null) store.removeItem(key);
    else store.setItem(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

/** The keys under which anything is kept that begin so. */
export function keysFrom(store: Storage, start: string): string[] {
  try {
    return Object.keys(store).filter((key) => key.startsWith(start));
  } catch {
    return [];
  }
}

/** Whether something is kept as switched on. */
export function isOn(store: Storage, key: string): boolean {
  try {
    return store.getItem(key) === "true";
  } catch {
    return false;
  }
}
