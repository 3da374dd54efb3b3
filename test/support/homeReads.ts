import { ROUTES, type RouteName, type RouteSpec } from '../../src/contract/routes.ts';

/** The reads that take nothing but the home: together they show that a home can be read. */
export const HOME_READS = (Object.entries(ROUTES) as [RouteName, RouteSpec][]).filter(
  ([name, { method, path }]) =>
    // A packed file is no JSON; what is in it is looked at where it is tested.
    name !== 'houseZip' &&
    method === 'GET' &&
    (path.match(/:/g) ?? []).length === 1 &&
    path.includes(':homeId'),
);
