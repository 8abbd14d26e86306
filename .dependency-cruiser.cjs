/**
 * The arrows of docs/architecture.md: app → screen → view → core, app → paper → view, app → data → core, worker → core;
 * kit is used by screen and view and knows none of them.
 */
const room = (name) => `^src/${name}/`;
const mayNot = (from, rooms, comment) => ({
  name: `${from}-reaches-back`,
  comment,
  severity: "error",
  from: { path: room(from) },
  to: { path: rooms.map(room) },
});

/** The rooms of core in their order: each imports from those before it only. */
const CORE = ["number", "set", "count", "surface", "puzzle", "views", "scene", "sheet", "lesson"];
const coreOrder = CORE.slice(0, -1).map((name, i) => ({
  name: `core-${name}-reaches-back`,
  comment: `core/${name} imports from the rooms before it: ${CORE.slice(0, i).join(", ") || "none"}.`,
  severity: "error",
  from: { path: `^src/core/${name}/`, pathNot: "\\.test\\.ts$" },
  to: { path: CORE.slice(i + 1).map((later) => `^src/core/${later}/`) },
}));

module.exports = {
  forbidden: [
    ...coreOrder,
    {
      name: "core-is-pure",
      comment: "core imports core, its number libraries and Zod, and nothing else.",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: {
        pathNot: [
          "^src/core/",
          "^node_modules/(fraction\\.js|zod|n2words|pure-rand|simplify-js|jsonc-parser)/",
        ],
      },
    },
    mayNot("data", ["app", "screen", "view", "kit", "worker", "paper"], "data knows core only."),
    mayNot("worker", ["app", "screen", "view", "kit", "data"], "a worker is a door to core."),
    mayNot(
      "kit",
      ["app", "screen", "view", "data", "worker", "core"],
      "kit styles primitives and knows nobody.",
    ),
    mayNot("view", ["app", "screen", "data", "worker", "paper"], "a view draws settings and scene."),
    mayNot("paper", ["app", "screen", "data", "worker"], "paper lays out what view draws."),
    mayNot(
      "screen",
      ["app", "data", "paper"],
      "a screen is handed its data and asks through the doors it is given.",
    ),
    {
      name: "no-cycles",
      comment: "Types may know each other, as a scene and its slices do; code may not.",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    {
      name: "nothing-from-the-tests",
      severity: "error",
      from: { path: "^src/", pathNot: "\\.test\\.tsx?$" },
      to: {
        path: "(^tests/|\\.test\\.tsx?$|^node_modules/(vitest|fast-check|mathjs|@playwright|@testing-library)/)",
      },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default"],
    },
  },
};
