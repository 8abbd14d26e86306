/** A set of places, 0 to `size` − 1, as bits: 32 places in a word. Places past the last one are never in it. */
export type Bitset = Uint32Array;

export const emptyBits = (size: number): Bitset => new Uint32Array(Math.ceil(size / 32));

export function setBit(bits: Bitset, at: number): void {
  bits[at >>> 5]! |= 1 << (at & 31);
}

export const hasBit = (bits: Bitset, at: number): boolean => (bits[at >>> 5]! & (1 << (at & 31))) !== 0;

/** The set of the places that meet a test. */
export function bitsOf(size: number, holds: (at: number) => boolean): Bitset {
  const bits = emptyBits(size);
  for (let at = 0; at < size; at += 1) if (holds(at)) setBit(bits, at);
  return bits;
}

/** How many places are in a set. */
export function countBits(bits: Bitset): number {
  let count = 0;
  for (const word of bits) count += ones(word);
  return count;
}

/** The number of bits set in a word: they are added up side by side, in pairs, fours and eights. */
export function ones(word: number): number {
  let sum = word - ((word >>> 1) & 0x55555555);
  sum = (sum & 0x33333333) + ((sum >>> 2) & 0x33333333);
  return (((sum + (sum >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/** The places in a set, rising. */
export function placesIn(bits: Bitset): number[] {
  const places: number[] = [];
  for (let i = 0; i < bits.length; i += 1)
    for (let word = bits[i]!; word !== 0; word &= word - 1)
      places.push(i * 32 + 31 - Math.clz32(word & -word));
  return places;
}

/** The first place in a set that is not empty. */
export function firstIn(bits: Bitset): number {
  let i = 0;
  while (bits[i] === 0) i += 1;
  return i * 32 + 31 - Math.clz32(bits[i]! & -bits[i]!);
}

/** A hash: the same for equal sets, and almost always different for others. */
export function hashOf(bits: Bitset): number {
  let hash = 0x811c9dc5;
  for (const word of bits) hash = Math.imul(hash ^ word ^ (word >>> 15), 0x01000193);
  return hash;
}

export function sameBits(a: Bitset, b: Bitset): boolean {
  for (let i = 0; i < a.length; i += 1) if (a[i] !== b[i]) return false;
  return true;
}
