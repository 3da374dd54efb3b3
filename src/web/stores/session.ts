import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { Body } from '../../contract/routes.ts';
import type { HomeSummary } from '../../contract/schemas.ts';
import type { Me } from '../../contract/accounts.ts';
import { ask, askAged, keepKnown } from '../device/ask.ts';
import { call } from '../device/client.ts';
import { ApiError, NoConnection } from '../device/errors.ts';
import { forgetAll, noteLastPerson } from '../device/kept.ts';
import { endLeftSession, forgetLeaving, noteLeaving } from '../device/leftSession.ts';
import { useOutbox } from './outbox.ts';

/** Nobody answers, or the server cannot just now. */
const isAway = (error: unknown): boolean =>
  error instanceof NoConnection || (error instanceof ApiError && error.status >= 500);

/** Nobody is signed in on this device any more, and nothing of who was is left on it. */
async function forgetPerson(me: Me | null): Promise<void> {
  noteLastPerson(null);
  if (me) await forgetAll(me.personId);
}

/** Who is signed in and which homes they may see. */
export const useSession = defineStore('session', () => {
  const me = ref<Me | null>(null);
  const homes = ref<HomeSummary[]>([]);
  const known = ref(false);
  const unreachable = ref(false);
  /** Nobody could be asked who this is: it is whoever was here last. */
  const isAssumed = ref(false);
  const signedIn = computed(() => me.value !== null);

  async function begin(person: Me, known: HomeSummary[] | null = null): Promise<void> {
    // Whoever signs in has a session of their own: the one left behind went with its cookie.
    forgetLeaving();
    me.value = person;
    noteLastPerson(person.personId);
    void keepKnown('me', {}, person);
    if (known) homes.value = known;
    await Promise.all([useOutbox().openFor(person.personId), known ? null : loadHomes()]);
  }

  async function loadHomes(): Promise<void> {
    homes.value = await ask('listHomes');
  }

  /**
   * Finds out whether this browser is signed in: once, or again while nobody could be asked. Without a connection it is whoever was signed in
   * last, until the server can be asked.
   */
  async function resume(): Promise<void> {
    if (!(await endLeftSession()) || known.value) return;
    try {
      const [{ answer, keptAt }, some] = await Promise.all([askAged('me'), ask('listHomes')]);
      isAssumed.value = keptAt !== null;
      await begin(answer, some);
      unreachable.value = false;
    } catch (error) {
      unreachable.value = isAway(error);
      if (!unreachable.value && !(error instanceof ApiError)) throw error;
      if (!unreachable.value) noteLastPerson(null);
    }
    known.value = !unreachable.value;
  }

  /** Asks the server whether it answers again; one that no longer knows this browser says so by itself. Throws as `call` does. */
  async function confirm(): Promise<void> {
    const person = await call('me');
    if (isAssumed.value) await begin(person);
    isAssumed.value = false;
  }

  const enter = async (person: Me): Promise<void> => {
    await begin(person);
    known.value = true;
  };
  const signIn = async (body: Body<'signIn'>): Promise<void> => enter(await call('signIn', { body }));
  const signUp = async (body: Body<'signUp'>): Promise<void> => enter(await call('signUp', { body }));

  /** Leaves nothing of the person on this device. */
  async function leaveDevice(): Promise<void> {
    await forgetPerson(me.value);
    await forget();
  }

  /** Leaves the device and ends the session: without a connection at the next contact. */
  async function signOut(): Promise<void> {
    noteLeaving();
    await leaveDevice();
    await endLeftSession();
  }

  /** The server no longer knows this browser; what waits to be sent stays on the device. */
  async function forget(): Promise<void> {
    me.value = null;
    homes.value = [];
    await useOutbox().openFor(null);
  }

  const state = { me, homes, signedIn, unreachable };
  return { ...state, resume, confirm, signIn, signUp, signOut, leaveDevice, forget, loadHomes };
});
