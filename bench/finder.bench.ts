import { writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { build } from "vite";
import { test } from "vitest";
import type { Shading } from "@/core/set/finder/shading";
import type { Condition } from "@/core/set/rule";
import { HUNDRED_SQUARES } from "@/core/set/squares";

const inProject = (path: string) => fileURLToPath(new URL(`../${path}`, import.meta.url));
const BUILT = inProject(".tmp/bench-finder");
await build({
  configFile: false,
  logLevel: "error",
  resolve: { alias: { "@": inProject("src") } },
  ssr: { noExternal: true },
  build: { ssr: inProject("bench/finder-parts.ts"), outDir: BUILT, emptyOutDir: true, minify: true },
});
const { offered, searchRules, groundOf, holdsOf, ruleOf }: typeof import("./finder-parts") = await import(
  `${BUILT}/finder-parts.js`
);

/** Shadings of all kinds: plain rules, two rules together, nearly a rule, none, and everything shaded. */
const SHADES: readonly ((n: number) => boolean)[] = [
  (n) => n % 2 === 0,
  (n) => n % 7 === 0,
  (n) => n % 5 === 2,
  (n) => n % 3 === 0 || n % 5 === 0,
  (n) => n % 2 === 0 && n % 9 !== 0,
  (n) => n % 9 === 0 || n === 20,
  (n) => Number.isInteger(Math.sqrt(n)),
  (n) => n % 10 === 3 || n % 10 === 7,
  (n) => [3, 17, 22, 58, 61, 90].includes(n),
  (n) => (n * 7919) % 10_007 < 3000,
  () => true,
];

function shadingsOf(size: number): Shading[] {
  const numbers = Array.from({ length: size }, (_, i) => String(i + 1));
  const squares = { ...HUNDRED_SQUARES, columns: Math.sqrt(size), count: size };
  return SHADES.map((shades) => ({
    numbers,
    shaded: new Set(numbers.filter((number) => shades(Number(number)))),
    squares,
  }));
}

function timeOf(run: () => unknown): number {
  const start = performance.now();
  run();
  return performance.now() - start;
}

/** The median of several times for each of the shadings; the longest of them is what a teacher waits for. */
function longest(shadings: readonly Shading[], runs: number): number {
  for (const shading of shadings) searchRules(shading);
  const medians = shadings.map((shading) => {
    const times = Array.from({ length: runs }, () => timeOf(() => searchRules(shading))).sort(
      (a, b) => a - b,
    );
    return times[Math.floor(times.length / 2)]!;
  });
  return Math.max(...medians);
}

/** One rule at a time, in the plainest way: each is asked for every number, and each two are joined number by number. */
function plainScan({ numbers, shaded, squares }: Shading): number {
  const conditions = offered(groundOf({ numbers, shaded, squares })).flatMap((one): Condition[] => [
    one,
    { ...one, not: true },
  ]);
  const wanted = numbers.map((number) => shaded.has(number));
  const all = conditions.map((condition) => {
    const holds = holdsOf(ruleOf(condition), () => 0);
    return numbers.map(holds);
  });
  let found = 0;
  for (const [i, a] of all.entries()) {
    if (a.every((held, at) => held === wanted[at])) found += 1;
    for (const b of all.slice(i + 1)) {
      if (wanted.every((want, at) => (a[at]! && b[at]!) === want)) found += 1;
      if (wanted.every((want, at) => (a[at]! || b[at]!) === want)) found += 1;
    }
  }
  return found;
}

test("measures the finder", () => {
  const small = shadingsOf(100);
  const large = shadingsOf(10_000);
  const found = longest(small, 15);
  // The same shadings, with fewer runs: the plain scan takes long.
  const plain = small.slice(0, 4);
  const sum = (run: (shading: Shading) => unknown) =>
    plain.reduce((all, shading) => all + timeOf(() => run(shading)), 0);
  plain.forEach((shading) => void searchRules(shading));
  const ratio = sum(plainScan) / sum(searchRules);
  const figures = [
    { name: "Node: all answers for a shading of 10 × 10", value: found, unit: "ms", budget: 20 },
    {
      name: "Node: all answers for a shading of 10,000 squares",
      value: longest(large, 5),
      unit: "ms",
      budget: 500,
    },
    {
      name: "Node: the finder ÷ a plain scan of the same rules, 10 × 10",
      value: 1 / ratio,
      unit: "times",
      budget: 0.5,
    },
  ];
  writeFileSync(".tmp/bench-finder.json", JSON.stringify(figures));
});
