import { NEW_TRAIL } from "@/core/lesson/new-lesson";
import type { PlacedView } from "@/core/lesson/views-of";
import { HUNDRED_CHART } from "@/core/surface/chart";
import { lineAs } from "@/core/surface/line";
import { startingLine } from "@/core/surface/starting-lines";
import { NEW_TIMES } from "@/core/surface/times-grid";
import type { PlacedKind } from "@/core/views/placed";

/** What each view is called. */
export const VIEW_NAMES: Record<PlacedKind, string> = {
  chart: "Chart",
  times: "Times grid",
  line: "Number line",
  strip: "Number strip",
  trail: "The count so far",
  sentence: "Number sentence",
  way: "Stops",
  pairs: "To the next ten",
  compare: "Two numbers compared",
  problems: "Several problems",
};

/** A view of a kind as a board begins with it. */
export function newView(kind: PlacedKind): PlacedView {
  switch (kind) {
    case "chart":
      return HUNDRED_CHART;
    case "times":
      return NEW_TIMES;
    case "line":
      return startingLine("0-100");
    case "strip":
      return lineAs(startingLine("0-20"), "strip");
    case "trail":
      return NEW_TRAIL;
    case "sentence":
      return { kind: "sentence", form: "gathered" };
    case "way":
      return { kind: "way" };
    case "pairs":
      return { kind: "pairs", way: "on" };
    case "compare":
      return { kind: "compare", a: "47", b: "74" };
    case "problems":
      return {
        kind: "problems",
        items: ["8 − 3 = ?", "6 + 7 = ?", "9 + ? = 15", "14 − 6 = ?"],
        check: "at-once",
      };
    default:
      return kind satisfies never;
  }
}
