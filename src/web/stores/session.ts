import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { Body } from '../../contract/routes.ts';
import type { HomeSummary, Me } from '../../contract/schemas.ts';
import { ApiError, call, NoConnection } from '../api/client.ts';
import { forgetPerson } from '../api/forgetPerson.ts';
import { useOutbox } from './outbox.ts';

/** Stands on the device from signing out until the server has heard of it. */
const SIGNING_OUT = 'salt-ledger signing out';

/** Who is signed in and which homes they may see. */
export const useSession = defineStore('session', () => {
  const me = ref<Me | null>(null);
  const homes = ref<HomeSummary[]>([]);
  const known = ref(false);
  const unreachable = ref(false);
  const signedIn = computed(() => me.value !== null);

  async function begin(person: Me): Promise<void> {
    // Whoever signs in has a session of their own: the one left behind went with its cookie.
    localStorage.removeItem(SIGNING_OUT);
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
    localStorage.setItem(SIGNING_OUT, '1');
    if (me.value) await forgetPerson(me.value.personId);
    await forget();
    await endLeftSession();
  }

  /** Ends a session that was left while nobody answered; false where that is still so. */
  async function endLeftSession(): Promise<boolean> {
    if (localStorage.getItem(SIGNING_OUT) === null) return true;
    try {
      await call('signOut', { body: {} });
    } catch (error) {
      if (error instanceof NoConnection || (error instanceof ApiError && error.status >= 500)) return false;
      throw error;
    }
    localStorage.removeItem(SIGNING_OUT);
    return true;
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
    endLeftSession,
    signIn,
    signUp,
    signOut,
    forget,
    loadHomes,
  };
});
