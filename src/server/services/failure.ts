import type { ErrorCode, Problem } from '../../contract/errors.ts';

/** A named failure of a use case. One middleware turns names into statuses; the wording is the client's. */
export class Failure extends Error {
  constructor(
    readonly code: ErrorCode,
    readonly field?: string,
    readonly problem?: Problem,
  ) {
    super(field === undefined ? code : `${code} at ${field}`);
    this.name = 'Failure';
  }
}
