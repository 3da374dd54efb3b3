import { useStorage } from '@vueuse/core';
import { computed, ref, type Ref } from 'vue';
import { z } from 'zod';
import { ApiError, NoConnection } from '../device/errors.ts';
import { useSession } from '../stores/session.ts';

/** The server's copy of something that several devices work on in turn. */
export interface Held<S> {
  readonly revision: number;
  readonly state: S;
  readonly finished: boolean;
}

/** The outcome of saving: kept on the server, only on this device, or overtaken by another device. */
export type Saved = 'saved' | 'kept-here' | 'elsewhere';

interface Source<S> {
  /** Where it is kept on this device while there is no connection. */
  readonly key: string;
  readonly schema: z.ZodType<S>;
  readonly fresh: S;
  readonly read: () => Promise<Held<S>>;
  readonly send: (saw: number, state: S) => Promise<Held<S>>;
  /** Whether two states have come to the same. */
  readonly same: (a: S, b: S) => boolean;
  /** The answer that says it has ended without this device. */
  readonly over: string;
}

/** Something read from the server, saved after each step, and kept on this device while it cannot be. */
export function useSharedDocument<S>({ key, schema, fresh, read, send, same, over }: Source<S>) {
  const state = ref(fresh) as Ref<S>;
  const finished = ref(false);
  const waiting = ref(false);
  const revision = ref(0);
  const kept = useUnsent(key, schema);
  const load = async (): Promise<void> => {
    take(await read());
  };

  /** Goes on from what is held, by the server or, without a connection, by this device. */
  function take(held: Held<S>): void {
    finished.value = held.finished;
    // Changes made here without a connection continue the same save, or another device has been quicker.
    const own = kept.value?.revision === held.revision && !held.finished ? kept.value : null;
    state.value = own?.state ?? held.state;
    revision.value = held.revision;
    waiting.value = own !== null;
    kept.value = own;
  }

  /** The last request without an answer: it may have arrived all the same. */
  let unanswered: S | null = null;

  async function save(next: S): Promise<Saved> {
    state.value = next;
    try {
      await sendOn(next);
      return 'saved';
    } catch (error) {
      if (error instanceof NoConnection || (error instanceof ApiError && error.status >= 500)) {
        unanswered = next;
        kept.value = { revision: revision.value, state: next };
        waiting.value = true;
        return 'kept-here';
      }
      if (error instanceof ApiError && ['seen-changed', over].includes(error.body.code))
        return overtaken(next);
      throw error;
    }
  }

  async function sendOn(next: S): Promise<void> {
    const held = await send(revision.value, next);
    revision.value = held.revision;
    kept.value = null;
    unanswered = null;
    waiting.value = false;
  }

  /** Another device has gone on; or it was this one, and the answer to it was lost: then this goes on from there. */
  async function overtaken(next: S): Promise<Saved> {
    const lost = unanswered;
    kept.value = null;
    unanswered = null;
    await load();
    if (lost === null || finished.value || !same(state.value, lost)) return 'elsewhere';
    state.value = next;
    await sendOn(next);
    return 'saved';
  }

  const held = computed((): Held<S> => ({
    revision: revision.value,
    state: state.value,
    finished: finished.value,
  }));
  return { state, finished, waiting: computed(() => waiting.value), load, take, held, save };
}

/** The person's unsaved changes on this device, and the save they continue. */
function useUnsent<S>(key: string, schema: z.ZodType<S>) {
  const unsentSchema = z.object({ revision: z.int(), state: schema, personId: z.string().optional() });
  const stored = useStorage<z.infer<typeof unsentSchema> | null>(key, null, undefined, {
    serializer: { read: (text) => readKept(unsentSchema, text), write: (value) => JSON.stringify(value) },
  });
  const session = useSession();
  // Where nobody can be asked who this is, it is whoever was here last.
  const isMine = (owner: string | undefined): boolean =>
    owner === undefined || session.me === null || owner === session.me.personId;
  return computed({
    get: () => (isMine(stored.value?.personId) ? stored.value : null),
    set: (value: { revision: number; state: S } | null) => {
      stored.value = value && { ...value, personId: session.me?.personId ?? stored.value?.personId };
    },
  });
}

/** Unreadable content counts as absent: it was kept by an older page. */
function readKept<T>(schema: z.ZodType<T>, text: string): T | null {
  try {
    const parsed = schema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}
