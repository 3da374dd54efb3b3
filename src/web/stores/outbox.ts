import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { v7 as uuid } from 'uuid';
import type { ErrorBody } from '../../contract/errors.ts';
import type { Body, Response } from '../../contract/routes.ts';
import { ApiError, call, NoConnection } from '../api/client.ts';
import { allParcels, dropParcel, keepParcel, type Parcel, type WriteRoute } from '../api/outboxStorage.ts';

/** What became of a write: it arrived, was refused, or waits on this device for a connection. */
export type Outcome<R extends WriteRoute> =
  | { readonly kind: 'delivered'; readonly response: Response<R> }
  | { readonly kind: 'refused'; readonly error: ErrorBody }
  | { readonly kind: 'waiting' };

export interface Write<R extends WriteRoute> {
  readonly route: R;
  readonly homeId: string;
  readonly body: Body<R>;
  readonly label: string;
}

/** Refusals that say nothing about the write itself: it waits, and is sent again. */
const PASSING = new Set(['unavailable', 'internal', 'not-signed-in', 'too-many-attempts']);

/** Every write of the browser goes through here: kept on the device first, then sent, then forgotten. */
export const useOutbox = defineStore('outbox', () => {
  const parcels = ref<Parcel[]>([]);
  const personId = ref<string | null>(null);
  const deliveredLater = ref(0);
  const answers = new Map<string, Outcome<WriteRoute>>();

  const own = computed(() => parcels.value.filter((parcel) => parcel.personId === personId.value));
  const waiting = computed(() => own.value.filter(({ refused }) => refused === null));
  const refused = computed(() => own.value.filter(({ refused: error }) => error !== null));

  async function refresh(): Promise<void> {
    parcels.value = await allParcels();
  }

  /** Starts sending for a person; what they left waiting goes first. */
  async function openFor(person: string | null): Promise<void> {
    personId.value = person;
    await refresh();
    if (person !== null) await flush();
  }

  async function send<R extends WriteRoute>(write: Write<R>): Promise<Outcome<R>> {
    const parcel: Parcel = {
      version: 1,
      id: uuid(),
      personId: personId.value ?? '',
      refused: null,
      ...write,
    };
    live.add(parcel.id);
    try {
      await keepParcel(parcel);
      await flush();
      // Parcels are told apart by id; the answer kept under this one is to this route.
      const kept = parcels.value.find(({ id }) => id === parcel.id);
      const outcome = answers.get(parcel.id) ?? (await settledElsewhere(parcel, kept));
      if (kept && outcome.kind === 'refused') await drop(parcel.id);
      return outcome as Outcome<R>;
    } finally {
      live.delete(parcel.id);
      answers.delete(parcel.id);
    }
  }

  /** Parcels whose sender is still there to hear the answer. */
  const live = new Set<string>();

  /** Sends what waits, in order, one page of the application at a time. Stops where the connection does. */
  const flush = (): Promise<void> => exclusively(sendAll);

  async function sendAll(): Promise<void> {
    await refresh();
    for (const parcel of [...waiting.value]) {
      const outcome = await deliver(parcel);
      if (outcome.kind === 'waiting') break;
      if (live.has(parcel.id)) answers.set(parcel.id, outcome);
      if (outcome.kind === 'refused' && !live.has(parcel.id))
        await keepParcel({ ...parcel, refused: outcome.error });
      else await dropParcel(parcel.id);
      if (outcome.kind === 'delivered' && !live.has(parcel.id)) deliveredLater.value += 1;
    }
    await refresh();
  }

  async function drop(id: string): Promise<void> {
    await dropParcel(id);
    await refresh();
  }

  return { waiting, refused, deliveredLater, openFor, send, flush, drop };
});

/** Another page of this browser may have sent the parcel in its turn: asked again, the server gives the same answer. */
async function settledElsewhere(parcel: Parcel, kept: Parcel | undefined): Promise<Outcome<WriteRoute>> {
  if (!kept) return deliver(parcel);
  return kept.refused === null ? { kind: 'waiting' } : { kind: 'refused', error: kept.refused };
}

async function deliver(parcel: Parcel): Promise<Outcome<WriteRoute>> {
  try {
    const params = parcel.route === 'createHome' ? {} : { homeId: parcel.homeId };
    // What was kept was typed when it was sent; the server reads it with its own schema again.
    const response = await call(parcel.route, { params, body: parcel.body } as never);
    return { kind: 'delivered', response };
  } catch (error) {
    if (error instanceof NoConnection) return { kind: 'waiting' };
    if (error instanceof ApiError) {
      return PASSING.has(error.body.code) ? { kind: 'waiting' } : { kind: 'refused', error: error.body };
    }
    throw error;
  }
}

let turn: Promise<unknown> = Promise.resolve();

/** One after another on this page and, where the browser can, across its pages. */
function exclusively(work: () => Promise<void>): Promise<void> {
  const locked = () => ('locks' in navigator ? navigator.locks.request('salt-ledger outbox', work) : work());
  const mine = turn.then(locked, locked);
  turn = mine.catch(() => undefined);
  return mine;
}
