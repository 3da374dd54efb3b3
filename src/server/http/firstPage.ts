import { existsSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { ErrorRequestHandler, Request, RequestHandler } from 'express';
import { FIRST_QUESTIONS, type DrawFirst, type FirstAnswers } from '../../contract/firstPage.ts';
import { ROUTES } from '../../contract/routes.ts';
import type { HomeSummary } from '../../contract/schemas.ts';
import type { Tx } from '../db/database.ts';
import { inHome } from '../services/access.ts';
import { Failure } from '../services/failure.ts';
import { whoIs } from '../services/accounts.ts';
import { homesOf } from '../services/homes.ts';
import type { Handlers, Services } from './context.ts';
import { personIn } from './session.ts';

/** Where Today is asked for as a page. */
export const FIRST_PAGE = '/homes/:homeId/today';

/** The built page and what draws it; null where the browser's part is not built. */
interface Built {
  readonly template: string;
  readonly draw: () => Promise<DrawFirst>;
}

function findBuilt(webFolder: string): Built | null {
  const folder = resolve(webFolder, '..', 'first');
  const page = join(folder, 'page.html');
  if (!existsSync(page)) return null;
  const script = pathToFileURL(join(folder, 'drawFirst.js')).href;
  return {
    template: readFileSync(page, 'utf8'),
    draw: async () => ((await import(script)) as { drawFirst: DrawFirst }).drawFirst,
  };
}

/**
 * Today of a home, drawn: whoever may see it reads it before any script has come. Everybody else, and a request that fails, gets the page as it
 * is, which says what there is to say. `known`: who it is that asks.
 */
export function drawnToday(
  services: Services,
  handlers: Handlers,
  known: readonly RequestHandler[],
): (RequestHandler | ErrorRequestHandler)[] {
  const built = findBuilt(services.config.webFolder);
  const draw: RequestHandler = (request, response, next) => {
    const personId = personIn(request);
    if (built === null || personId === null) {
      next();
      return;
    }
    drawFor(personId, request, { services, handlers, built }).then(
      (page) => response.set('cache-control', 'no-store').type('html').send(page),
      next,
    );
  };
  const plain: ErrorRequestHandler = (error: unknown, _request, _response, next) => {
    // Not their home: the page itself says so. Anything else is a fault that somebody should see.
    if (!(error instanceof Failure)) services.log.warn({ err: error }, 'today could not be drawn');
    next();
  };
  return [...known, draw, plain];
}

interface Drawing {
  readonly services: Services;
  readonly handlers: Handlers;
  readonly built: Built;
}

async function drawFor(
  personId: string,
  request: Request,
  { services, handlers, built }: Drawing,
): Promise<string> {
  const params = ROUTES.today.params.safeParse(request.params);
  if (!params.success) throw new Failure('not-found', 'homeId');
  const { homeId } = params.data;
  const [me, listHomes] = [await whoIs(services.db, personId), await homesOf(services.db, personId)];
  const call = { services, request, personId, params: params.data, query: {}, body: {} };
  const answers: FirstAnswers = await inHome(services.db, personId, homeId, 'read', async (tx, home) => ({
    ...(await answersIn({ ...call, tx, home }, handlers)),
    me,
    listHomes,
  }));
  const draw = await built.draw();
  const drawn = await draw(answers);
  const { vocabulary } = answers.house.home;
  // A replacement in words would take `$` in a name for a sign of its own.
  return built.template
    .replace('<html lang="en">', () => `<html lang="${vocabulary}">`)
    .replace('{first}', () => drawn);
}

interface HomeCall {
  readonly services: Services;
  readonly request: Request;
  readonly personId: string;
  readonly params: { readonly homeId: string };
  readonly query: object;
  readonly body: object;
  readonly tx: Tx;
  readonly home: HomeSummary;
}

type HomeAnswers = Pick<FirstAnswers, (typeof FIRST_QUESTIONS)[number]>;

/** The answers of the home's own routes, in one transaction; as if the page had asked them. */
async function answersIn(call: HomeCall, handlers: Handlers): Promise<HomeAnswers> {
  const found: Record<string, unknown> = {};
  for (const name of FIRST_QUESTIONS) {
    const handler = handlers[name] as (call: HomeCall) => Promise<unknown>;
    found[name] = await handler(call);
  }
  return found as HomeAnswers;
}
