import { useEventListener } from '@vueuse/core';
import { ref } from 'vue';
import { signals } from '../device/errors.ts';

/** How long the new page is waited for before the reload is made all the same. */
const MOST_MS = 10_000;

/** Whether this page is older than the one the server gives out, and the way to that one. What waits to be sent stays on the device. */
export function useNewVersion() {
  const isOld = ref(false);
  useEventListener(signals, 'other-version', () => {
    isOld.value = true;
  });

  /** Reloads, once the service worker has the new page; without one at once. */
  async function reload(): Promise<void> {
    await Promise.race([fetchNewPage(), new Promise((resolve) => window.setTimeout(resolve, MOST_MS))]);
    window.location.reload();
  }

  return { isOld, reload };
}

async function fetchNewPage(): Promise<void> {
  const registration =
    'serviceWorker' in navigator ? await navigator.serviceWorker.getRegistration() : undefined;
  // The newest may be at work already.
  await registration?.update().catch(() => undefined);
  const worker = registration?.installing ?? registration?.waiting;
  if (!worker) return;
  await new Promise<void>((resolve) => {
    worker.addEventListener('statechange', () => {
      if (worker.state === 'activated' || worker.state === 'redundant') resolve();
    });
  });
}
