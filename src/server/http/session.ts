import session from 'express-session';
import connectPgSimple from 'connect-pg-simple';
import type { Request, RequestHandler } from 'express';
import type { Pool } from 'pg';
import type { Me } from '../../contract/schemas.ts';
import { Failure } from '../services/failure.ts';
import type { Services } from './context.ts';
import { isLoopback } from './loopback.ts';

declare module 'express-session' {
  interface SessionData {
    personId: string;
    demo: boolean;
  }
}

const THIRTY_DAYS_MS = 30 * 24 * 60 * 60 * 1000;

/** Sessions in PostgreSQL; the cookie is out of reach of scripts and is not sent along from other sites. */
export function sessions(pool: Pool, { config, log }: Services): RequestHandler {
  const Store = connectPgSimple(session);
  return session({
    name: 'salt-ledger',
    secret: config.sessionSecret,
    resave: false,
    saveUninitialized: false,
    cookie: {
      httpOnly: true,
      sameSite: 'strict',
      secure: config.publicUrl?.protocol === 'https:',
      maxAge: THIRTY_DAYS_MS,
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
export function beginSession(request: Request, me: Me): Promise<void> {
  return new Promise((resolve, reject) => {
    request.session.regenerate((error: unknown) => {
      if (error) {
        reject(asError(error));
        return;
      }
      request.session.personId = me.personId;
      request.session.demo = me.demo;
      request.session.save((failed: unknown) => {
        if (failed) reject(asError(failed));
        else resolve();
      });
    });
  });
}

export function endSession(request: Request): Promise<void> {
  return new Promise((resolve, reject) => {
    request.session.destroy((error: unknown) => {
      if (error) reject(asError(error));
      else resolve();
    });
  });
}

const asError = (error: unknown): Error => (error instanceof Error ? error : new Error(String(error)));

/** Lets nobody further who is not signed in: before anything large is read. */
export const onlySignedIn =
  (services: Services): RequestHandler =>
  (request, _response, next) => {
    personOf(request, services);
    next();
  };
