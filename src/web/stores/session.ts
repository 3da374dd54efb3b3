import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { Body } from '../../contract/routes.ts';
import type { HomeSummary, Me } from '../../contract/schemas.ts';
import { call } from '../device/client.ts';
import { ApiError, NoConnection } from '../device/errors.ts';
import { forgetAll } from '../device/kept.ts';
import { endLeftSession, forgetLeaving, noteLeaving } from '../device/leftSession.ts';
import { useOutbox } from './outbox.ts';

/** Who is signed in and which homes they may see. */
export const useSession = defineStore('session', () => {
  const me = ref<Me | null>(null);
  const homes = ref<HomeSummary[]>([]);
  const known = ref(false);
  const unreachable = ref(false);
  const signedIn = computed(() => me.value !== null);

  async function begin(person: Me): Promise<void> {
    // Whoever signs in has a session of their own: the one left behind went with its cookie.
    forgetLeaving();
    me.value = person;
    await useOutbox().openFor(person.personId);
    await loadHomes();
  }

  async function loadHomes(): Promise<void> {
    homes.value = await call('listHomes');
  }

  /** Finds out whether this browser is signed in: once, or again while nobody could be asked. */
  async function resume(): Promise<void> {
    if (!(await endLeftSession()) || known.value) return;
    try {
      await begin(await call('me'));
      unreachable.value = false;
    } catch (error) {
      unreachable.value = error instanceof NoConnection || (error instanceof ApiError && error.status >= 500);
      if (!unreachable.value && !(error instanceof ApiError)) throw error;
    }
    known.value = !unreachable.value;
  }

  async function signIn(body: Body<'signIn'>): Promise<void> {
    await begin(await call('signIn', { body }));
    known.value = true;
  }

  async function signUp(body: Body<'signUp'>): Promise<void> {
    await begin(await call('signUp', { body }));
    known.value = true;
  }

  /** Leaves nothing of the person on this device. Without a connection the session ends at the next contact. */
  async function signOut(): Promise<void> {
    noteLeaving();
    if (me.value) await forgetAll(me.value.personId);
    await forget();
    await endLeftSession();
  }

  /** The server no longer knows this browser; what waits to be sent stays on the device. */
  async function forget(): Promise<void> {
    me.value = null;
    homes.value = [];
    await useOutbox().openFor(null);
  }

  return {
    me,
    homes,
    signedIn,
    unreachable,
    resume,
    signIn,
    signUp,
    signOut,
    forget,
    loadHomes,
  };
});
