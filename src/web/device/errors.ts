import type { ErrorBody } from '../../contract/errors.ts';

/** The reply instead of an answer: a refusal by the server, in its own words. */
export class ApiError extends Error {
  constructor(
    readonly body: ErrorBody,
    readonly status: number,
  ) {
    super(body.code);
    this.name = 'ApiError';
  }
}

/** No answer at all: no connection, or none that got through in time. */
export class NoConnection extends Error {
  /** The request went out, and no answer came in time: others may get through all the same. */
  readonly timedOut: boolean;

  constructor(cause: unknown) {
    super('no connection', { cause });
    this.name = 'NoConnection';
    this.timedOut = cause instanceof DOMException && cause.name === 'TimeoutError';
  }
}

/** An answer other than this page understands: it was made for a newer server, or an older one. */
export class UnreadableAnswer extends Error {
  constructor(cause: unknown) {
    super('the answer cannot be read', { cause });
    this.name = 'UnreadableAnswer';
  }
}

/** Tells of a `signed-out`: the server no longer knows this browser, though the page thought so. */
export const signals = new EventTarget();
