/** Letters and digits alone, without accents and case: what a search compares. */
export const plainText = (text: string): string =>
  text
    .normalize('NFD')
    .replaceAll(/\p{M}/gu, '')
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/**
 * How well a text answers a search: lower is better, null is not at all. Every word of the search must begin a word of the text; words that
 * begin it weigh most. `text` may have several parts, the most telling first.
 */
export function searchScore(search: string, text: readonly string[]): number | null {
  const wanted = plainText(search).split(' ').filter(Boolean);
  if (wanted.length === 0) return null;
  const parts = text.map(plainText);
  let score = 0;
  for (const word of wanted) {
    const ranks = parts.map((part, index) => {
      if (part.startsWith(word)) return index * 3;
      return ` ${part}`.includes(` ${word}`) ? index * 3 + 1 : Number.POSITIVE_INFINITY;
    });
    const best = Math.min(...ranks);
    if (best === Number.POSITIVE_INFINITY) return null;
    score += best;
  }
  return score;
}

/** The items that answer a search, the best first; of the same, in their own order. */
export function searchIn<T>(
  search: string,
  items: readonly T[],
  textOf: (item: T) => readonly string[],
): T[] {
  return items
    .flatMap((item) => {
      const score = searchScore(search, textOf(item));
      return score === null ? [] : [{ item, score }];
    })
    .sort((a, b) => a.score - b.score)
    .map(({ item }) => item);
}
