import { whenQuiet } from '../device/pause.ts';
import { fetchPages } from '../router.ts';

/** How long after the start of the page the others are fetched: what is on screen comes first, also where the signal is weak. */
const SETTLED_MS = 3_000;

/**
 * Sees to it that the pages open without a signal. The service worker of the built page keeps all it is made of on the device; a page that is
 * not built, or whose browser has none, fetches the other pages while nothing else is going on.
 */
export function keepPages(): void {
  window.setTimeout(async () => {
    await whenQuiet();
    if (import.meta.env.PROD && 'serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js');
    else void fetchPages();
  }, SETTLED_MS);
}
