import type { Request } from 'express';
import type { Logger } from 'pino';
import type { z } from 'zod';
import type { Body, Params, Query, RouteName, ROUTES } from '../../contract/routes.ts';
import type { Permission } from '../../contract/access.ts';
import type { HomeSummary } from '../../contract/schemas.ts';
import type { Clock } from '../clock.ts';
import type { Config } from '../config.ts';
import type { Database, Tx } from '../db/database.ts';

/** The services of every handler. Made once, in `main.ts`. */
export interface Services {
  readonly db: Database;
  readonly clock: Clock;
  readonly config: Config;
  readonly log: Logger;
}

/** The answer of a handler that sends an image. */
export class ImageAnswer {
  constructor(readonly jpeg: Buffer) {}
}

/** The answer of a handler that sends a paper to keep. */
export class FileAnswer {
  constructor(
    readonly file: Buffer,
    readonly type: string,
    readonly fileName: string,
  ) {}
}

/** The answer of a handler that sends a packed house file. The file is alone in a folder, which is deleted after sending. */
export class PackedAnswer {
  constructor(
    readonly folder: string,
    readonly path: string,
    readonly fileName: string,
  ) {}
}

interface Call<N extends RouteName> {
  readonly services: Services;
  readonly request: Request;
  readonly params: Params<N>;
  readonly query: Query<N>;
  readonly body: Body<N>;
}

interface PersonCall<N extends RouteName> extends Call<N> {
  readonly personId: string;
}

/** A call on a home: in one transaction, by a member whose role allows it. */
interface HomeCall<N extends RouteName> extends PersonCall<N> {
  readonly tx: Tx;
  readonly home: HomeSummary;
}

type AccessOf<N extends RouteName> = (typeof ROUTES)[N]['access'];

export type CallOf<N extends RouteName> =
  AccessOf<N> extends Permission ? HomeCall<N> : AccessOf<N> extends 'session' ? PersonCall<N> : Call<N>;

/** The body that goes out: the schema of the answer reads it in on the other side. */
type Answer<N extends RouteName> = z.input<(typeof ROUTES)[N]['response']>;

/** A handler with work to do between settling who may call and writing: it takes no connection meanwhile. */
export interface Prepared<H> {
  readonly prepare: (call: never) => Promise<unknown>;
  readonly handle: H;
}

type Handler<N extends RouteName> = (call: CallOf<N>) => Promise<Answer<N>>;

/** One handler for every route of the table; a route without one does not compile. */
export type Handlers = { readonly [N in RouteName]: Handler<N> | Prepared<Handler<N>> };

/** Ties what is prepared to the handler that takes it. */
export const prepared = <N extends RouteName, P>(
  prepare: (call: Call<N>) => Promise<P>,
  handle: (call: CallOf<N> & { readonly prepared: P }) => Promise<Answer<N>>,
): Prepared<Handler<N>> => ({ prepare, handle: handle as Handler<N> });
