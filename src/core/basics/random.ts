/** A seeded stream of numbers in [0, 1): the same seed gives the same stream. Source: mulberry32, public domain. */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** One of a list that is not empty, by a stream of numbers in [0, 1). */
export const pickFrom = <T>(list: ArrayLike<T>, random: () => number): T =>
  list[Math.floor(random() * list.length)] as T;
