import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { v7 as uuid } from 'uuid';
import type { Response } from '../../contract/routes.ts';
import { call } from '../device/client.ts';
import type { WhyWaiting } from '../device/delivery.ts';
import { NoConnection } from '../device/errors.ts';
import { deliver, sendInOrder, settleOnDevice, type Outcome } from '../device/sendParcels.ts';
import { allParcels, dropParcel, keepParcel, type Parcel } from '../device/outboxStorage.ts';
import type { Answered, NowRoute, WaitingRoute, Write, WriteRoute } from '../device/writeRoutes.ts';

export type { Outcome };

/** Who keeps what is on screen in step with what was written. */
type Hearer = (answered: Answered) => Promise<void>;

/** Every write of the browser goes through here: kept on the device first, then sent, then forgotten; in the order it was made. */
export const useOutbox = defineStore('outbox', () => {
  const { hear, tellOf } = useHearers();
  const { parcels, personId, waiting, refused, refresh } = useParcels();
  /** Why what waits was not taken when it was last tried. */
  const trouble = ref<WhyWaiting | null>(null);
  /** The answers to writes whose sender is still there to hear them; null until there is one. */
  const answers = new Map<string, Outcome<WaitingRoute> | null>();

  /** Starts sending for a person; what they left waiting goes first. */
  async function openFor(person: string | null): Promise<void> {
    personId.value = person;
    await refresh();
    if (person !== null) await flush();
  }

  async function send<R extends WaitingRoute>(write: Write<R>): Promise<Outcome<R>> {
    const parcel = parcelOf(write, personId.value);
    answers.set(parcel.id, null);
    try {
      await keepParcel(parcel);
      await flush();
      // Parcels are told apart by id; the answer kept under this one is to this route.
      const kept = parcels.value.find(({ id }) => id === parcel.id);
      const outcome =
        answers.get(parcel.id) ?? (await settledElsewhere(parcel, kept, trouble.value ?? 'no-answer'));
      if (kept && outcome.kind === 'refused') await drop(parcel.id);
      return outcome as Outcome<R>;
    } finally {
      answers.delete(parcel.id);
    }
  }

  /** Sends what happens now or not at all, after what waits of its home. Throws as `call` does. */
  async function now<R extends NowRoute>(write: Write<R>): Promise<Response<R>> {
    const response = await exclusively(async () => {
      await sendAll();
      if (waiting.value.some(({ homeId }) => homeId === write.homeId)) throw new NoConnection(null);
      const params = { ...paramsOf(write), homeId: write.homeId };
      return call(write.route, { params, body: write.body } as never);
    });
    await tellOf(write.route, write.homeId, response);
    return response;
  }

  /** Sends what waits, in order, one page of the application at a time. What holds up one home holds up that home alone. */
  const flush = (): Promise<void> => exclusively(sendAll);

  async function sendAll(): Promise<void> {
    await refresh();
    trouble.value = await sendInOrder([...waiting.value], settle);
    await refresh();
  }

  /** Whoever still waits for the answer gets it, and whoever hears is told. */
  async function settle(parcel: Parcel, outcome: Outcome<WaitingRoute>): Promise<void> {
    const isHeard = answers.has(parcel.id);
    if (outcome.kind !== 'waiting' && isHeard) answers.set(parcel.id, outcome);
    await settleOnDevice(parcel, outcome, isHeard);
    if (outcome.kind === 'delivered') await tellOf(parcel.route, parcel.homeId, outcome.response);
  }

  /** Sends a refused write once more: as it was, or as it has been put right. */
  async function retry(id: string, body?: unknown): Promise<void> {
    const parcel = parcels.value.find((one) => one.id === id);
    if (!parcel) return;
    await keepParcel({ ...parcel, body: body ?? parcel.body, tries: 0, refused: null });
    await flush();
  }

  async function drop(id: string): Promise<void> {
    await dropParcel(id);
    await refresh();
  }

  return { waiting, refused, trouble, openFor, send, now, hear, flush, retry, drop };
});

const parcelOf = (write: Write<WaitingRoute>, personId: string | null): Parcel => ({
  version: 1,
  id: uuid(),
  personId: personId ?? '',
  tries: 0,
  refused: null,
  params: {},
  ...write,
});

const paramsOf = (write: object): object =>
  'params' in write && typeof write.params === 'object' && write.params !== null ? write.params : {};

/** Another page of this browser may have sent the parcel in its turn: asked again, the server gives the same answer. */
async function settledElsewhere(
  parcel: Parcel,
  kept: Parcel | undefined,
  why: WhyWaiting,
): Promise<Outcome<WaitingRoute>> {
  if (!kept) return deliver(parcel);
  return kept.refused === null ? { kind: 'waiting', why } : { kind: 'refused', error: kept.refused };
}

/** Whoever hears is told of every write that was taken, of this page or left from before, and before its sender is. */
function useHearers() {
  const hearers = new Set<Hearer>();
  const hear = (hearer: Hearer): void => void hearers.add(hearer);
  async function tellOf(route: WriteRoute, homeId: string, response: unknown): Promise<void> {
    // Each answer was read by the schema of its route.
    for (const hearer of hearers) await hearer({ route, homeId, response } as Answered);
  }
  return { hear, tellOf };
}

/** The parcels on this device, and which of them are the person's who is signed in. */
function useParcels() {
  const parcels = ref<Parcel[]>([]);
  const personId = ref<string | null>(null);
  const own = computed(() => parcels.value.filter((parcel) => parcel.personId === personId.value));
  const waiting = computed(() => own.value.filter(({ refused }) => refused === null));
  const refused = computed(() => own.value.filter(({ refused: error }) => error !== null));
  const refresh = async (): Promise<void> => {
    parcels.value = await allParcels();
  };
  return { parcels, personId, waiting, refused, refresh };
}

let turn: Promise<unknown> = Promise.resolve();

/** One after another on this page and, where the browser can, across its pages. */
function exclusively<T>(work: () => Promise<T>): Promise<T> {
  // Only pages of a secure address have locks.
  const { locks } = navigator as Partial<Navigator>;
  const locked = (): Promise<T> => (locks ? locks.request('salt-ledger outbox', work) : work());
  const mine = turn.then(locked, locked);
  turn = mine.catch(() => undefined);
  return mine;
}
