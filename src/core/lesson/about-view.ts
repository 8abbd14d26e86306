import { exact, keyOf } from "../number/exact";
import type { Move } from "../scene/move";
import type { Scene } from "../scene/scene";
import { wholeSpan } from "../surface/line";
import type { KindName, View, ViewOf } from "../views/view";
import type { LineView } from "./views-of";

/** Live moves about a view that no longer hold once the view is set up differently. */
export type About = {
  /** Removes the live moves that no longer hold. */
  gone: (move: Move) => boolean;
  /** Adds what must now be set live because a prepared step still says otherwise. */
  again: (scene: Scene) => Move[];
};
const NOTHING: About = { gone: () => false, again: () => [] };

/** The part of a line that it was slid to goes with its ends and its interval. */
function aboutLine(view: LineView, old: LineView | undefined): About {
  const { id } = view;
  const { from, to } = wholeSpan(view);
  const same =
    old && wholeSpan(old).from.equals(from) && wholeSpan(old).to.equals(to) && old.interval === view.interval;
  if (same) return NOTHING;
  return {
    gone: (move) => move.do === "look" && move.view === id,
    again: ({ looks }) => (looks[id] ? [{ do: "look", view: id, from: keyOf(from), to: keyOf(to) }] : []),
  };
}

/** The window of a times grid goes with where it begins. */
function aboutTimes({ id, row, column }: ViewOf<"times">, old: ViewOf<"times"> | undefined): About {
  if (old?.row === row && old.column === column) return NOTHING;
  return {
    gone: (move) => move.do === "slide" && move.view === id,
    again: ({ windows }) => (windows[id] ? [{ do: "slide", view: id, row, column }] : []),
  };
}

/** The sign goes with its two numbers. */
function aboutCompare(view: ViewOf<"compare">, old: ViewOf<"compare"> | undefined): About {
  const { id } = view;
  const isSame = (part: "a" | "b") => old !== undefined && exact(view[part]).equals(exact(old[part]));
  if (isSame("a") && isSame("b")) return NOTHING;
  return {
    gone: (move) => move.do === "compare" && move.view === id,
    again: ({ signs }) => (signs[id] ? [{ do: "compare", view: id, sign: null }] : []),
  };
}

/** The order, the signs and the place that is lit go with the numbers. */
function aboutOrder(view: ViewOf<"order">, old: ViewOf<"order"> | undefined): About {
  const { id } = view;
  const key = ({ numbers }: ViewOf<"order">) => numbers.map((text) => keyOf(exact(text))).join(" ");
  if (old && key(view) === key(old)) return NOTHING;
  const order = view.numbers.map((_, i) => i);
  return {
    gone: (move) =>
      (move.do === "put-in-order" || move.do === "compare-at" || move.do === "sign-between") &&
      move.view === id,
    again: ({ ordered }) =>
      ordered[id]
        ? [
            { do: "put-in-order", view: id, order },
            { do: "compare-at", view: id, place: null },
          ]
        : [],
  };
}

/** Counters laid live go with the numbers that they were laid on. */
function aboutFrames(view: ViewOf<"frames">, old: ViewOf<"frames"> | undefined): About {
  const { id } = view;
  if (old?.first === view.first && old.second === view.second) return NOTHING;
  const [first, second] = [Number(view.first), Number(view.second)];
  return {
    gone: (move) => move.do === "frame" && move.view === id,
    again: ({ framed }) => (framed[id] ? [{ do: "frame", view: id, first, second, moved: 0 }] : []),
  };
}

/** The arrangement of groups goes with their number and size. */
function aboutGroups(view: ViewOf<"groups">, old: ViewOf<"groups"> | undefined): About {
  const { id, groups } = view;
  if (old?.groups === groups && old.each === view.each) return NOTHING;
  return {
    gone: (move) => move.do === "groups" && move.view === id,
    again: ({ grouped }) => (grouped[id] ? [{ do: "groups", view: id, groups, laid: 0 }] : []),
  };
}

/** The work on a changed problem goes; other problems keep theirs. */
function aboutProblems({ id, items }: ViewOf<"problems">, old: ViewOf<"problems"> | undefined): About {
  const isOther = (problem: number) => old?.items[problem] !== items[problem];
  return {
    gone: (move) => (move.do === "work" || move.do === "answer") && move.view === id && isOther(move.problem),
    again: ({ work }) =>
      [...(work[id]?.done.keys() ?? [])]
        .filter(isOther)
        .map((problem): Move => ({ do: "work-anew", view: id, problem })),
  };
}

/** The kinds of view with live moves that may no longer hold. */
const ABOUT: { readonly [K in KindName]?: (view: ViewOf<K>, old: ViewOf<K> | undefined) => About } = {
  times: aboutTimes,
  line: aboutLine,
  strip: aboutLine,
  compare: aboutCompare,
  order: aboutOrder,
  frames: aboutFrames,
  groups: aboutGroups,
  problems: aboutProblems,
};

/**
 * What no longer holds of what was done about a view, now that it is set up anew.
 * @param old as it was until now
 */
export function aboutView(view: View, old: View | undefined): About {
  const about = ABOUT[view.kind] as ((view: View, old: View | undefined) => About) | undefined;
  return about?.(view, old?.kind === view.kind ? old : undefined) ?? NOTHING;
}
