import { readProblem } from "../count/problem";
import { compared } from "../number/compared";
import { exact } from "../number/exact";
import type { Move } from "../scene/move";
import { gridOf } from "../surface/chart";
import type { KindName, ViewOf, ViewSettings } from "../views/view";
import type { ViewId } from "../views/view-id";

/** What a kind of view needs on a sheet. */
type OnPaper<K extends KindName> = {
  /** Its height, in parts of its width. */
  readonly ratio?: (settings: ViewOf<K>) => number;
  /** The moves that answer what it asks by itself. */
  readonly solve?: (settings: ViewOf<K>) => Move[];
};

/** Cells are a little wider than high, and neither a row nor a column takes the whole page. */
const gridRatio = (rows: number, columns: number) => Math.min(1.25, Math.max(0.1, (rows / columns) * 0.66));

const BY_KIND: { readonly [K in KindName]?: OnPaper<K> } = {
  chart: {
    ratio: (settings) => {
      const { rows, columns } = gridOf(settings);
      return gridRatio(rows, columns);
    },
  },
  times: { ratio: ({ rows, columns }) => gridRatio(rows + 1, columns + 1) },
  line: { ratio: ({ shape }) => ({ flat: 0.2, upright: 1.1, ring: 0.75 })[shape] },
  strip: { ratio: () => 0.14 },
  sentence: { ratio: () => 0.16 },
  way: { ratio: () => 0.16 },
  problems: {
    ratio: ({ items }) => Math.ceil(items.length / 2) * 0.25,
    solve: ({ id: view, items }) =>
      items.flatMap((text, problem): Move[] => {
        const read = readProblem(text);
        if (!read.ok) return [];
        const { jumps, answer } = read.problem;
        return [
          { do: "work-anew", view, problem },
          ...jumps.map((by): Move => ({ do: "work", view, problem, by })),
          { do: "answer", view, problem, says: answer },
        ];
      }),
  },
  cards: {
    solve: ({ id: view, cards }) =>
      cards.map(({ id }): Move => ({ do: "tell-card", view, card: id, on: true })),
  },
  compare: {
    solve: ({ id: view, a, b }) => [{ do: "compare", view, sign: compared(exact(a), exact(b)) }],
  },
  order: {
    solve: ({ id: view, numbers, first, signs }) => {
      const values = numbers.map((text) => exact(text));
      const way = first === "smallest" ? 1 : -1;
      const order = [...values.keys()].sort((i, j) => way * values[i]!.compare(values[j]!));
      const between = order.slice(1).map((index, at): Move => {
        const sign = compared(values[order[at]!]!, values[index]!);
        return { do: "sign-between", view, at, sign };
      });
      return [{ do: "put-in-order", view, order }, ...(signs === "none" ? [] : between)];
    },
  },
};

/** How a view with an id stands on a sheet: its height in parts of its width, and the moves that answer it. */
export function onPaper(settings: ViewSettings, id: ViewId): { ratio: number; answer: Move[] } {
  const { ratio, solve } = (BY_KIND[settings.kind] ?? {}) as OnPaper<KindName>;
  const view = { ...settings, id } as ViewOf<KindName>;
  return { ratio: ratio?.(view) ?? 0.55, answer: solve?.(view) ?? [] };
}
