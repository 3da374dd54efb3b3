/** Lets the browser answer and paint before the next step of long work. */
export const pause = (): Promise<void> => new Promise((resolve) => void setTimeout(resolve));

/** How long a quiet moment is waited for. */
const PATIENCE_MS = 1_000;

/** Waits for a moment in which the browser has nothing else to do. */
export const whenQuiet = (): Promise<void> =>
  new Promise((resolve) => {
    const done = (): void => {
      resolve();
    };
    // Not every browser tells when it is idle.
    if ('requestIdleCallback' in globalThis) requestIdleCallback(done, { timeout: PATIENCE_MS });
    else setTimeout(done);
  });
