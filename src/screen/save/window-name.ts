import { nanoid } from "nanoid";
import { patient } from "@/kit/patient";
import { isKept, keep } from "./browser-store";
import { WINDOW } from "./kept-keys";

/** Reads what a window has stored; most have stored nothing. */
export const keptByWindow = patient(() => import("./kept-by-window"));
const lockOf = (name: string) => `yellow-stair:window:${name}`;

/** The name of this window, and which other windows of this browser are open. */
export type WindowName = { name: string; isOpen: (name: string) => boolean };

/** Claims a name for this window for as long as it is open. False if another window has it. */
function hold(name: string): Promise<boolean> {
  return new Promise((resolve) => {
    navigator.locks
      .request(lockOf(name), { ifAvailable: true }, (lock) => {
        resolve(lock !== null);
        return lock === null ? undefined : new Promise(() => {});
      })
      .catch(() => resolve(false));
  });
}

let held: string | null = null;

/**
 * The name of this window. It survives a reload; a duplicated tab, which copied the other's name, gets one of its own.
 * If the browser cannot tell which windows are open, all of them count as open.
 */
export async function windowName(): Promise<WindowName> {
  const known = isKept(sessionStorage, WINDOW) ? (await keptByWindow()).readName() : null;
  if (!("locks" in navigator)) {
    const name = known ?? nanoid(12);
    keep(sessionStorage, WINDOW, name);
    return { name, isOpen: () => true };
  }
  if (held === null || held !== known) {
    held = known !== null && (await hold(known)) ? known : nanoid(12);
    if (held !== known) await hold(held);
    keep(sessionStorage, WINDOW, held);
  }
  return { name: held, isOpen: await openWindows() };
}

/** Which windows are open. */
export async function openWindows(): Promise<(name: string) => boolean> {
  if (!("locks" in navigator)) return () => true;
  const { held: locks = [] } = await navigator.locks.query();
  const names = new Set(locks.map((lock) => lock.name));
  return (name) => names.has(lockOf(name));
}

/** Takes over the name of a window that is no longer open, with all that it had not saved. */
export async function becomeWindow(name: string): Promise<boolean> {
  if (!(await hold(name))) return false;
  held = name;
  keep(sessionStorage, WINDOW, name);
  return true;
}
