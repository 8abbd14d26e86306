import { type Checked, schema } from "../schema";
import type { View } from "../views/view";
import { ViewId } from "../views/view-id";
import type * as z from "../zod";
import type { Scene } from "./scene";
import { type Draft, type MoveKind, move, type Slice } from "./slice";
import { SLICES } from "./slices";
import type { SetAside } from "./slices/aside";
import type { Building } from "./slices/building";
import type { Filling } from "./slices/filling";
import type { Laying } from "./slices/laying";
import type { Talk } from "./slices/talk";
import type { OnTrail } from "./slices/trail";

/**
 * The parts of the scene that a view keeping its own has for itself: marks, covers, what is written, the focus, the
 * trail.
 */
export type OwnScene = Laying & Filling & Talk & OnTrail & SetAside & Building;
export type Own = { readonly own: { readonly [view in ViewId]?: OwnScene } };

export type NumberMove = Checked<(typeof SLICES)[number]["moves"][number]["schema"]>;

export const OF_NUMBERS = SLICES.filter(({ ofNumbers }) => ofNumbers);
const kinds = OF_NUMBERS.flatMap(({ moves }) => [...moves]) as unknown as readonly MoveKind<NumberMove>[];
const byName = new Map<string, MoveKind<NumberMove>>(kinds.map((kind) => [kind.do, kind]));
const NOTHING = Object.assign({}, ...OF_NUMBERS.map(({ initial }) => initial)) as OwnScene;
const PARTS = Object.keys(NOTHING) as (keyof OwnScene)[];

const partsOf = (scene: OwnScene): OwnScene =>
  Object.fromEntries(PARTS.map((part) => [part, scene[part]])) as unknown as OwnScene;

const Inner = schema(
  (z) =>
    z.discriminatedUnion(
      "do",
      kinds.map((kind) => kind.schema(z)) as unknown as [z.ZodMiniObject],
    ) as unknown as z.ZodMiniType<NumberMove>,
);

/** Maximum number of moves in one beat, in a view or on the board: a table of 5,000 marked numbers takes 30. */
export const MAX_AT_ONCE = 100;

const moves = [
  /**
   * Moves about numbers in a view that keeps its own: the other views do not show what they do.
   * @example { "do": "within", "view": "chart-2", "moves": [{ "do": "mark", "ink": "sea", "numbers": ["4"] }] }
   */
  move(
    "within",
    (z) => ({ view: ViewId(z), moves: z.array(Inner(z)).check(z.minLength(1), z.maxLength(MAX_AT_ONCE)) }),
    (draft, { view, moves: done }) => {
      const was = draft.own[view] ?? NOTHING;
      const inner: Draft = {
        ...draft,
        ...was,
        laid: { rules: was.laid.rules, touched: new Map(was.laid.touched) },
        written: new Map(was.written),
      };
      for (const one of done) byName.get(one.do)!.apply(inner, one);
      draft.own = { ...draft.own, [view]: partsOf(inner) };
    },
  ),
] as const;

/** The slice of views that keep their own. */
export const own: Slice<Own, typeof moves> = { initial: { own: {} }, moves };

const scenes = new WeakMap<Scene, Map<ViewId, Scene>>();

/** The scene as a view shows it: the board's, but for what the view keeps for itself. The same one each time. */
export function sceneOfView(view: Pick<View, "id" | "own"> | undefined, scene: Scene): Scene {
  if (!view?.own) return scene;
  const known = scenes.get(scene) ?? new Map<ViewId, Scene>();
  scenes.set(scene, known);
  const there = known.get(view.id) ?? { ...scene, ...(scene.own[view.id] ?? NOTHING) };
  known.set(view.id, there);
  return there;
}

/** Directs moves at a view: if it keeps its own, those about numbers are wrapped in `within`. */
export function movesOnView<M extends { do: string }>(
  view: Pick<View, "id" | "own"> | undefined,
  done: readonly M[],
): (M | { do: "within"; view: ViewId; moves: NumberMove[] })[] {
  if (!view?.own) return [...done];
  const within = done.filter(({ do: what }) => byName.has(what)) as unknown as NumberMove[];
  const rest = done.filter(({ do: what }) => !byName.has(what));
  return within.length === 0 ? rest : [{ do: "within", view: view.id, moves: within }, ...rest];
}

/** The moves among these that were made on a view: within it if it keeps its own, else those on the board. */
export function movesMadeOn<M extends { do: string }>(
  view: Pick<View, "id" | "own"> | undefined,
  done: readonly M[],
): readonly M[] {
  if (!view?.own) return done;
  return done.flatMap((one) => {
    const within = one as unknown as { do: string; view: ViewId; moves: readonly M[] };
    return within.do === "within" && within.view === view.id ? within.moves : [];
  });
}
