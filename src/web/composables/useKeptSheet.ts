import { watchDebounced } from '@vueuse/core';
import { ApiError, NoConnection } from '../device/errors.ts';
import { ask } from '../device/ask.ts';
import { keptSheets } from '../device/keptSheets.ts';
import { useHome } from '../stores/home.ts';
import { useSession } from '../stores/session.ts';

/** How long a home has been on screen before its sheet is fetched: nothing that is shown waits for it. */
const SETTLED_MS = 2_000;

/** Keeps the emergency sheet of whichever home is on screen, so that it is there when there is no signal. */
export function useKeptSheet(): void {
  const home = useHome();
  const session = useSession();

  async function keep(): Promise<void> {
    const { house } = home;
    const personId = session.me?.personId;
    if (!house || personId === undefined) return;
    const params = { homeId: house.home.id };
    const [known, standing] = await Promise.all([ask('known', { params }), ask('standing', { params })]);
    const keptAt = new Date().toISOString();
    keptSheets.keep(house.home.id, { version: 2, personId, keptAt, house, known, standing });
  }

  watchDebounced(
    () => home.house,
    () => {
      keep().catch((error: unknown) => {
        // Without a connection, or a right to it any more, the one kept before stays; the next home shown tries again.
        if (!(error instanceof NoConnection || error instanceof ApiError)) throw error;
      });
    },
    { debounce: SETTLED_MS },
  );
}
