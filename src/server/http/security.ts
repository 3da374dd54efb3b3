import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import type { RequestHandler } from 'express';
import { isPlainText } from '../../core/basics/text.ts';
import { attemptCounter } from '../services/attempts.ts';
import { Failure } from '../services/failure.ts';
import type { Services } from './context.ts';
import { isHttps } from './cookies.ts';
import { signFor } from './knownBrowser.ts';
import './session.ts';

/** The component library puts three small style sheets into the page itself, one of them empty, one for long lists: these and no others may. */
const LIBRARY_STYLES = [
  "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='",
  "'sha256-Fd0QD0FqL+7/xbtxgLdOiaqgrzQ+aCPAt30l0g1PmgI='",
  "'sha256-UmtTyyLNQnYAvy909krSz5Ex3J0XukTxr54qJ6RJ2PA='",
];

/** Headers that keep the page to its own scripts, styles and fonts and out of other pages' frames. */
export function securityHeaders({ config }: Services): RequestHandler[] {
  const https = isHttps(config);
  const headers = helmet({
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
  return [
    headers,
    (_request, response, next) => {
      response.set('permissions-policy', PERMISSIONS);
      next();
    },
  ];
}

/** The page asks for none of what a browser can give: photos are chosen, not taken by it. */
const PERMISSIONS = [
  'accelerometer',
  'camera',
  'display-capture',
  'geolocation',
  'gyroscope',
  'magnetometer',
  'microphone',
  'midi',
  'payment',
  'usb',
]
  .map((what) => `${what}=()`)
  .join(', ');

/** Addresses that whoever watches an installation asks on the machine itself. */
const FOR_WATCHERS = new Set(['/api/health', '/api/ready']);

/**
 * On an installation with HTTPS, a request that came over HTTP gets an error: its cookies would be lost silently. The usual reason is a proxy
 * that TRUSTED_PROXY does not name.
 */
export function onlyHttps({ config }: Services): RequestHandler {
  return (request, response, next) => {
    if (!isHttps(config) || request.secure || FOR_WATCHERS.has(request.path)) {
      next();
      return;
    }
    if (request.path.startsWith('/api/')) {
      next(
        new Failure('https-needed', 'address', {
          kind: 'https-needed',
          expected: config.publicUrl?.origin ?? '',
        }),
      );
      return;
    }
    response
      .status(403)
      .type('text/plain')
      .send(
        `Salt Ledger is at ${config.publicUrl?.origin ?? ''}, and works there alone.\n\n` +
          'If you came by that address: its proxy must send X-Forwarded-Proto, and its own address must be named in TRUSTED_PROXY.\n',
      );
  };
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

const HOUR_MS = 60 * 60 * 1000;
/** Wrong passwords an hour: of one account from browsers that are not known, or from one browser that is. */
const TRIES_PER_ACCOUNT = 30;
const TRIES_PER_ADDRESS = 400;
/** Accounts made and sign-ins an hour that come from one place: more than a household or an office, less than a program. */
const SUCCESSES_PER_ADDRESS = 200;

const tooMany = (_request: unknown, _response: unknown, next: (error: unknown) => void): void => {
  next(new Failure('too-many-attempts'));
};

const COMMON = {
  windowMs: HOUR_MS,
  standardHeaders: 'draft-8',
  legacyHeaders: false,
  passOnStoreError: false,
  handler: tooMany,
} as const;

/**
 * Sign-ins and sign-ups are counted by address, and failed ones also by account. A browser in which the account has signed in lately has its
 * own count: strangers do not use up the tries of the owner.
 */
export function limitAttempts({ db, config }: Services): RequestHandler[] {
  return [
    rateLimit({
      ...COMMON,
      limit: TRIES_PER_ADDRESS,
      skipSuccessfulRequests: true,
      store: attemptCounter(db, 'address'),
    }),
    rateLimit({
      ...COMMON,
      limit: SUCCESSES_PER_ADDRESS,
      skipFailedRequests: true,
      store: attemptCounter(db, 'success'),
    }),
    rateLimit({
      ...COMMON,
      limit: TRIES_PER_ACCOUNT,
      skipSuccessfulRequests: true,
      store: attemptCounter(db, 'account'),
      keyGenerator: (request) => {
        const email = emailIn(request.body);
        const sign = signFor(request, { email, config });
        return sign === null ? email : `known ${sign}`;
      },
    }),
  ];
}

/** Wrong passwords of somebody who is signed in, counted by the person. */
export const limitConfirmations = ({ db }: Services): RequestHandler =>
  rateLimit({
    ...COMMON,
    limit: TRIES_PER_ACCOUNT,
    skipSuccessfulRequests: true,
    store: attemptCounter(db, 'confirmation'),
    keyGenerator: (request) => request.session.personId ?? '',
  });

function emailIn(body: unknown): string {
  const email = typeof body === 'object' && body !== null && 'email' in body ? body.email : '';
  return typeof email === 'string' && isPlainText(email) ? email.trim().toLowerCase().slice(0, 254) : '';
}
