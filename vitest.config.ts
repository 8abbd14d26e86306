import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

export default defineConfig({
  resolve: { alias: { "@": fileURLToPath(new URL("./src", import.meta.url)) } },
  oxc: { jsx: { runtime: "automatic" } },
  test: {
    environment: "node",
    // A test is right or wrong, not fast or slow: a busy machine must not fail it.
    testTimeout: 60_000,
    hookTimeout: 60_000,
    // By default one processor would stand idle.
    maxWorkers: "100%",
    projects: [
      // Core keeps nothing between two calls but what it has worked out: its tests share one set of modules.
      { extends: true, test: { name: "core", include: ["src/core/**/*.test.ts"], isolate: false } },
      {
        extends: true,
        test: {
          name: "rest",
          include: ["src/**/*.test.{ts,tsx}", "scripts/**/*.test.ts"],
          exclude: ["src/core/**"],
        },
      },
    ],
  },
});
