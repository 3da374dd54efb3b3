import { errorBodySchema, type ErrorBody } from '../../contract/errors.ts';
import {
  ROUTES,
  type Body,
  type Params,
  type Query,
  type Response,
  type RouteName,
} from '../../contract/routes.ts';
import { PAGE_VERSION } from '../../contract/basics.ts';
import { addressOf } from './address.ts';
import { ApiError, NoConnection, signals, UnreadableAnswer } from './errors.ts';

export interface Input<N extends RouteName> {
  readonly params?: Params<N>;
  readonly query?: Partial<Query<N>>;
  readonly body?: Body<N>;
  /** Sent as a form in place of a body. */
  readonly file?: File;
}

const PATIENCE_MS = 20_000;
/** A house with its photos goes up a slow line. */
const FILE_PATIENCE_MS = 10 * 60_000;

/**
 * Calls a route of the table and reads its answer. Pages read with `ask`; what they write goes through the outbox. Throws ApiError when
 * refused, NoConnection when nothing came back.
 */
export const call = async <N extends RouteName>(name: N, input: Input<N> = {}): Promise<Response<N>> =>
  (await callWhole(name, input)).read;

/** An answer as it came, and as the route's schema reads it. */
interface Whole<N extends RouteName> {
  readonly body: unknown;
  readonly read: Response<N>;
}

/** As `call`, with the answer as it came; `stop` ends the waiting for it before its time. */
export async function callWhole<N extends RouteName>(
  name: N,
  input: Input<N> = {},
  stop: AbortSignal | null = null,
): Promise<Whole<N>> {
  const { method, path, response } = ROUTES[name];
  const answer = await request(addressOf(path, input), method, input, stop);
  compareVersion(answer.headers.get(PAGE_VERSION));
  const body: unknown = await answer.json().catch(() => null);
  // A reply in place of a server that is away, or for a network one has to sign in to first, is no answer.
  if (body === null && (answer.ok || GATEWAY.has(answer.status))) throw new NoConnection(null);
  if (!answer.ok) {
    const error = new ApiError(errorOf(body), answer.status);
    if (error.body.code === 'not-signed-in') signals.dispatchEvent(new Event('signed-out'));
    throw error;
  }
  const read = response.safeParse(body);
  if (!read.success) throw new UnreadableAnswer(read.error);
  // The route's own schema reads the answer; the table ties the two together.
  return { body, read: read.data as Response<N> };
}

/** Tells where the server gives out another page than this one; a page that is not built has no version. */
function compareVersion(given: string | null): void {
  const script = document.querySelector<HTMLScriptElement>(
    'script[src*="/assets/first-"], script[data-scripts]',
  );
  // A page that the server drew names its scripts, the first page's own last.
  const own = script && (script.dataset['scripts']?.split(' ').at(-1) ?? new URL(script.src).pathname);
  if (given !== null && own !== null && own !== given) signals.dispatchEvent(new Event('other-version'));
}

/** Bad gateway and gateway timeout: a proxy's own words for a server that does not answer. */
const GATEWAY = new Set([502, 504]);

async function request(
  address: string,
  method: string,
  { body, file }: { readonly body?: unknown; readonly file?: File },
  stop: AbortSignal | null,
): Promise<globalThis.Response> {
  const patience = AbortSignal.timeout(file ? FILE_PATIENCE_MS : PATIENCE_MS);
  try {
    return await fetch(address, {
      method,
      credentials: 'same-origin',
      signal: stop === null ? patience : AbortSignal.any([patience, stop]),
      ...(file && { body: formOf(file) }),
      ...(body !== undefined && {
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json' },
      }),
    });
  } catch (error) {
    throw new NoConnection(error);
  }
}

function formOf(file: File): FormData {
  const form = new FormData();
  form.append('file', file);
  return form;
}

/** A proxy in between may answer with something that is not ours. */
function errorOf(body: unknown): ErrorBody {
  const parsed = errorBodySchema.safeParse(body);
  return parsed.success ? parsed.data : { code: 'unavailable', logId: '' };
}
