import type { ErrorBody } from '../../contract/errors.ts';
import { ApiError, NoConnection, UnreadableAnswer } from './errors.ts';

/**
 * Why a write that was not taken waits: nobody answered, this home's answer did not come in time, the server asked to come again, this
 * browser is signed out, or the server failed at it.
 */
export type WhyWaiting = 'no-answer' | 'timed-out' | 'busy' | 'signed-out' | 'fault';

/** The outcome of trying to send a write. */
export type NotTaken =
  | { readonly kind: 'waiting'; readonly why: WhyWaiting; readonly error: ErrorBody | null }
  | { readonly kind: 'refused'; readonly error: ErrorBody };

/** How often the server may fail at a write before it is told as refused. */
const MOST_TRIES = 3;

/**
 * The meaning of an error for the write that met it. Only no answer, "come again" and having to sign in are passing, however often. A failure
 * of the server may be passing: after some tries it is a refusal. Whatever else is a refusal at once. `tries`: the failures before.
 */
export function judgeError(error: unknown, tries: number): NotTaken {
  if (error instanceof NoConnection)
    return { kind: 'waiting', why: error.timedOut ? 'timed-out' : 'no-answer', error: null };
  const { body, status } = answerIn(error);
  if (status === 401 && body.code === 'not-signed-in')
    return { kind: 'waiting', why: 'signed-out', error: body };
  if (status === 503) return { kind: 'waiting', why: 'busy', error: body };
  if ((status >= 500 || status === 429) && tries + 1 < MOST_TRIES)
    return { kind: 'waiting', why: 'fault', error: body };
  return { kind: 'refused', error: body };
}

/** An answer that cannot be read is a failure of the server's, as far as the write is concerned. */
function answerIn(error: unknown): { readonly body: ErrorBody; readonly status: number } {
  if (error instanceof UnreadableAnswer) return { body: { code: 'internal', logId: '' }, status: 500 };
  if (error instanceof ApiError) return error;
  throw error;
}

/** How far a write that waits holds up those after it: all of them, or those of its home alone. */
export const holdsUp = (why: WhyWaiting): 'all' | 'home' => {
  switch (why) {
    case 'no-answer':
    case 'signed-out':
      return 'all';
    case 'timed-out':
    case 'busy':
    case 'fault':
      return 'home';
  }
};
