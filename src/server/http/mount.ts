import { Router, type Request, type Response } from 'express';
import type { z } from 'zod';
import { firstProblem } from '../../contract/errors.ts';
import { ROUTES, type RouteName, type RouteSpec } from '../../contract/routes.ts';
import type { Permission } from '../../contract/access.ts';
import { inHome } from '../services/access.ts';
import { Failure } from '../services/failure.ts';
import { FileAnswer, ImageAnswer, type Handlers, type Services } from './context.ts';
import { personOf } from './session.ts';

/** Mounts every route of the table: who may call is settled first, then what was sent is read, then the handler runs. */
export function mountRoutes(services: Services, handlers: Handlers): Router {
  const router = Router();
  for (const name of Object.keys(ROUTES) as RouteName[]) {
    const spec: RouteSpec = ROUTES[name];
    // The table ties each name to its handler's types; a loop over all of them cannot say which one it holds.
    const handler = handlers[name] as (call: object) => Promise<unknown>;
    const method = spec.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
    router[method](spec.path, async (request, response) => {
      send(response, await answer(services, spec, request, handler));
    });
  }
  return router;
}

/** An image goes out as it is, asked for anew each time: whoever may not see it any more shall not; all else is JSON of this moment. */
function send(response: Response, body: unknown): void {
  if (body instanceof ImageAnswer)
    response.set('cache-control', 'private, no-cache').type('image/jpeg').send(body.jpeg);
  else if (body instanceof FileAnswer)
    // A paper came from someone's hand: it is saved, never run or shown as a page of this address.
    response
      .set('cache-control', 'private, no-cache')
      .attachment(body.fileName)
      .type(body.type)
      .send(body.file);
  else response.set('cache-control', 'no-store').json(body);
}

function answer(
  services: Services,
  spec: RouteSpec,
  request: Request,
  handler: (call: object) => Promise<unknown>,
): Promise<unknown> {
  const { access } = spec;
  const call = () => ({ services, request, ...readRequest(spec, request) });
  if (access === 'public') return handler(call());
  const personId = personOf(request, services);
  if (access === 'session') return handler({ ...call(), personId });
  const permission: Permission = access;
  const { homeId = '' } = read(spec.params, request.params, '');
  return inHome(services.db, personId, homeId, permission, (tx, home) =>
    handler({ ...call(), personId, tx, home }),
  );
}

function readRequest(spec: RouteSpec, request: Request): { params: unknown; query: unknown; body: unknown } {
  return {
    params: read(spec.params, request.params, ''),
    query: read(spec.query, request.query, 'query'),
    body: read(spec.body, request.body ?? {}, ''),
  };
}

/** What was sent, in the words of the contract; otherwise the first thing wrong with it, by its path. */
function read<T>(schema: z.ZodType<T>, value: unknown, within: string): T {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const { field, problem } = firstProblem(parsed.error);
  throw new Failure('invalid', [within, field].filter((part) => part !== '').join('.'), problem);
}
