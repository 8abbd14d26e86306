/** The keys under which two maps say something else. */
export function* differentKeys<K, V>(before: ReadonlyMap<K, V>, after: ReadonlyMap<K, V>): Generator<K> {
  if (before === after) return;
  for (const [key, now] of after) if (before.get(key) !== now) yield key;
  for (const key of before.keys()) if (!after.has(key)) yield key;
}

/** A list with one of something, as its last, or without it. */
export function withOrWithout<T>(list: readonly T[], one: T, on: boolean): readonly T[] {
  const others = list.filter((other) => other !== one);
  return on ? [...others, one] : others;
}
