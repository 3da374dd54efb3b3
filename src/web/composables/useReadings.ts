import { computed, ref, type ComputedRef } from 'vue';
import type { KnownBody } from '../../contract/known.ts';
import type { Measures } from '../../core/readings/typed.ts';
import type { ReadingSpeech } from '../../locales/readings/readingText.ts';
import { ask } from '../device/ask.ts';
import { useHome } from '../stores/home.ts';
import { useSpeech } from './useSpeech.ts';

/** The settings of the home on screen that a reading is judged by: its words and currency, its units, and what it has settled. */
export function useReadings() {
  const home = useHome();
  const speech = useSpeech();
  const known = ref<KnownBody | null>(null);

  const readingSpeech: ComputedRef<ReadingSpeech> = computed(() => ({
    ...speech.value,
    currency: home.house?.home.currency ?? 'USD',
  }));
  const measures: ComputedRef<Measures> = computed(() => ({
    units: speech.value.wording.units,
    gallon: speech.value.wording.vocabulary === 'en-GB' ? 'uk' : 'us',
  }));
  const traits = computed(() => known.value?.traits ?? {});

  async function loadKnown(homeId: string): Promise<void> {
    known.value = await ask('known', { params: { homeId } });
  }

  return { speech: readingSpeech, measures, traits, known, loadKnown };
}
