import type { ErrorBody } from '../../contract/errors.ts';
import { ROUTES, type Response } from '../../contract/routes.ts';
import { call } from './client.ts';
import { ApiError } from './errors.ts';
import { holdsUp, judgeError, type WhyWaiting } from './delivery.ts';
import { dropParcel, updateParcel, type Parcel } from './outboxStorage.ts';
import type { WaitingRoute } from './writeRoutes.ts';

/** The outcome of a write: it arrived, was refused, or waits on this device. */
export type Outcome<R extends WaitingRoute> =
  | { readonly kind: 'delivered'; readonly response: Response<R> }
  | { readonly kind: 'refused'; readonly error: ErrorBody }
  | { readonly kind: 'waiting'; readonly why: WhyWaiting };

/** Sends one parcel. */
export async function deliver(parcel: Parcel): Promise<Outcome<WaitingRoute>> {
  try {
    const params = parcel.route === 'createHome' ? {} : { ...parcel.params, homeId: parcel.homeId };
    // A kept write was typed when it was sent; the server reads it with its own schema again.
    const response = await call(parcel.route, { params, body: parcel.body } as never);
    return { kind: 'delivered', response };
  } catch (error) {
    if (isGone(parcel.route, error)) return { kind: 'delivered', response: {} };
    return judgeError(error, parcel.tries);
  }
}

/** The thing to be deleted is gone: by this write, whose answer was lost, or by another. */
const isGone = (route: WaitingRoute, error: unknown): boolean =>
  ROUTES[route].method === 'DELETE' && error instanceof ApiError && error.body.code === 'not-found';

/** The fate of a parcel on this device once it has been tried; a refusal that somebody hears is theirs to put right. */
export async function settleOnDevice(
  parcel: Parcel,
  outcome: Outcome<WaitingRoute>,
  isHeard: boolean,
): Promise<void> {
  switch (outcome.kind) {
    case 'waiting':
      if (outcome.why === 'fault') await updateParcel({ ...parcel, tries: parcel.tries + 1 });
      return;
    case 'refused':
      await (isHeard ? dropParcel(parcel.id) : updateParcel({ ...parcel, refused: outcome.error }));
      return;
    case 'delivered':
      await dropParcel(parcel.id);
  }
}

/**
 * Sends parcels in their order and hands each outcome on. What holds up one home holds up that home alone. Answers with why the last one
 * that waits was not taken; null where none waits.
 */
export async function sendInOrder(
  parcels: readonly Parcel[],
  settle: (parcel: Parcel, outcome: Outcome<WaitingRoute>) => Promise<void>,
  send = deliver,
): Promise<WhyWaiting | null> {
  const heldUp = new Set<string>();
  let trouble: WhyWaiting | null = null;
  for (const parcel of parcels) {
    if (heldUp.has(parcel.homeId)) continue;
    const outcome = await send(parcel);
    await settle(parcel, outcome);
    if (outcome.kind !== 'waiting') continue;
    trouble = outcome.why;
    if (holdsUp(trouble) === 'all') break;
    heldUp.add(parcel.homeId);
  }
  return trouble;
}
