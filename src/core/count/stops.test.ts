import { expect, test } from "vitest";
import { NEW_COUNT } from "../count/count-settings";
import type { Count } from "./count-settings";
import { stopAt, stopQuestion } from "./stops";

const count = (part: Partial<Count>): Count => ({ ...NEW_COUNT, by: "1", from: "247", ...part });
const answer = (number: string, part: Partial<Count> = {}) => {
  const stop = stopAt(count(part), number);
  return stop && stopQuestion(count(part), stop).answer;
};

test("an exchange of ten of a kind, of two kinds at once, and how many are wanting where there was none", () => {
  // Common practice: at each stop of a count the class is asked what was exchanged, or how many more are needed.
  expect(answer("250")).toBe("Yes: 10 ones for 1 ten");
  expect(answer("293")).toBe("No: 7 more ones until the next exchange");
  expect(answer("300")).toBe("Yes: 10 ones for 1 ten and 10 tens for 1 hundred");
  expect(answer("326")).toBe("No: 4 more ones until the next exchange");
  // Counting in tens leaves the ones digit as it is.
  expect(answer("307", { by: "10", from: "277" })).toBe("Yes: 10 tens for 1 hundred");
  expect(answer("287", { by: "10", from: "277" })).toBe("No: 2 more tens until the next exchange");
  // Counting back breaks a larger piece up.
  expect(answer("299", { by: "3", from: "305", way: "back" })).toBe(
    "Yes: 1 ten for 10 ones and 1 hundred for 10 tens",
  );
  expect(answer("302", { by: "3", from: "305", way: "back" })).toBe(
    "No: 3 more ones to take until the next exchange",
  );
});

test("where the count begins nothing was exchanged, and what it does not come to is no stop", () => {
  expect(stopAt(count({}), "247")?.exchanges).toBeNull();
  expect(stopAt(count({ by: "5", from: "245" }), "251")).toBeNull();
  expect(stopAt(count({}), "246")).toBeNull();
  expect(stopAt(count({ by: "1/3", from: "1" }), "4/3")).toBeNull();
  expect(
    stopQuestion(count({ by: "5", from: "245" }), stopAt(count({ by: "5", from: "245" }), "250")!),
  ).toEqual({
    question: "Count in 5s from 245. Was there an exchange at 250?",
    answer: "Yes: 10 ones for 1 ten",
  });
});
