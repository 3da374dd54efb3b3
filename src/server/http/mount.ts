import { rm } from 'node:fs/promises';
import { Router, type Request, type Response } from 'express';
import type { z } from 'zod';
import { MOST_DEPTH, pathTooDeep } from '../../contract/depth.ts';
import { firstProblem } from '../../contract/errors.ts';
import { ROUTES, type Body, type RouteName, type RouteSpec } from '../../contract/routes.ts';
import type { Permission } from '../../contract/access.ts';
import type { HomeSummary } from '../../contract/schemas.ts';
import type { Tx } from '../db/database.ts';
import { inHome } from '../services/access.ts';
import { Failure } from '../services/failure.ts';
import {
  FileAnswer,
  ImageAnswer,
  PackedAnswer,
  type Handlers,
  type Prepared,
  type Services,
} from './context.ts';
import { HomeQueues } from './homeQueues.ts';
import { personIn, personOf } from './session.ts';

/** Mounts every route of the table: who may call is settled first, then what was sent is read, then the handler runs. */
export function mountRoutes(services: Services, handlers: Handlers): Router {
  const router = Router();
  const queues = new HomeQueues();
  for (const name of Object.keys(ROUTES) as RouteName[]) {
    const spec: RouteSpec = ROUTES[name];
    // The table ties each name to its handler's types; a loop over all of them cannot say which one it holds.
    const handler = handlers[name] as AnyHandler;
    const method = spec.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
    router[method](spec.path, async (request, response) => {
      const came = personIn(request);
      const body = await answer({ services, spec, request, handler, queues });
      if (TOLD.has(name)) tell(services, name, request, personIn(request) ?? came);
      send(response, body);
    });
  }
  return router;
}

/** Nothing of a home is kept by a browser on its own account: whoever may not see it any more shall not. The page keeps what it needs itself. */
function send(response: Response, body: unknown): void {
  response.set('cache-control', 'no-store');
  if (body instanceof ImageAnswer) response.type('image/jpeg').send(body.jpeg);
  else if (body instanceof FileAnswer)
    // A paper came from someone's hand: it is saved, never run or shown as a page of this address.
    response.attachment(body.fileName).type(body.type).send(body.file);
  else if (body instanceof PackedAnswer) sendPacked(response, body);
  else response.json(body);
}

function sendPacked(response: Response, { folder, path, fileName }: PackedAnswer): void {
  response.attachment(fileName).sendFile(path, { acceptRanges: false, cacheControl: false }, () => {
    // Sent, or left by who asked for it.
    rm(folder, { recursive: true, force: true }).catch(() => undefined);
  });
}

/** A handler with all types forgotten. */
type AnyHandler = AnyWork | Prepared<AnyWork>;
type AnyWork = (call: object) => Promise<unknown>;

interface Asked {
  readonly services: Services;
  readonly spec: RouteSpec;
  readonly request: Request;
  readonly handler: AnyHandler;
  readonly queues: HomeQueues;
}

async function answer({ services, spec, request, handler, queues }: Asked): Promise<unknown> {
  const { access } = spec;
  const work = 'handle' in handler ? handler.handle : handler;
  const call = () => ({ services, request, ...readRequest(spec, request) });
  if (access === 'public') return work(call());
  const personId = personOf(request, services);
  if (access === 'session') return work({ ...call(), personId });
  const permission: Permission = access;
  const { homeId = '' } = read(spec.params, request.params, '');
  const kind = permission === 'read' ? 'reads' : 'writes';
  const within = <T>(inside: (tx: Tx, home: HomeSummary) => Promise<T>): Promise<T> =>
    queues.run(homeId, kind, () => inHome(services.db, personId, homeId, permission, inside));
  if (!('handle' in handler)) return within((tx, home) => handler({ ...call(), personId, tx, home }));
  // Who may call is settled first; what takes long is done while nobody waits for a connection; then it is written.
  const asked = await within(() => Promise.resolve(call()));
  const prepared = await handler.prepare(asked as never);
  return within((tx, home) => handler.handle({ ...asked, personId, tx, home, prepared }));
}

/** Acts that whoever looks after the installation should find in its log: who came in, and what was taken away. */
const TOLD: ReadonlySet<RouteName> = new Set<RouteName>([
  'signIn',
  'signUp',
  'signOut',
  'changePassword',
  'confirmPassword',
  'endBrowser',
  'endOtherBrowsers',
  'exportAccount',
  'deleteAccount',
  'createHome',
  'invite',
  'withdrawInvitation',
  'acceptInvitation',
  'setMember',
  'removeMember',
  'leaveHome',
  'eraseHome',
  'houseFile',
  'houseZip',
  'sendHouseFile',
  'dropPhoto',
  'dropDocument',
  'dropRun',
]);

function tell({ log }: Services, act: RouteName, request: Request, person: string | null): void {
  const role =
    act === 'setMember' || act === 'invite'
      ? { role: (request.body as Body<'setMember' | 'invite'>).role }
      : {};
  log.info({ act, person, home: request.params['homeId'] ?? null, ...role }, 'act');
}

function readRequest(spec: RouteSpec, request: Request): { params: unknown; query: unknown; body: unknown } {
  // Schemas that nest go as deep as what they read: how deep that is, is settled before them.
  const tooDeep = pathTooDeep(request.body);
  if (tooDeep !== null) throw new Failure('invalid', tooDeep, { kind: 'too-deep', maximum: MOST_DEPTH });
  return {
    params: read(spec.params, request.params, ''),
    query: read(spec.query, request.query, 'query'),
    body: read(spec.body, request.body ?? {}, ''),
  };
}

/** The request as the contract reads it; otherwise the first thing wrong with it, by its path. */
function read<T>(schema: z.ZodType<T>, value: unknown, within: string): T {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const { field, problem } = firstProblem(parsed.error);
  const path = [within, field].filter((part) => part !== '').join('.');
  throw new Failure('invalid', path === '' ? 'body' : path, problem);
}
