export function timesLesson(lesson, board) {
  const times = {
    id: "times",
    kind: "times",
    row: 12,
    column: 12,
    rows: 20,
    columns: 24,
    rowNames: "shown",
    columnNames: "shown",
    covers: "solid",
    marks: "place",
    puzzle: { level: 3, rows: 4 },
  };
  return { ...lesson, boards: [{ ...board, views: [times, board.views[1]], stair: [] }] };
}

/** A board of ten groups of twelve counters. */
export function groupsLesson(lesson, board) {
  const groups = {
    id: "groups",
    kind: "groups",
    groups: 10,
    each: 12,
    counters: "shown",
    size: "shown",
    all: "shown",
    holder: "crate",
    holders: "crates",
    thing: "jar",
    things: "jars",
  };
  return { ...lesson, boards: [{ ...board, views: [groups], opening: [], stair: [] }] };
}

/** A line as the settings of a view. */
export const lineSettings = (lesson, board) => lineLesson(lesson, board, {}).boards[0].views[0];

/** A board whose main view is a line, with moves that it opens with. */
export function lineLesson(lesson, board, line, opening = []) {
  const whole = {
    id: "line",
    kind: "line",
    shape: "flat",
    from: "0",
    to: "100",
    interval: "10",
    divisions: 10,
    ticks: "all",
    labels: "all",
    every: 1,
    chosen: [],
    numbers: "decimal",
    unit: "",
    open: false,
    pinned: false,
    pointer: "shown",
    ...line,
  };
  return { ...lesson, boards: [{ ...board, views: [whole], opening, stair: [] }] };
}

/** 500 jumps there and back over a line from 0 to 100. */
export const manyJumps = [
  { do: "start", number: "0" },
  ...Array.from({ length: 500 }, (_, i) => ({ do: "jump", by: Math.floor(i / 50) % 2 === 0 ? "2" : "-2" })),
];

/** 2,000 strokes of 24 points, over the numbers of a line. */
export const manyStrokes = Array.from({ length: 2000 }, (_, i) => ({
  do: "pen",
  stroke: {
    id: `s${i}`,
    view: "line",
    number: String(i % 100),
    ink: ["sun", "coral", "sea", "kelp", "plum"][i % 5],
    tool: "pen",
    points: Array.from({ length: 24 }, (_, p) => [
      Math.round(300 * Math.cos(p / 4 + i)),
      Math.round(-1500 + 500 * Math.sin(p / 3 + i)),
    ]).flat(),
  },
}));
