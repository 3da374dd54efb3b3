import {
  browsersOf,
  changePassword,
  deleteAccount,
  endBrowser,
  endOtherBrowsers,
  exportAccount,
  mustKnowPassword,
  noteSignIn,
  signIn,
  signUp,
  whoIs,
} from '../../services/accounts.ts';
import type { Me } from '../../../contract/accounts.ts';
import { DEMO_EMAIL } from '../../demoAccount.ts';
import type { CallOf, Handlers } from '../context.ts';
import { rememberBrowser } from '../knownBrowser.ts';
import { isLoopback } from '../loopback.ts';
import { agentOf, beginSession, confirmSession, endSession, mustBeConfirmed } from '../session.ts';

type Names =
  | 'installation'
  | 'signUp'
  | 'signIn'
  | 'signOut'
  | 'me'
  | 'changePassword'
  | 'confirmPassword'
  | 'browsers'
  | 'endBrowser'
  | 'endOtherBrowsers'
  | 'exportAccount'
  | 'deleteAccount';

/** Signs a browser in, notes it, and gives the browser its sign. */
async function enter({ services, request }: CallOf<'signIn'> | CallOf<'signUp'>, me: Me): Promise<Me> {
  const { db, config, clock } = services;
  await noteSignIn(db, me.personId, agentOf(request), clock());
  await beginSession(request, me);
  if (request.res) rememberBrowser(request, request.res, { email: me.email, config });
  return me;
}

export const accountHandlers: Pick<Handlers, Names> = {
  installation: ({ services: { config }, request }) => {
    const offered = config.demoPassword !== null && isLoopback(request, config);
    return Promise.resolve({ demo: offered ? { email: DEMO_EMAIL, password: config.demoPassword } : null });
  },
  signUp: async (call) => enter(call, await signUp(call.services.db, call.body)),
  signIn: async (call) => {
    const { services, request, body } = call;
    const mayBeDemo = isLoopback(request, services.config);
    return enter(call, await signIn(services.db, body.email, body.password, mayBeDemo));
  },
  signOut: async ({ request }) => {
    await endSession(request);
    return {};
  },
  me: ({ services: { db }, personId }) => whoIs(db, personId),
  changePassword: async ({ services: { db }, request, personId, body }) => {
    await changePassword(db, personId, body, request.sessionID);
    return {};
  },
  confirmPassword: async ({ services: { db }, request, personId, body }) => {
    await mustKnowPassword(db, personId, body.password);
    await confirmSession(request);
    return {};
  },
  browsers: ({ services: { db }, request, personId }) =>
    browsersOf(db, personId, request.session.handle ?? ''),
  endBrowser: async ({ services: { db }, personId, params }) => {
    await endBrowser(db, personId, params.browserId);
    return {};
  },
  endOtherBrowsers: async ({ services: { db }, request, personId }) => {
    await endOtherBrowsers(db, personId, request.sessionID);
    return {};
  },
  exportAccount: ({ services: { db }, request, personId }) =>
    exportAccount(db, personId, request.session.handle ?? ''),
  deleteAccount: async ({ services: { db }, request, personId }) => {
    mustBeConfirmed(request);
    await deleteAccount(db, personId);
    await endSession(request);
    return {};
  },
};
