import { signIn, signUp, whoIs } from '../../services/accounts.ts';
import type { Handlers } from '../context.ts';
import { isLoopback } from '../loopback.ts';
import { beginSession, endSession } from '../session.ts';
import { DEMO_EMAIL } from '../../demoAccount.ts';

type Names = 'installation' | 'signUp' | 'signIn' | 'signOut' | 'me';

export const accountHandlers: Pick<Handlers, Names> = {
  installation: ({ services: { config }, request }) => {
    const offered = config.demoPassword !== null && isLoopback(request, config);
    return Promise.resolve({ demo: offered ? { email: DEMO_EMAIL, password: config.demoPassword } : null });
  },
  signUp: async ({ services: { db }, request, body }) => {
    const me = await signUp(db, body);
    await beginSession(request, me);
    return me;
  },
  signIn: async ({ services: { db, config }, request, body }) => {
    const me = await signIn(db, body.email, body.password, isLoopback(request, config));
    await beginSession(request, me);
    return me;
  },
  signOut: async ({ request }) => {
    await endSession(request);
    return {};
  },
  me: ({ services: { db }, personId }) => whoIs(db, personId),
};
