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
  constructor(cause: unknown) {
    super('no connection', { cause });
    this.name = 'NoConnection';
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
  if (!answer.ok) {
    const error = new ApiError(errorOf(body), answer.status);
    if (error.body.code === 'not-signed-in') signals.dispatchEvent(new Event('signed-out'));
    throw error;
  }
  // The route's own schema reads the answer; the table ties the two together.
  return response.parse(body) as Response<N>;
}

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
