import { expect, test } from "vitest";
import { ahead, having, later } from "./later";

/** Something that arrives when it is released. */
function onItsWay<T>(what: T) {
  let come = () => {};
  const coming = new Promise<T>((done) => {
    come = () => done(what);
  });
  return { come, load: () => coming };
}

test("a part comes after what it needs, and after what waited for that", async () => {
  const done: string[] = [];
  const [code, shown] = [onItsWay("acts"), onItsWay(() => null)];
  const acts = ahead(code.load);
  const Panel = later(having([acts], shown.load));
  acts.with((module) => done.push(`touch by ${module}`));
  const there = Panel.bring().then(() => {
    acts.with((module) => done.push(`key by ${module}`));
  });
  shown.come();
  await shown.load();
  expect(Panel.isThere()).toBe(false);
  expect(acts.isAwaited()).toBe(true);
  code.come();
  await there;
  expect(Panel.isThere()).toBe(true);
  expect(done).toEqual(["touch by acts", "key by acts"]);
  expect(acts.isAwaited()).toBe(false);
});

test("what waits is done in the order in which it came", async () => {
  const done: number[] = [];
  const code = onItsWay("acts");
  const acts = ahead(code.load);
  for (const nth of [1, 2]) acts.with(() => done.push(nth));
  code.come();
  await acts.bring();
  acts.with(() => done.push(3));
  expect(done).toEqual([1, 2, 3]);
});
