import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import type { Request, Response } from 'express';
import type { Config } from '../config.ts';
import { cookieName, isHttps } from './cookies.ts';

/**
 * A browser in which somebody has signed in keeps a sign of it for 90 days. Tries from such a browser are counted by its sign and not by the
 * account, so that nobody else can use up its owner's tries.
 */
const NAME = 'salt-ledger-known';
const KEPT_MS = 90 * 24 * 60 * 60 * 1000;
/** Some people share a browser. */
const MOST_SIGNS = 5;

/** The time, a random part and a seal. None of them contains the address. */
const SIGN = /^(\d{1,15})\.([\w-]{22})\.([\w-]{43})$/;

/** Whose sign is looked for or given. */
interface Asked {
  readonly email: string;
  readonly config: Config;
}

/** The sign of this browser for an address; null where nobody has signed in with it here lately. */
export function signFor(request: Request, asked: Asked): string | null {
  const sign = signsIn(request, asked.config).find((one) => isGood(one, asked));
  return sign === undefined ? null : (SIGN.exec(sign)?.[2] ?? null);
}

/** Gives the browser a sign for an address that it has signed in with; those of others stay. */
export function rememberBrowser(request: Request, response: Response, asked: Asked): void {
  const { email, config } = asked;
  const others = signsIn(request, config).filter((one) => !isGood(one, asked));
  const [when, random] = [String(Date.now()), randomBytes(16).toString('base64url')];
  const sign = [when, random, seal(config, email, when, random)].join('.');
  response.cookie(cookieName(NAME, config), [sign, ...others].slice(0, MOST_SIGNS).join('~'), {
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    secure: isHttps(config),
    maxAge: KEPT_MS,
  });
}

function isGood(sign: string, { email, config }: Asked): boolean {
  const [, when = '', random = '', given = ''] = SIGN.exec(sign) ?? [];
  const right = Buffer.from(seal(config, email, when, random));
  if (given.length !== right.length || !timingSafeEqual(Buffer.from(given), right)) return false;
  return Date.now() - Number(when) <= KEPT_MS;
}

const seal = ({ sessionSecret }: Config, email: string, when: string, random: string): string =>
  createHmac('sha256', sessionSecret)
    .update(`known browser\0${email}\0${when}\0${random}`)
    .digest('base64url');

/** The signs in the cookie; one that no browser was given is none. */
function signsIn(request: Request, config: Config): string[] {
  const name = `${cookieName(NAME, config)}=`;
  const cookies = (request.headers.cookie ?? '').split(';').map((one) => one.trim());
  const value = cookies.find((one) => one.startsWith(name))?.slice(name.length) ?? '';
  return value.split(/~|%7E/i).filter((one) => SIGN.test(one));
}
