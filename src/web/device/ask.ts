import { ROUTES, type Response, type RouteName } from '../../contract/routes.ts';
import { addressOf } from './address.ts';
import { call, callWhole, type Input } from './client.ts';
import { ApiError, NoConnection, signals } from './errors.ts';
import { lastPerson } from './kept.ts';
import { dropAnswers, findAnswer, keepAnswer, type KeptAnswer } from './keptAnswers.ts';
import type { WriteRoute } from './writeRoutes.ts';

/** The routes that change the account or its sessions, or take what is not kept on a device. */
type AccountRoute =
  | 'signUp'
  | 'signIn'
  | 'signOut'
  | 'changePassword'
  | 'confirmPassword'
  | 'endBrowser'
  | 'endOtherBrowsers'
  | 'deleteAccount'
  | 'exportAccount'
  | 'readInvitation'
  | 'acceptInvitation'
  | 'sendHouseFile'
  | 'houseZip';

/** The routes that only read, and whose answers are kept. */
export type ReadRoute = Exclude<RouteName, WriteRoute | AccountRoute>;

/** How long an answer is waited for where an older one is at hand: with a weak signal one waits no longer than this. */
const SHORT_PATIENCE_MS = 5_000;

/** An answer, and since when it has been kept on this device; null where it came just now. */
export interface Aged<N extends RouteName> {
  readonly answer: Response<N>;
  readonly keptAt: string | null;
}

/** Reads from the server, or without a connection from what it last answered. Throws ApiError when refused, NoConnection when there is neither. */
export const ask = async <N extends ReadRoute>(name: N, input: Input<N> = {}): Promise<Response<N>> =>
  (await askAged(name, input)).answer;

/** Questions asked before the page that needs their answers is there, by address. */
const early = new Map<string, Promise<unknown>>();

/** Asks what a page will ask first, while the page itself is still on its way: its own question then gets this answer. */
export function askEarly<N extends ReadRoute>(name: N, input: Input<N>): void {
  if (lastPerson() === null) return;
  const address = addressOf(ROUTES[name].path, input);
  const asking = askNow(name, input);
  early.set(address, asking);
  const forget = (): void => {
    if (early.get(address) === asking) early.delete(address);
  };
  // Who asks later asks for themselves: after an error, and when it has become old.
  asking.catch(forget);
  window.setTimeout(forget, SHORT_PATIENCE_MS);
}

/** As `ask`, with the age of the answer. Whoever listens to `kept-shown` is told of an answer that is not of now. */
export async function askAged<N extends ReadRoute>(name: N, input: Input<N> = {}): Promise<Aged<N>> {
  // A page that the server draws has all its answers already: a part that asks of its own is not waited for.
  if (import.meta.env.SSR) return new Promise(() => undefined);
  const address = addressOf(ROUTES[name].path, input);
  const asked = ROUTES[name].method === 'GET' ? early.get(address) : undefined;
  early.delete(address);
  // It was asked by the same name, whose answer it is.
  return asked ? (asked as Promise<Aged<N>>) : askNow(name, input);
}

async function askNow<N extends ReadRoute>(name: N, input: Input<N> = {}): Promise<Aged<N>> {
  const personId = lastPerson();
  const { method, path } = ROUTES[name];
  if (method !== 'GET' || personId === null) return { answer: await call(name, input), keptAt: null };
  const address = addressOf(path, input);
  // Looked for only where the server is slow or away: usually it is neither.
  let finding: Promise<KeptAnswer | null> | null = null;
  const find = () => (finding ??= findAnswer(personId, address));
  const late = new AbortController();
  const patience = window.setTimeout(() => {
    void find().then((kept) => {
      if (kept) late.abort(new DOMException('late', 'TimeoutError'));
    });
  }, SHORT_PATIENCE_MS);
  try {
    const { body, read } = await callWhole(name, input, late.signal);
    if (isFirstPage(input)) void keepAnswer(personId, address, body, () => lastPerson() === personId);
    return { answer: read, keptAt: null };
  } catch (error) {
    if (error instanceof ApiError && error.status < 500) await dropAnswers(personId, address);
    if (!(error instanceof NoConnection)) throw error;
    const kept = await find();
    const answer = kept && readKept(name, kept);
    if (!kept || answer === null) throw error;
    signals.dispatchEvent(new CustomEvent('kept-shown', { detail: kept.at }));
    return { answer, keptAt: kept.at };
  } finally {
    window.clearTimeout(patience);
  }
}

/** Asks so that the answer is kept, unless one is at hand that is no older than some milliseconds. */
export async function askIfOlder<N extends ReadRoute>(name: N, input: Input<N>, age: number): Promise<void> {
  const personId = lastPerson();
  const kept = personId === null ? null : await findAnswer(personId, addressOf(ROUTES[name].path, input));
  if (!kept || Date.now() - Date.parse(kept.at) > age) await ask(name, input);
}

/** The most lines of a list that are kept: as many as a page shows when it opens. */
const MOST_KEPT = 100;

/** Whether an answer is what a page opens with; what is read on from there, or read whole to be saved as a file, is not kept. */
function isFirstPage(input: { readonly query?: object }): boolean {
  const { before, limit }: { before?: unknown; limit?: unknown } = input.query ?? {};
  return before === undefined && (typeof limit !== 'number' || limit <= MOST_KEPT);
}

/** Keeps what a route would answer now, where the page knows it from a write. */
export async function keepKnown<N extends ReadRoute>(
  name: N,
  input: Input<N>,
  answer: Response<N>,
): Promise<void> {
  const personId = lastPerson();
  if (personId === null) return;
  await keepAnswer(personId, addressOf(ROUTES[name].path, input), answer, () => lastPerson() === personId);
}

/** Forgets what a route answered and every address under it: of a home that one may no longer see, of a run that is over. */
export async function dropKnown<N extends ReadRoute>(name: N, input: Input<N>): Promise<void> {
  const personId = lastPerson();
  if (personId !== null) await dropAnswers(personId, addressOf(ROUTES[name].path, input));
}

/** A kept answer as the route's schema reads it; null where an older page kept it and this one cannot read it. */
function readKept<N extends RouteName>(name: N, { body }: KeptAnswer): Response<N> | null {
  const parsed = ROUTES[name].response.safeParse(body);
  return parsed.success ? (parsed.data as Response<N>) : null;
}
