import { useStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import { z } from 'zod';
import { sameWalk, walkStateSchema, NEW_WALK, type WalkState } from '../../../core/walkthrough/walkState.ts';
import { ApiError, call, NoConnection } from '../../api/client.ts';

/** What is kept on the device while there is no connection: the walk, and the saving it goes on from. */
const keptSchema = z.object({ revision: z.int(), state: walkStateSchema });
type Kept = z.infer<typeof keptSchema>;

/** Answers that say the walk has gone on, or ended, without this device. */
const OVERTAKEN: readonly string[] = ['seen-changed', 'walk-over'];

/** What became of saving: kept on the server, only on this device, or overtaken by another device. */
export type Saved = 'saved' | 'kept-here' | 'elsewhere';

/** The walk of a home: read from the server, saved after each stop, and kept on this device while it cannot be. */
export function useWalk(homeId: string) {
  const state = ref<WalkState>(NEW_WALK);
  const finished = ref(false);
  const waiting = ref(false);
  let revision = 0;
  const kept = useStorage<Kept | null>(`salt-ledger walk ${homeId}`, null, undefined, {
    serializer: { read: readKept, write: (value) => JSON.stringify(value) },
  });

  async function load(): Promise<void> {
    const walk = await call('walk', { params: { homeId } });
    finished.value = walk.finished;
    // What was answered here without a connection goes on from the same saving, or another device has been quicker.
    const own = kept.value?.revision === walk.revision && !walk.finished ? kept.value : null;
    state.value = own?.state ?? walk.state;
    revision = walk.revision;
    waiting.value = own !== null;
    kept.value = own;
  }

  /** What was last sent and not answered: it may have arrived all the same. */
  let unanswered: WalkState | null = null;

  async function save(next: WalkState): Promise<Saved> {
    state.value = next;
    try {
      await send(next);
      return 'saved';
    } catch (error) {
      if (error instanceof NoConnection || (error instanceof ApiError && error.status >= 500)) {
        unanswered = next;
        kept.value = { revision, state: next };
        waiting.value = true;
        return 'kept-here';
      }
      if (error instanceof ApiError && OVERTAKEN.includes(error.body.code)) return overtaken(next);
      throw error;
    }
  }

  async function send(next: WalkState): Promise<void> {
    const walk = await call('saveWalk', { params: { homeId }, body: { saw: revision, state: next } });
    revision = walk.revision;
    kept.value = null;
    unanswered = null;
    waiting.value = false;
  }

  /** Another device has gone on; or it was this one, and the answer to it was lost: then this goes on from there. */
  async function overtaken(next: WalkState): Promise<Saved> {
    const lost = unanswered;
    kept.value = null;
    unanswered = null;
    await load();
    if (lost === null || finished.value || !sameWalk(state.value, lost)) return 'elsewhere';
    state.value = next;
    await send(next);
    return 'saved';
  }

  return { state, finished, waiting: computed(() => waiting.value), load, save };
}

/** What cannot be read is not there: it was kept by an older page. */
function readKept(text: string): Kept | null {
  try {
    const parsed = keptSchema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}
