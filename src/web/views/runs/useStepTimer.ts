import { useNow } from '@vueuse/core';
import { computed, type Ref } from 'vue';

/** How long a wait still is, by the end it was given when it began: it runs on while one is elsewhere. */
export function useStepTimer(until: Ref<string | undefined>) {
  const now = useNow({ interval: 1_000 });
  const left = computed(() =>
    until.value === undefined
      ? null
      : Math.max(0, Math.ceil((Date.parse(until.value) - now.value.getTime()) / 1_000)),
  );
  return {
    left,
    over: computed(() => left.value === 0),
    text: computed(() => clockText(left.value ?? 0)),
  };
}

/** Minutes and seconds. */
export const clockText = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
