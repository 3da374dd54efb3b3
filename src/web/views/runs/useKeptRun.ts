import { watch, type Ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { keptRuns } from '../../device/keptRuns.ts';
import type { Held } from '../../composables/useSharedDocument.ts';
import type { Loading } from '../../composables/useLoading.ts';
import type { useReadings } from '../../composables/useReadings.ts';
import { useHome } from '../../stores/home.ts';
import { useSession } from '../../stores/session.ts';
import type { RunState } from '../../../core/runs/runState.ts';

interface Run {
  readonly held: Readonly<Ref<Held<RunState>>>;
  readonly take: (held: Held<RunState>) => void;
}

/**
 * A run gone on with where there is no signal: a telephone forgets a page it has put away, so each step is kept here as it is taken, with what
 * the page needs of the house.
 */
export function useKeptRun(
  runId: string,
  run: Run,
  { known }: Pick<ReturnType<typeof useReadings>, 'known'>,
) {
  const home = useHome();
  const session = useSession();
  const { locale } = useI18n({ useScope: 'global' });

  /** Goes on from what this device keeps of the run; false where it keeps nothing of it. */
  async function goOn(): Promise<boolean> {
    const kept = keptRuns.find(runId, session.me?.personId ?? null);
    if (!kept) return false;
    await home.show(kept.house, kept.today);
    known.value = kept.known;
    run.take(kept.run);
    locale.value = kept.house.home.vocabulary;
    return true;
  }

  function keep(): void {
    const { house, rows, on } = home;
    const personId = session.me?.personId;
    if (!house || on === null || !known.value || personId === undefined) return;
    if (run.held.value.finished) forget();
    else
      keptRuns.keep(runId, {
        version: 1,
        personId,
        house,
        today: { on, rows },
        known: known.value,
        run: run.held.value,
      });
  }

  /** Keeps it from now on, whenever it has moved on. */
  function keepUp(state: Readonly<Ref<Loading>>): void {
    watch([run.held, state], () => {
      if (state.value.kind === 'ready') keep();
    });
  }

  /** A finished run need not be continued. */
  const forget = (): void => {
    keptRuns.forget(runId);
  };

  return { goOn, keepUp, forget };
}
