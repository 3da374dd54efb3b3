/** One measured thing beside its peer of the same run, and what is aimed at. */
export interface Ratio {
  readonly what: string;
  readonly ours: string;
  readonly peer: string;
  readonly ratio: string;
  readonly aim: string;
}

/** Milliseconds of processor and wall time that synchronous work takes, the least of several runs after a warm-up. */
export function leastMs(work: () => void, runs: number): number {
  work();
  let least = Infinity;
  for (let run = 0; run < runs; run += 1) {
    const start = performance.now();
    work();
    least = Math.min(least, performance.now() - start);
  }
  return least;
}

export const times = (value: number): string => `${value >= 10 ? Math.round(value) : value.toFixed(2)}×`;
export const ms = (value: number): string => `${value.toFixed(value < 1 ? 3 : 1)} ms`;

/** The value in the middle; of an even number the upper one. */
export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
