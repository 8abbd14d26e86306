import { expect, test, vi } from "vitest";
import { patient } from "./patient";

test("a part that does not come is asked for until it comes, and never breaks what is there", async () => {
  vi.useFakeTimers();
  try {
    let asked = 0;
    const part = patient(async () => {
      asked += 1;
      if (asked < 4) throw new Error("The server is away.");
      return "part";
    })();
    await vi.advanceTimersByTimeAsync(10_000);
    expect(await part).toBe("part");
    expect(asked).toBe(4);
  } finally {
    vi.useRealTimers();
  }
});
