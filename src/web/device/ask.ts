import type { Response, RouteName } from '../../contract/routes.ts';
import { call, type Input } from './client.ts';
import type { WriteRoute } from './writeRoutes.ts';

/** The routes that write nothing to a home, nor begins or ends a session. */
export type ReadRoute = Exclude<RouteName, WriteRoute | 'signUp' | 'signIn' | 'signOut'>;

/** Reads from the server. Throws ApiError when refused, NoConnection when nothing came back. */
export const ask = <N extends ReadRoute>(name: N, input: Input<N> = {}): Promise<Response<N>> =>
  call(name, input);
