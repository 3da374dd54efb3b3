import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { v7 as uuid } from 'uuid';
import type { Body } from '../../contract/routes.ts';
import type { WhyWaiting } from '../device/delivery.ts';
import { deliver, sendInOrder, settleOnDevice, type Outcome } from '../device/sendParcels.ts';
import { allParcels, dropParcel, keepParcel, type Parcel, type WriteRoute } from '../device/outboxStorage.ts';

export type { Outcome };

export interface Write<R extends WriteRoute> {
  readonly route: R;
  readonly homeId: string;
  readonly body: Body<R>;
  readonly label: string;
}

/** Every write of the browser goes through here: kept on the device first, then sent, then forgotten. */
export const useOutbox = defineStore('outbox', () => {
  const { parcels, personId, waiting, refused, refresh } = useParcels();
  const deliveredLater = ref(0);
  /** Why what waits was not taken when it was last tried. */
  const trouble = ref<WhyWaiting | null>(null);
  /** The answers to writes whose sender is still there to hear them; null until there is one. */
  const answers = new Map<string, Outcome<WriteRoute> | null>();

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
      tries: 0,
      refused: null,
      ...write,
    };
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

  /** Sends what waits, in order, one page of the application at a time. What holds up one home holds up that home alone. */
  const flush = (): Promise<void> => exclusively(sendAll);

  async function sendAll(): Promise<void> {
    await refresh();
    trouble.value = await sendInOrder([...waiting.value], settle);
    await refresh();
  }

  /** Whoever still waits for the answer gets it; what was sent later is counted. */
  async function settle(parcel: Parcel, outcome: Outcome<WriteRoute>): Promise<void> {
    const isHeard = answers.has(parcel.id);
    if (outcome.kind !== 'waiting' && isHeard) answers.set(parcel.id, outcome);
    if (outcome.kind === 'delivered' && !isHeard) deliveredLater.value += 1;
    await settleOnDevice(parcel, outcome, isHeard);
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

  return { waiting, refused, trouble, deliveredLater, openFor, send, flush, retry, drop };
});

/** Another page of this browser may have sent the parcel in its turn: asked again, the server gives the same answer. */
async function settledElsewhere(
  parcel: Parcel,
  kept: Parcel | undefined,
  why: WhyWaiting,
): Promise<Outcome<WriteRoute>> {
  if (!kept) return deliver(parcel);
  return kept.refused === null ? { kind: 'waiting', why } : { kind: 'refused', error: kept.refused };
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
function exclusively(work: () => Promise<void>): Promise<void> {
  const locked = () => ('locks' in navigator ? navigator.locks.request('salt-ledger outbox', work) : work());
  const mine = turn.then(locked, locked);
  turn = mine.catch(() => undefined);
  return mine;
}
