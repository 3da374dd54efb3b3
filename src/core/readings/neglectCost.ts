import { number, share } from './fields.ts';
import { reading } from './reading.ts';
import { figure, unmet, worked } from './verdict.ts';

/** The cost of leaving a weak plant as it is, as a range between the best and the worst guess of how much of its work it still does; an estimate, and said so. */
export const neglectCost = reading({
  code: 'neglect-cost',
  system: 'money',
  fields: {
    bill: number(),
    months: number({ max: 240 }),
    'at-best': share({ min: 1 }),
    'at-worst': share({ min: 1 }),
  },
  judge: ({ values }) => {
    if (values['at-worst'] > values['at-best']) return unmet(['worst-under-best']);
    const cost = (working: number): number => values.bill * (1 - working / 100) * values.months;
    return worked([
      figure('cost-at-least', cost(values['at-best']), 'money'),
      figure('cost-at-most', cost(values['at-worst']), 'money'),
    ]);
  },
});
