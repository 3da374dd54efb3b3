/** The one place the server takes the time from; milliseconds since 1970 UTC. */
export type Clock = () => number;

/** The machine's clock, or one that was set to `at` when the program started and has run on since. */
export function clockFrom(at: number | null): Clock {
  if (at === null) return () => Date.now();
  const startedAt = Date.now();
  return () => at + (Date.now() - startedAt);
}
