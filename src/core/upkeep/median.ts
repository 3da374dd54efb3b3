/** The value in the middle; of an even number the mean of the two there, rounded. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  const [low = 0, high = 0] = [sorted[middle - 1], sorted[middle]];
  return sorted.length % 2 === 1 ? high : Math.round((low + high) / 2);
}
