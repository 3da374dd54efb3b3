import { ref } from 'vue';
import type { ClimateView } from '../../../contract/schemas.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import { catalogue } from '../../catalogue.ts';
import { otherWays } from '../../../core/runs/order.ts';
import type { RunItem } from '../../../core/runs/runState.ts';
import { words } from '../../../locales/speech.ts';
import { NoConnection } from '../../device/errors.ts';
import { ask } from '../../device/ask.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useReadings } from '../../composables/useReadings.ts';
import { useHome } from '../../stores/home.ts';
import { useKeptRun } from './useKeptRun.ts';
import { useRun } from './useRun.ts';

/** The data both pages of a run need: the run, the house it is in, what is known of it, and the weather ahead. */
export function useRunPage(homeId: string, runId: string) {
  const home = useHome();
  const run = useRun(homeId, runId);
  const readings = useReadings();
  const keptRun = useKeptRun(runId, run, readings);
  const outlook = ref<ClimateView['outlook']>([]);

  const { state, load } = useLoading(async () => {
    try {
      await Promise.all([home.load(homeId), readings.loadKnown(homeId), run.load()]);
    } catch (error) {
      if (!(error instanceof NoConnection) || !(await keptRun.goOn())) throw error;
      return;
    }
    // Without a climate there is no weather to tell; the run needs none.
    const climate = await ask('climate', { params: { homeId } }).catch(() => null);
    outlook.value = climate?.outlook ?? [];
  });
  keptRun.keepUp(state);

  const factsOf = (asset: string): Readonly<Record<string, FactValue>> =>
    readings.known.value?.facts[asset] ?? home.house?.assets.find(({ id }) => id === asset)?.facts ?? {};

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
    waysOf,
    forgetKept: keptRun.forget,
  };
}
