import { renderToStaticMarkup } from "react-dom/server";
import { expect, test } from "vitest";
import { squaresOf } from "@/core/surface/chart";
import { startingChart } from "@/core/surface/starting-charts";
import { SmallChart } from "./small-chart";

const drawn = (columns: number, last: string) => {
  const chart = { ...startingChart("1-100"), columns, until: { by: "last" as const, last } };
  return renderToStaticMarkup(
    <SmallChart
      squares={squaresOf(chart)}
      toneAt={() => "plain"}
      width={300}
      height={300}
      color="red"
      name="A chart"
    />,
  );
};
const cells = (drawing: string) => /<path d="([^"]+)" fill="none"/.exec(drawing)![1]!.split("M").length - 1;

test("a short last row ends where its numbers do; a whole chart is a grid with an outline", () => {
  expect(cells(drawn(9, "100"))).toBe(100);
  expect(drawn(9, "100")).not.toContain("<rect");
  // Eleven lines each way.
  expect(cells(drawn(10, "100"))).toBe(22);
  expect(drawn(10, "100").match(/<rect/g)).toHaveLength(2);
});
