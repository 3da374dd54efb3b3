import { isReady } from '../../services/health.ts';
import type { Handlers } from '../context.ts';

export const healthHandlers: Pick<Handlers, 'health' | 'ready'> = {
  health: () => Promise.resolve({ ok: true }),
  ready: async ({ services: { db } }) => {
    await isReady(db);
    return { ok: true };
  },
};
