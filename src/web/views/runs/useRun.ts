import { runStateSchema, type RunState } from '../../../core/runs/runState.ts';
import { keyOf } from '../../device/kept.ts';
import { ask, keepKnown } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useSharedDocument, type Saved } from '../../composables/useSharedDocument.ts';

const NO_RUN: RunState = {
  version: 1,
  round: null,
  title: '',
  items: [],
  states: {},
  gathered: [],
  begun: false,
  at: null,
  stop: null,
};

/** The same states, whatever the order they were come to in. */
const sameRun = (a: RunState, b: RunState): boolean => ordered(a) === ordered(b);
const ordered = ({ states, ...rest }: RunState): string =>
  JSON.stringify([rest, Object.entries(states).sort(([one], [other]) => (one < other ? -1 : 1))]);

/** A run: read from the server, saved after each step, and kept on this device while it cannot be. */
export function useRun(homeId: string, runId: string) {
  const { actNow } = useActs();
  const shared = useSharedDocument({
    key: keyOf('run', runId),
    schema: runStateSchema,
    fresh: NO_RUN,
    read: () => ask('run', { params: { homeId, runId } }),
    send: async (saw, state) => {
      const saved = await actNow({
        route: 'saveRun',
        homeId,
        params: { runId },
        body: { saw, state },
        label: '',
      });
      // Without a signal it goes on from here.
      void keepKnown('run', { params: { homeId, runId } }, saved);
      return saved;
    },
    same: sameRun,
    over: 'run-over',
  });

  let saving: Promise<Saved> = Promise.resolve('saved');
  let latest: RunState | null = null;

  /** Takes a change at once and saves it after what is being saved; of several that wait only the last is sent. */
  function put(next: RunState): Promise<Saved> {
    shared.state.value = next;
    latest = next;
    const after = async (): Promise<Saved> => {
      if (latest !== next) return 'saved';
      const saved = await shared.save(next);
      // The waiting acts belong to an older state of the run: they must not overwrite the newer one.
      if (saved === 'elsewhere') latest = null;
      return saved;
    };
    saving = saving.then(after, after);
    return saving;
  }

  return { ...shared, put };
}
