import session from 'express-session';
import connectPgSimple from 'connect-pg-simple';
import type { Request, RequestHandler } from 'express';
import type { Pool } from 'pg';
import { v7 as uuid } from 'uuid';
import type { Me } from '../../contract/accounts.ts';
import { Failure } from '../services/failure.ts';
import type { Services } from './context.ts';
import { cookieName, isHttps } from './cookies.ts';
import { isLoopback } from './loopback.ts';

declare module 'express-session' {
  /** Times are epoch milliseconds, by the machine's own clock: a session does not end because the server's was moved. */
  interface SessionData {
    personId: string;
    demo: boolean;
    /** By which the browser is known to its person; the session's own id is a secret. */
    handle: string;
    /** The user agent of the browser. */
    agent: string;
    since: number;
    seenAt: number;
    /** When the password was last entered again, after signing in. */
    confirmedAt: number;
  }
}

const HOUR_MS = 60 * 60 * 1000;
const DAY_MS = 24 * HOUR_MS;
/** A session ends this long after signing in, whatever happens. */
const MOST_DAYS = 30;
/** It ends before where the browser was not seen for this long. */
export const IDLE_DAYS = 14;
/** How long a password that was entered again counts. */
const CONFIRMED_MS = 10 * 60 * 1000;
const LONGEST_AGENT = 300;

/** Sessions in PostgreSQL; the cookie is out of reach of scripts and is not sent along from other sites. */
export function sessions(pool: Pool, { config, log }: Services): RequestHandler {
  const Store = connectPgSimple(session);
  return session({
    name: cookieName('salt-ledger', config),
    secret: config.sessionSecret,
    resave: false,
    saveUninitialized: false,
    cookie: {
      httpOnly: true,
      sameSite: 'strict',
      path: '/',
      secure: isHttps(config),
      maxAge: MOST_DAYS * DAY_MS,
    },
    store: new Store({
      pool,
      tableName: 'session',
      createTableIfMissing: false,
      // A session ends thirty days after signing in; not writing it at every request keeps reading cheap.
      disableTouch: true,
      errorLog: (...what: unknown[]) => {
        log.error({ err: what.find((one) => one instanceof Error) }, 'the session store failed');
      },
    }),
  });
}

/**
 * Ends a session whose browser was not seen for two weeks, and notes, once an hour, that it was. One from before this was noted counts
 * from now.
 */
export function endIdle(): RequestHandler {
  return (request, _response, next) => {
    const { personId, seenAt } = request.session;
    if (personId === undefined) {
      next();
      return;
    }
    const now = Date.now();
    if (seenAt !== undefined && now - seenAt > IDLE_DAYS * DAY_MS) {
      request.session.regenerate(next);
      return;
    }
    if (seenAt === undefined || now - seenAt > HOUR_MS) {
      request.session.seenAt = now;
      request.session.since ??= now;
      request.session.handle ??= uuid();
      request.session.agent ??= agentOf(request);
    }
    next();
  };
}

/** The user agent of a request, in printable ASCII. */
export const agentOf = (request: Request): string =>
  (request.headers['user-agent'] ?? '').replaceAll(/[^\x20-\x7e]/g, '').slice(0, LONGEST_AGENT);

/** Who is signed in, for the log; null where nobody is or where sessions were not read yet. */
export const personIn = (request: Request): string | null =>
  (request.session as Request['session'] | undefined)?.personId ?? null;

/** Whom a request comes from; a demo session carried off loopback is nobody's. */
export function personOf(request: Request, { config }: Services): string {
  const { personId, demo } = request.session;
  if (personId === undefined) throw new Failure('not-signed-in');
  if (demo === true && !isLoopback(request, config)) throw new Failure('demo-off-loopback');
  return personId;
}

/** Signs the browser in under a new session id, so that an id known before is worth nothing. */
export async function beginSession(request: Request, me: Me): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    request.session.regenerate(settled(resolve, reject));
  });
  const { session: fresh } = request;
  const now = Date.now();
  fresh.personId = me.personId;
  fresh.demo = me.demo;
  fresh.handle = uuid();
  fresh.agent = agentOf(request);
  fresh.since = now;
  fresh.seenAt = now;
  await saveSession(request);
}

const saveSession = (request: Request): Promise<void> =>
  new Promise((resolve, reject) => {
    request.session.save(settled(resolve, reject));
  });

export const endSession = (request: Request): Promise<void> =>
  new Promise((resolve, reject) => {
    request.session.destroy(settled(resolve, reject));
  });

const settled =
  (resolve: () => void, reject: (error: Error) => void) =>
  (error: unknown): void => {
    if (error) reject(error instanceof Error ? error : new Error(JSON.stringify(error)));
    else resolve();
  };

/** Saves that the password was entered again. */
export async function confirmSession(request: Request): Promise<void> {
  request.session.confirmedAt = Date.now();
  await saveSession(request);
}

/** Throws unless the password was entered again in the last ten minutes. For acts that cannot be undone. */
export function mustBeConfirmed(request: Request): void {
  const { confirmedAt } = request.session;
  if (confirmedAt === undefined || Date.now() - confirmedAt > CONFIRMED_MS)
    throw new Failure('password-needed');
}

/** Lets nobody further who is not signed in: before anything large is read. */
export const onlySignedIn =
  (services: Services): RequestHandler =>
  (request, _response, next) => {
    personOf(request, services);
    next();
  };
