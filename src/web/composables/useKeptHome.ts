import { watchDebounced } from '@vueuse/core';
import { ROUTES } from '../../contract/routes.ts';
import { addressOf } from '../device/address.ts';
import { ask, askIfOlder } from '../device/ask.ts';
import { ApiError, NoConnection } from '../device/errors.ts';
import { useHome } from '../stores/home.ts';

/** How long a home has been on screen before the rest of it is fetched: nothing that is shown waits for it. */
const SETTLED_MS = 2_000;
/** How long a saved answer is good enough. */
const FRESH_MS = 300_000;
const NEEDED = ['known', 'standing', 'runs', 'climate', 'acceptedPlan'] as const;
/** Photos of one home that are fetched to be there without a signal: those of a few valves and labels, not an album. */
const MOST_PHOTOS = 12;

/**
 * Asks for what the pages need that open without a signal, so that the answers are kept on this device whether or not these pages were opened:
 * Today, the checklists, Where things are with its photos, and Something is wrong. How-to needs the house alone.
 */
export function useKeptHome(): void {
  const home = useHome();

  async function keep(homeId: string): Promise<void> {
    const params = { homeId };
    for (const name of NEEDED) await askIfOlder(name, { params }, FRESH_MS);
    const photos = await ask('photos', { params });
    if (!('caches' in window)) return;
    // Photos are kept by the service worker, which sees them pass; one that it has is not fetched again.
    for (const { id } of photos.filter(({ asset }) => asset !== null).slice(0, MOST_PHOTOS)) {
      const address = addressOf(ROUTES.photoImage.path, { params: { homeId, photoId: id } });
      if (!(await caches.match(address))) await fetch(address);
    }
  }

  watchDebounced(
    () => home.house?.home.id,
    (homeId) => {
      if (homeId === undefined) return;
      keep(homeId).catch((error: unknown) => {
        // Without a connection, or a right to it any more, what was kept before stays; the next home shown tries again.
        if (!(error instanceof NoConnection || error instanceof ApiError || error instanceof TypeError))
          throw error;
      });
    },
    { debounce: SETTLED_MS, immediate: true },
  );
}
