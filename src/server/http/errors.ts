import type { ErrorRequestHandler, Request } from 'express';
import { DrizzleQueryError } from 'drizzle-orm/errors';
import { v7 as uuid } from 'uuid';
import type { ErrorBody, ErrorCode } from '../../contract/errors.ts';
import { Failure } from '../services/failure.ts';
import type { Services } from './context.ts';
import { Quiet } from '../log.ts';
import { databaseFailure, isDatabaseGone } from './databaseFailure.ts';
import { personIn } from './session.ts';

const STATUS: Record<ErrorCode, number> = {
  invalid: 400,
  'not-signed-in': 401,
  'wrong-credentials': 401,
  'too-many-attempts': 429,
  'cross-site': 403,
  'demo-off-loopback': 403,
  'not-found': 404,
  'not-allowed': 403,
  'email-taken': 409,
  'id-taken': 409,
  'seen-changed': 409,
  'date-in-future': 422,
  'date-after-correction': 422,
  'reference-unknown': 422,
  'already-succeeded': 409,
  'not-outstanding': 409,
  'practice-unknown': 422,
  'code-differs': 422,
  'acknowledgement-needed': 422,
  'target-unknown': 422,
  'target-not-correctable': 422,
  'target-voided': 409,
  'too-many-corrections': 422,
  'field-not-in-kind': 422,
  'no-account': 422,
  'password-weak': 422,
  'password-needed': 403,
  'demo-account': 422,
  'only-owner': 409,
  'member-unknown': 404,
  'other-address': 403,
  'invitation-over': 404,
  'too-many-invitations': 422,
  'https-needed': 403,
  'file-unreadable': 422,
  'file-differs': 422,
  'last-owner': 409,
  'name-differs': 422,
  'photo-unreadable': 422,
  'too-many-photos': 422,
  'walk-over': 409,
  'run-over': 409,
  'document-unreadable': 422,
  'too-many-documents': 422,
  'too-large': 413,
  unavailable: 503,
  internal: 500,
};

/** A passing failure is worth another try after this. */
const RETRY_AFTER_SECONDS = 5;

/** Turns every error into a status and a body of code, field and log id; the details go to the log alone. */
export function answerErrors({ log }: Services): ErrorRequestHandler {
  const quiet = new Quiet();
  return (error: unknown, request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const failure = failureOf(error);
    const logId = uuid();
    const status = STATUS[failure.code];
    const about = { logId, code: failure.code, method: request.method, route: routeOf(request) };
    if (error instanceof Failure && status < 500) {
      log.info({ ...about, field: failure.field, person: personIn(request) }, 'request refused');
    } else {
      // Nothing that was foreseen: it is told with where it happened, once in a while.
      const held = quiet.admit(`${failure.code} ${stateOf(error)}`, Date.now());
      if (held !== null)
        log[status >= 500 ? 'error' : 'warn'](
          { ...about, ...(held > 0 && { held }), err: error },
          'request failed',
        );
    }
    const body: ErrorBody = {
      code: failure.code,
      ...(failure.field !== undefined && { field: failure.field }),
      ...(failure.problem && { problem: failure.problem }),
      logId,
    };
    if (status === 503) response.set('retry-after', String(RETRY_AFTER_SECONDS));
    response.status(status).json(body);
  };
}

/** The route as the table has it: what an address is made of otherwise may be anything. */
function routeOf({ route }: Request): string | null {
  const path: unknown = (route as { path?: unknown } | undefined)?.path;
  return typeof path === 'string' ? path : null;
}

function stateOf(error: unknown): string {
  const cause = causeOf(error);
  return cause instanceof Error && 'code' in cause ? String(cause.code) : '';
}

function failureOf(error: unknown): Failure {
  if (error instanceof Failure) return error;
  const cause = causeOf(error);
  return databaseFailure(cause) ?? clientFailure(cause) ?? new Failure('internal');
}

/** Drizzle wraps what PostgreSQL said; a pool that tried several addresses says what each said. */
function causeOf(error: unknown): unknown {
  if (error instanceof DrizzleQueryError && error.cause) return causeOf(error.cause);
  if (error instanceof AggregateError) return error.errors.find(isDatabaseGone) ?? error;
  return error;
}

/**
 * A refusal by the parsers and file servers below a handler carries a status from 400 to 499: an address that is not one, a body that
 * is not JSON, a file that is not there.
 */
function clientFailure(error: unknown): Failure | null {
  if (error instanceof URIError) return new Failure('invalid', 'address', { kind: 'address' });
  if (!(error instanceof Error) || !('status' in error)) return null;
  const status = Number(error.status);
  if (!(status >= 400 && status < 500)) return null;
  if (status === 413) return new Failure('too-large');
  if (status === 404) return new Failure('not-found');
  const type = 'type' in error ? error.type : '';
  if (type === 'entity.parse.failed')
    return new Failure('invalid', 'body', { kind: 'format', expected: 'json' });
  return new Failure('invalid', type === '' || type === undefined ? 'request' : 'body', { kind: 'invalid' });
}
