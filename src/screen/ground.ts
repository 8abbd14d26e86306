/**
 * What boards and their pictures are built on, from the bottom up. Setting all of it up at once would hold up a page, so the
 * parts are brought one by one, each in a moment of its own.
 */
export const GROUND: readonly { readonly bring: () => Promise<unknown> }[] = [
  { bring: () => import("@/core/surface/cell-key") },
  { bring: () => import("@/core/set/rule") },
  { bring: () => import("@/core/views/view") },
  { bring: () => import("@/core/scene/move") },
];
