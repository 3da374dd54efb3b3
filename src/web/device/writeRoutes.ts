import { z } from 'zod';
import type { Body, Params, Response, RouteName } from '../../contract/routes.ts';

/**
 * Every route that writes to a home. waits: kept on the device first and sent as soon as it can be; sent twice it is written once. now: it
 * happens now or not at all, for its writer keeps it himself, or must see what becomes of it.
 */
export const WRITES = {
  append: 'waits',
  add: 'waits',
  addPerson: 'waits',
  createHome: 'waits',
  invite: 'waits',
  finishRun: 'waits',
  saveSpace: 'waits',
  placeAsset: 'waits',
  savePractice: 'waits',
  hidePractice: 'waits',
  setClimate: 'waits',
  addPhoto: 'waits',
  placePhoto: 'waits',
  dropPhoto: 'waits',
  addDocument: 'waits',
  dropDocument: 'waits',
  dropRun: 'waits',
  saveRun: 'now',
  saveWalk: 'now',
  savePlan: 'now',
  importEntries: 'now',
  setMember: 'now',
  removeMember: 'now',
  leaveHome: 'now',
  withdrawInvitation: 'now',
  eraseHome: 'now',
} as const satisfies Partial<Record<RouteName, 'waits' | 'now'>>;

export type WriteRoute = keyof typeof WRITES;
export type WaitingRoute = { [R in WriteRoute]: (typeof WRITES)[R] extends 'waits' ? R : never }[WriteRoute];
export type NowRoute = Exclude<WriteRoute, WaitingRoute>;

const isWaiting = (route: WriteRoute): route is WaitingRoute => WRITES[route] === 'waits';
export const waitingRouteSchema = z.enum((Object.keys(WRITES) as WriteRoute[]).filter(isWaiting));

/** The ids in a route's address, the home apart. */
type Rest<R extends WriteRoute> = Omit<Params<R>, 'homeId'>;
/** Routes whose address names the home alone, or nothing. */
type OfHomeAlone = {
  [R in WriteRoute]: Exclude<keyof Params<R>, 'homeId'> extends never
    ? R
    : string extends keyof Params<R>
      ? R
      : never;
}[WriteRoute];

/** One act of a person on a home: one request. `label` says in words what it is, for whoever has to be told about it. */
export type Write<R extends WriteRoute> = {
  readonly route: R;
  readonly homeId: string;
  readonly body: Body<R>;
  readonly label: string;
} & (R extends OfHomeAlone ? unknown : { readonly params: Rest<R> });

/** The server's answer to a write of a home. */
export type Answered = {
  [R in WriteRoute]: { readonly route: R; readonly homeId: string; readonly response: Response<R> };
}[WriteRoute];
