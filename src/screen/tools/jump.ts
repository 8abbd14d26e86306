import { differenceOf } from "@/core/number/exact";
import type { Move } from "@/core/scene/move";
import { isCellKey, numberOf } from "@/core/surface/cell-key";
import { Busy } from "@/kit/busy";
import { later } from "@/kit/later";
import { JumpSign } from "@/kit/signs";
import { tool } from "./tool";

const JumpPanel = later(() => import("../jumps/jump-panel").then((part) => part.JumpPanel), Busy);

/** Views on which jumps are made or read. */
const JUMPED: ReadonlySet<string> = new Set(["line", "strip", "sentence", "way"]);

/** Jumps from number to number: a touch says where the next one begins, a drag makes one where it ends. */
export const jump = tool({
  label: "Jump",
  key: "j",
  icon: JumpSign,
  offered: (board) => board.views.some(({ kind }) => JUMPED.has(kind)),
  meets: (_, number) => (isCellKey(number) ? [[{ do: "start", number: numberOf(number) }]] : []),
  ends: ({ scene }, { from: first, at }) => {
    if (isCellKey(first)) return [];
    const [from, to] = [numberOf(first), numberOf(at)];
    const start: Move = { do: "start", number: from };
    if (from === to) return [[start]];
    const by = differenceOf(to, from);
    return [[...(scene.trail?.end === from ? [] : [start]), { do: "jump", by }]];
  },
  panel: { at: "side", name: "Jump", Panel: JumpPanel, withCount: true },
});
