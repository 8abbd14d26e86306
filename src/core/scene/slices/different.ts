/** The keys whose values differ between two maps. */
export function* differentKeys<K, V>(before: ReadonlyMap<K, V>, after: ReadonlyMap<K, V>): Generator<K> {
  if (before === after) return;
  for (const [key, now] of after) if (before.get(key) !== now) yield key;
  for (const key of before.keys()) if (!after.has(key)) yield key;
}

/** A list with an item added at its end, or removed. */
export function withOrWithout<T>(list: readonly T[], one: T, on: boolean): readonly T[] {
  const others = list.filter((other) => other !== one);
  return on ? [...others, one] : others;
}
