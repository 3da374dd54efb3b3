import { computed, ref } from 'vue';
import type { ClimateView } from '../../../contract/schemas.ts';
import type { FactValue } from '../../../core/basics/factValue.ts';
import { catalogue } from '../../catalogue.ts';
import type { GatherFrom } from '../../../core/runs/gather.ts';
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

  /** The facts of a thing, with what the thing it is part of is known for: a drain’s plant has the tons. */
  const factsOf = (asset: string): Readonly<Record<string, FactValue>> => {
    const thing = home.house?.assets.find(({ id }) => id === asset);
    const own = readings.known.value?.facts[asset] ?? thing?.facts ?? {};
    return thing?.partOf === undefined ? own : { ...factsOf(thing.partOf), ...known(own) };
  };
  const gatherFrom = computed((): GatherFrom => {
    const { done = [], stock = {} } = readings.known.value ?? {};
    const due = new Set(
      home.rows.flatMap(({ dutyId, occurrence }) =>
        occurrence && home.on !== null && occurrence.window.earliest <= home.on ? [dutyId] : [],
      ),
    );
    return {
      find: home.find,
      factsOf,
      isDue: (duty) => due.has(duty),
      isFirst: (duty) => !done.includes(duty),
      stock: new Map(Object.entries(stock)),
    };
  });

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
    waysOf,
    forgetKept: keptRun.forget,
  };
}

/** Facts less those nobody knows. */
const known = (facts: Readonly<Record<string, FactValue>>): Readonly<Record<string, FactValue>> =>
  Object.fromEntries(Object.entries(facts).filter(([, value]) => value !== null));
