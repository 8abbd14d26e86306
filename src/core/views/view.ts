import { schema, type Z } from "../schema";
import type * as z from "../zod";
import type { ViewKind } from "./kind";
import { KINDS } from "./kinds";
import { ViewId } from "./view-id";

export type KindName = keyof typeof KINDS;
/** The settings of a view of a kind. */
export type SettingsOf<K extends KindName> = (typeof KINDS)[K] extends ViewKind<infer S> ? S : never;
export type ViewSettings = { [K in KindName]: SettingsOf<K> }[KindName];

/** A view on a board: its settings, its id there, and whether it keeps its own marks and trail. */
export type ViewOf<K extends KindName> = SettingsOf<K> & { id: ViewId; own?: true | undefined };
export type View = { [K in KindName]: ViewOf<K> }[KindName];

export const KIND_NAMES = Object.keys(KINDS) as KindName[];

const schemas = (z: Z) =>
  KIND_NAMES.map((kind) =>
    z.safeExtend(KINDS[kind].schema(z), { id: ViewId(z), own: z.optional(z.literal(true)) }),
  );
export const View = schema(
  (z) =>
    z.discriminatedUnion(
      "kind",
      schemas(z) as unknown as [z.ZodMiniObject],
    ) as unknown as z.ZodMiniType<View>,
);

/** The kind of a view, whichever it is. */
export const kindOfView = <S extends ViewSettings>({ kind }: S): ViewKind<S> =>
  KINDS[kind as KindName] as unknown as ViewKind<S>;

/** Whether a view is of a kind. */
export const isOfKind =
  <K extends KindName>(...kinds: readonly K[]) =>
  (view: View): view is Extract<View, { kind: K }> =>
    (kinds as readonly string[]).includes(view.kind);
