import { defineStore } from 'pinia';
import { ref } from 'vue';
import { signals } from '../device/errors.ts';

/** Whether what is on screen is of now, or since when it has been kept on this device. */
export const useFreshness = defineStore('freshness', () => {
  /** The age of the oldest answer on screen that could not be asked for anew; null where all is of now. */
  const since = ref<string | null>(null);
  /** How often the connection came back: pages read themselves anew. */
  const returns = ref(0);

  signals.addEventListener('kept-shown', (event) => {
    const at = event instanceof CustomEvent && typeof event.detail === 'string' ? event.detail : null;
    if (at !== null && (since.value === null || at < since.value)) since.value = at;
  });

  /** Another page comes on screen: what it shows is yet to be seen. */
  function reset(): void {
    since.value = null;
  }

  /** The server answers again. */
  function back(): void {
    reset();
    returns.value += 1;
  }

  return { since, returns, reset, back };
});
