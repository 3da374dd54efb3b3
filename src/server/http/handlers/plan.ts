import { civilDateIn } from '../../../core/calendar/zone.ts';
import { acceptedPlanOf, acceptPlan, planOf } from '../../services/plan.ts';
import type { Handlers } from '../context.ts';

export const planHandlers: Pick<Handlers, 'plan' | 'savePlan' | 'acceptedPlan'> = {
  plan: ({ services: { clock }, tx, home }) => planOf(tx, home, civilDateIn(home.zone, clock())),
  savePlan: ({ services: { clock }, tx, home, personId, body }) =>
    acceptPlan(tx, home, body, { by: personId, now: clock() }),
  acceptedPlan: async ({ tx, home }) => ({ plan: await acceptedPlanOf(tx, home) }),
};
