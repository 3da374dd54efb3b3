import type { ErrorRequestHandler } from 'express';
import { DrizzleQueryError } from 'drizzle-orm/errors';
import { v7 as uuid } from 'uuid';
import type { ErrorBody, ErrorCode } from '../../contract/errors.ts';
import { Failure } from '../services/failure.ts';
import type { Services } from './context.ts';

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
  'reference-unknown': 422,
  'already-succeeded': 409,
  'not-outstanding': 409,
  'practice-unknown': 422,
  'code-differs': 422,
  'acknowledgement-needed': 422,
  'target-unknown': 422,
  'target-not-correctable': 422,
  'target-voided': 409,
  'field-not-in-kind': 422,
  'no-account': 422,
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

/** Turns every error into a status and a body of code, field and log id; the details go to the log alone. */
export function answerErrors({ log }: Services): ErrorRequestHandler {
  return (error: unknown, request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const failure = failureOf(error);
    const logId = uuid();
    const status = STATUS[failure.code];
    const about = { logId, code: failure.code, method: request.method, path: request.path };
    if (status >= 500) log.error({ ...about, err: error }, 'request failed');
    else log.info({ ...about, field: failure.field }, 'request refused');
    const body: ErrorBody = {
      code: failure.code,
      ...(failure.field !== undefined && { field: failure.field }),
      ...(failure.problem && { problem: failure.problem }),
      logId,
    };
    response.status(status).json(body);
  };
}

function failureOf(error: unknown): Failure {
  if (error instanceof Failure) return error;
  if (isBodyError(error, 'entity.too.large')) return new Failure('too-large');
  if (isBodyError(error, 'entity.parse.failed'))
    return new Failure('invalid', 'body', { kind: 'format', expected: 'json' });
  if (isBodyError(error, null)) return new Failure('invalid', 'body', { kind: 'invalid' });
  return new Failure(isDatabaseGone(error) ? 'unavailable' : 'internal');
}

/** What the JSON parser raises carries a `type` and a status below 500. */
function isBodyError(error: unknown, type: string | null): boolean {
  if (!(error instanceof Error) || !('type' in error) || !('status' in error)) return false;
  return Number(error.status) < 500 && (type === null || error.type === type);
}

/** Class 08 and 57P are PostgreSQL's own words for connections lost and shutting down; the rest come from the socket. */
const GONE = /^(08...|57P0.|ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT)$/;
const GONE_WORDS =
  /Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error/;

function isDatabaseGone(error: unknown): boolean {
  if (error instanceof DrizzleQueryError && error.cause) return isDatabaseGone(error.cause);
  if (error instanceof AggregateError) return error.errors.some(isDatabaseGone);
  if (!(error instanceof Error)) return false;
  return ('code' in error && GONE.test(String(error.code))) || GONE_WORDS.test(error.message);
}
