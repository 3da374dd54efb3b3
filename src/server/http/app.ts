import { existsSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import type { Pool } from 'pg';
import { PAGE_VERSION } from '../../contract/basics.ts';
import { Failure } from '../services/failure.ts';
import type { Handlers, Services } from './context.ts';
import { answerErrors } from './errors.ts';
import { drawnToday, FIRST_PAGE } from './firstPage.ts';
import { accountHandlers } from './handlers/accounts.ts';
import { healthHandlers } from './handlers/health.ts';
import { houseFileHandlers } from './handlers/houseFiles.ts';
import { memberHandlers } from './handlers/members.ts';
import { homeHandlers } from './handlers/homes.ts';
import { houseHandlers } from './handlers/house.ts';
import { planHandlers } from './handlers/plan.ts';
import { recordHandlers } from './handlers/record.ts';
import { runHandlers } from './handlers/runs.ts';
import { ledgerHandlers } from './handlers/ledger.ts';
import { mountRoutes } from './mount.ts';
import { receiveHouseFile } from './receiveHouseFile.ts';
import {
  clearCache,
  limitAttempts,
  limitConfirmations,
  onlyHttps,
  refuseCrossSite,
  refuseOtherMethods,
  securityHeaders,
} from './security.ts';
import { endIdle, onlySignedIn, sessions } from './session.ts';

/** Where photos, papers and whole tables are sent: they are larger than anything else may be. */
const LARGE = ['photos', 'documents', 'imported-entries'].map((what) => `/api/homes/:homeId/${what}`);

/** The whole of HTTP: the API below `/api`, the built page everywhere else. */
export function createApp(services: Services, pool: Pool): Express {
  const app = express();
  app.disable('x-powered-by');
  app.disable('etag');
  app.set('query parser', 'simple');
  app.set('trust proxy', [...services.config.trustedProxies]);
  app.use(securityHeaders(services), onlyHttps(services));
  // Answers are text that says much twice over; what is small goes out as it is.
  app.use('/api', compression({ threshold: LEAST_COMPRESSED, level: 4 }));
  app.use('/api', tellPageVersion(services.config.webFolder), refuseCrossSite(services), refuseOtherMethods);
  const known = [sessions(pool, services), endIdle()];
  app.use(LARGE, known, onlySignedIn(services), express.json({ limit: '17mb' }));
  app.use('/api/house-files', known, onlySignedIn(services), receiveHouseFile);
  app.use('/api', express.json({ limit: '1mb' }), known);
  app.post(['/api/sign-in', '/api/sign-up'], ...limitAttempts(services));
  app.post(
    ['/api/me/password', '/api/me/confirmation'],
    onlySignedIn(services),
    limitConfirmations(services),
  );
  app.post('/api/sign-out', clearCache);
  app.use(mountRoutes(services, HANDLERS));
  app.use('/api', notFound);
  servePage(app, services.config.webFolder, drawnToday(services, HANDLERS, known));
  app.use(notFound);
  app.use(answerErrors(services));
  return app;
}

const HANDLERS: Handlers = {
  ...accountHandlers,
  ...healthHandlers,
  ...houseFileHandlers,
  ...memberHandlers,
  ...homeHandlers,
  ...houseHandlers,
  ...planHandlers,
  ...ledgerHandlers,
  ...runHandlers,
  ...recordHandlers,
};

/** Bytes from which an answer is worth compressing. */
const LEAST_COMPRESSED = 4_000;

const notFound = (): never => {
  throw new Failure('not-found');
};

/**
 * Tells with every answer which page this server gives out: an older page still open learns that there is another. The name of its first
 * script stands for all it is made of.
 */
function tellPageVersion(folder: string): RequestHandler {
  const page = resolve(folder, 'index.html');
  const script = existsSync(page) ? FIRST_SCRIPT.exec(readFileSync(page, 'utf8'))?.[1] : undefined;
  return (_request, response, next) => {
    if (script !== undefined) response.set(PAGE_VERSION, script);
    next();
  };
}
const FIRST_SCRIPT = /<script [^>]*src="(\/assets\/first-[^"]+)"/;

/** The files of the page; any other address gets the page itself, which finds its own way. Today comes drawn. */
function servePage(app: Express, folder: string, today: ReturnType<typeof drawnToday>): void {
  const page = resolve(folder, 'index.html');
  if (!existsSync(page)) return;
  // Whole files or none: they are small, and a part that nobody asked for rightly is one more thing to refuse.
  const files = { acceptRanges: false, redirect: false, index: false } as const;
  app.use(compression());
  app.use(
    '/assets',
    express.static(join(folder, 'assets'), { ...files, immutable: true, maxAge: '1y' }),
    notFound,
  );
  app.use(express.static(folder, files));
  app.get(FIRST_PAGE, ...today);
  app.get('/{*splat}', (_request, response) => {
    response.set('cache-control', 'no-cache').sendFile(page, { acceptRanges: false });
  });
}
