import * as z from "zod/mini";

/** What a browser keeps for this application, read back through a schema; anything else counts as nothing. */
export function readKept<T>(store: Storage, key: string, schema: z.ZodMiniType<T>): T | null {
  try {
    const text = store.getItem(key);
    return text === null ? null : schema.parse(JSON.parse(text));
  } catch {
    return null;
  }
}

/** Keeps a value, or forgets it when it is null. A browser that keeps nothing is no fault. */
export function keep(store: Storage, key: string, value: unknown): void {
  try {
    if (value === null) store.removeItem(key);
    else store.setItem(key, JSON.stringify(value));
  } catch {
    // Private windows and full disks refuse; the server still has what it answered as saved.
  }
}

export const Flag = z.boolean();
