import { expect, test } from "vitest";
import { KINDS } from "./kinds";
import { kindOfView, type ViewSettings } from "./view";

const FAR: readonly ViewSettings[] = [
  { ...KINDS["higher-lower"].starts, from: -1000, to: 1_000_000 },
  { ...KINDS.line.starts, from: "-5000", to: "12000", interval: "1000" },
  { ...KINDS.strip.starts, from: "-1500", to: "-1480" },
  { ...KINDS.chart.starts, first: "-12000", difference: "100" },
  { ...KINDS.compare.starts, a: "-1234", b: "12345" },
  { ...KINDS.order.starts, numbers: ["-4321", "12345"] },
  { ...KINDS.times.starts, row: 1000, column: 1000 },
];

test.each(FAR.map((settings) => [settings.kind, settings]))(
  "what a view of the kind %s says of itself has its numbers as they are written on screen",
  (_, settings) => {
    const said = kindOfView(settings).says(settings as never);
    expect(said).toMatch(/\d/);
    // A minus is no hyphen, and thousands are grouped.
    expect(said).not.toMatch(/-\d|\d{4}/);
  },
);
