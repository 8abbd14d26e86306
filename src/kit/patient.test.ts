import { expect, test, vi } from "vitest";
import { ahead, later } from "./later";
import { allComing, patient } from "./patient";

test("a part that does not come is asked for until it comes, and a fault of its own is told", async () => {
  vi.useFakeTimers();
  const told = vi.spyOn(console, "error").mockImplementation(() => {});
  try {
    const away = Object.assign(new Error("Failed to load chunk"), { name: "ChunkLoadError" });
    const broken = new TypeError("The part throws as it begins.");
    const faults: Error[] = [away, broken, away];
    let asked = 0;
    const part = patient(async () => {
      const fault = faults[asked++];
      if (fault) throw fault;
      return "part";
    })();
    await vi.advanceTimersByTimeAsync(10_000);
    expect(await part).toBe("part");
    expect(asked).toBe(4);
    expect(told.mock.calls).toEqual([[broken]]);
  } finally {
    told.mockRestore();
    vi.useRealTimers();
  }
});

test("whatever is loaded later can be loaded ahead, and what it brings with it too", async () => {
  const brought: string[] = [];
  allComing.clear();
  const load = <T>(name: string, what: T, more = () => {}) => {
    return async () => {
      brought.push(name);
      more();
      return what;
    };
  };
  const inner = () => void patient(load("inner", "inner"));
  const Panel = later(load("panel", () => null, inner));
  const acts = ahead(load("acts", "acts"));
  for (const { bring } of allComing) await bring();
  expect(brought).toEqual(["panel", "acts", "inner"]);
  expect([Panel.isThere(), acts.isAwaited()]).toEqual([true, false]);
});
