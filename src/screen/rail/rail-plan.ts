import type { ToolName } from "../tools";

/** The parts that may lie on the rail or in its drawer. */
export type RailPart = ToolName | "by-rule" | "keep" | "clear" | "set-count";

/**
 * The width from which a part lies on the rail: always; where there is room for the tools; for more than the tools; for
 * everything. Below 1024 an upright screen has a rail of two rows, with room for everything. The widths are in the
 * style sheet.
 */
export type RailPlace = "always" | "tools" | "more" | "all";

/**
 * Where a part of the rail lies. The ink, cover and lift are in reach at every width, as are the stair, the way back and the
 * count, which are not planned here.
 * @param jumps whether this board has the tool for jumps too, which takes the room of another
 */
export function placeOf(part: RailPart, jumps: boolean): RailPlace {
  switch (part) {
    case "mark":
    case "cover":
    case "lift":
      return "always";
    case "write":
    case "jump":
    case "set-count":
      return "tools";
    case "pen":
      return jumps ? "more" : "tools";
    case "clear":
      return jumps ? "all" : "more";
    case "by-rule":
    case "keep":
      return "all";
    default:
      return part satisfies never;
  }
}

/** The classes of a part on the rail and in the drawer: it is in one or the other. */
export const ON_RAIL: Record<RailPlace, string> = {
  always: "flex",
  tools: "hidden rail-tools:flex",
  more: "hidden rail-more:flex",
  all: "hidden rail-all:flex",
};
export const IN_DRAWER: Record<RailPlace, string> = {
  always: "hidden",
  tools: "rail-tools:hidden",
  more: "rail-more:hidden",
  all: "rail-all:hidden",
};
