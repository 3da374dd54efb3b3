import { errorBodySchema, type ErrorBody } from '../../contract/errors.ts';
import {
  ROUTES,
  type Body,
  type Params,
  type Query,
  type Response,
  type RouteName,
} from '../../contract/routes.ts';

/** What came back instead of an answer: a refusal by the server, in its own words. */
export class ApiError extends Error {
  constructor(
    readonly body: ErrorBody,
    readonly status: number,
  ) {
    super(body.code);
    this.name = 'ApiError';
  }
}

/** No answer at all: no connection, or none that got through in time. */
export class NoConnection extends Error {
  /** The request went out, and no answer came in time: others may get through all the same. */
  readonly timedOut: boolean;

  constructor(cause: unknown) {
    super('no connection', { cause });
    this.name = 'NoConnection';
    this.timedOut = cause instanceof DOMException && cause.name === 'TimeoutError';
  }
}

/** An answer other than this page understands: it was made for a newer server, or an older one. */
export class UnreadableAnswer extends Error {
  constructor(cause: unknown) {
    super('the answer cannot be read', { cause });
    this.name = 'UnreadableAnswer';
  }
}

export interface Input<N extends RouteName> {
  readonly params?: Params<N>;
  readonly query?: Partial<Query<N>>;
  readonly body?: Body<N>;
}

/** Tells of a `signed-out`: the server no longer knows this browser, though the page thought so. */
export const signals = new EventTarget();

const PATIENCE_MS = 20_000;

/** Calls a route of the table and reads its answer. Throws ApiError when refused, NoConnection when nothing came back. */
export async function call<N extends RouteName>(name: N, input: Input<N> = {}): Promise<Response<N>> {
  const { method, path, response } = ROUTES[name];
  const answer = await request(addressOf(path, input), method, input.body);
  const body: unknown = await answer.json().catch(() => null);
  // What answers for a server that is away, or for a network one has to sign in to first, is no answer.
  if (body === null && (answer.ok || GATEWAY.has(answer.status))) throw new NoConnection(null);
  if (!answer.ok) {
    const error = new ApiError(errorOf(body), answer.status);
    if (error.body.code === 'not-signed-in') signals.dispatchEvent(new Event('signed-out'));
    throw error;
  }
  const read = response.safeParse(body);
  if (!read.success) throw new UnreadableAnswer(read.error);
  // The route's own schema reads the answer; the table ties the two together.
  return read.data as Response<N>;
}

/** Bad gateway and gateway timeout: a proxy's own words for a server that does not answer. */
const GATEWAY = new Set([502, 504]);

/** Where a route's answer can be fetched as a file. */
export function addressOf(path: string, input: { params?: Record<string, string>; query?: object }): string {
  const filled = path.replace(/:(\w+)/g, (_, key: string) => encodeURIComponent(input.params?.[key] ?? ''));
  const query = new URLSearchParams(
    Object.entries(input.query ?? {}).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, String(value)]],
    ),
  ).toString();
  return query === '' ? filled : `${filled}?${query}`;
}

async function request(address: string, method: string, body: unknown): Promise<globalThis.Response> {
  try {
    return await fetch(address, {
      method,
      credentials: 'same-origin',
      signal: AbortSignal.timeout(PATIENCE_MS),
      ...(body !== undefined && {
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json' },
      }),
    });
  } catch (error) {
    throw new NoConnection(error);
  }
}

/** A proxy in between may answer with something that is not ours. */
function errorOf(body: unknown): ErrorBody {
  const parsed = errorBodySchema.safeParse(body);
  return parsed.success ? parsed.data : { code: 'unavailable', logId: '' };
}
