import { householdSchema } from '../../house/household.ts';
import { body, kindOf } from './kind.ts';

/** How the household works is told anew, all of it. */
export const household = kindOf(body('household', { household: householdSchema }), {
  tells: ({ household: { minutes } }) => [
    { field: 'weekMinutes', as: 'minutes', minutes: minutes.reduce((sum, one) => sum + one, 0) },
  ],
  setup: true,
});
