import type * as z from "@/core/zod";

/** Whether anything is stored under a key. */
export function isKept(store: Storage, key: string): boolean {
  try {
    return store.getItem(key) !== null;
  } catch {
    return false;
  }
}

/** Reads a stored value through a schema; anything else counts as missing. */
export function readKept<T>(store: Storage, key: string, schema: z.ZodMiniType<T>): T | null {
  try {
    const text = store.getItem(key);
    return text === null ? null : schema.parse(JSON.parse(text));
  } catch {
    return null;
  }
}

/** Stores a value, or deletes it when it is null. False if the browser refuses: a private window, a full store. */
export function keep(store: Storage, key: string, value: unknown): boolean {
  try {
    if (value === null) store.removeItem(key);
    else store.setItem(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

/** The stored keys with a prefix. */
export function keysFrom(store: Storage, start: string): string[] {
  try {
    return Object.keys(store).filter((key) => key.startsWith(start));
  } catch {
    return [];
  }
}

/** Whether a stored switch is on. */
export function isOn(store: Storage, key: string): boolean {
  try {
    return store.getItem(key) === "true";
  } catch {
    return false;
  }
}
