import { computed, ref } from 'vue';
import type { WeatherDay } from '../../../core/climate/weather.ts';
import { catalogue } from '../../catalogue.ts';
import { otherWays, type OrderFrom } from '../../../core/runs/order.ts';
import type { RunItem } from '../../../core/runs/runState.ts';
import { words } from '../../../locales/speech.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { askOutlook, factsWithin } from '../../composables/useKnownForReading.ts';
import { useReadings } from '../../composables/useReadings.ts';
import { useHome } from '../../stores/home.ts';
import { gatherFromOf } from './runHouse.ts';
import { useRun } from './useRun.ts';

/** The data both pages of a run need: the run, the house it is in, what is known of it, and the weather ahead. */
export function useRunPage(homeId: string, runId: string) {
  const home = useHome();
  const run = useRun(homeId, runId);
  const readings = useReadings();
  const outlook = ref<readonly WeatherDay[]>([]);

  const { state, load } = useLoading(async () => {
    await Promise.all([home.load(homeId), readings.loadKnown(homeId), run.load()]);
    outlook.value = await askOutlook(homeId);
  });

  const factsOf = computed(() => factsWithin(home.house?.assets ?? [], readings.known.value?.facts ?? {}));
  const gatherFrom = computed(() => gatherFromOf(home, readings.known.value));
  const order = computed((): OrderFrom => ({ find: home.find, isDue: gatherFrom.value.isDue }));

  /** Other ways to the same, where this one is not possible. */
  const waysOf = (item: RunItem): { code: string; title: string }[] =>
    otherWays(item, catalogue.value?.practices ?? []).flatMap((code) => {
      const practice = home.find(code);
      return practice ? [{ code, title: words(readings.speech.value, practice.title) }] : [];
    });

  return {
    home,
    run,
    readings,
    outlook,
    state,
    load,
    factsOf,
    gatherFrom,
    order,
    waysOf,
  };
}
