import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { RequestHandler } from 'express';
import { isPlainText } from '../../core/basics/text.ts';
import { attemptCounter } from '../services/attempts.ts';
import { Failure } from '../services/failure.ts';
import type { Services } from './context.ts';

/** The component library puts three small style sheets into the page itself, one of them empty, one for long lists: these and no others may. */
const LIBRARY_STYLES = [
  "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='",
  "'sha256-Fd0QD0FqL+7/xbtxgLdOiaqgrzQ+aCPAt30l0g1PmgI='",
  "'sha256-UmtTyyLNQnYAvy909krSz5Ex3J0XukTxr54qJ6RJ2PA='",
];

/** Headers that keep the page to its own scripts, styles and fonts and out of other pages' frames. */
export function securityHeaders({ config }: Services): RequestHandler {
  const https = config.publicUrl?.protocol === 'https:';
  return helmet({
    strictTransportSecurity: https ? { maxAge: 31_536_000 } : false,
    referrerPolicy: { policy: 'same-origin' },
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        styleSrc: ["'self'", ...LIBRARY_STYLES],
        baseUri: ["'none'"],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        formAction: ["'self'"],
        imgSrc: ["'self'", 'data:'],
      },
    },
  });
}

/** The methods of the table of routes; anything else has nothing to find here. */
const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE']);

export const refuseOtherMethods: RequestHandler = ({ method }, _response, next) => {
  next(METHODS.has(method) ? undefined : new Failure('not-found'));
};

const SAFE_METHODS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Refuses writes that another site makes a browser send. Browsers say where a write comes from; programs say nothing. */
export function refuseCrossSite({ config }: Services): RequestHandler {
  return (request, _response, next) => {
    if (SAFE_METHODS.has(request.method)) {
      next();
      return;
    }
    const site = request.headers['sec-fetch-site'];
    const { origin, host } = request.headers;
    const own = [
      `http://${host ?? ''}`,
      `https://${host ?? ''}`,
      ...(config.publicUrl ? [config.publicUrl.origin] : []),
    ];
    const foreign =
      (site !== undefined && site !== 'same-origin' && site !== 'none') ||
      (origin !== undefined && !own.includes(origin));
    next(foreign ? new Failure('cross-site') : undefined);
  };
}

/** Photos and papers lie in the browser's own cache, out of the page's reach: they go with the session. The page clears what it keeps itself. */
export const clearCache: RequestHandler = (_request, response, next) => {
  response.set('clear-site-data', '"cache"');
  next();
};

const QUARTER_HOUR_MS = 15 * 60 * 1000;
const TRIES_PER_ACCOUNT = 10;
const TRIES_PER_ADDRESS = 100;

/** Failed tries to sign in or up are counted by whom they name and by where they come from. */
export function limitAttempts({ db }: Services): RequestHandler[] {
  const common = {
    windowMs: QUARTER_HOUR_MS,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-8',
    legacyHeaders: false,
    passOnStoreError: false,
    handler: (_request: unknown, _response: unknown, next: (error: unknown) => void) => {
      next(new Failure('too-many-attempts'));
    },
  } as const;
  return [
    rateLimit({ ...common, limit: TRIES_PER_ADDRESS, store: attemptCounter(db, 'address') }),
    rateLimit({
      ...common,
      limit: TRIES_PER_ACCOUNT,
      store: attemptCounter(db, 'account'),
      keyGenerator: ({ body }) => emailIn(body),
    }),
  ];
}

function emailIn(body: unknown): string {
  const email = typeof body === 'object' && body !== null && 'email' in body ? body.email : '';
  return typeof email === 'string' && isPlainText(email) ? email.trim().toLowerCase().slice(0, 254) : '';
}
