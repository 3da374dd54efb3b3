import { choice, number, usually, usuallyNot } from './fields.ts';
import { reading, seen } from './reading.ts';
import { figure, judged, doNow, type Figure } from './verdict.ts';

/** Tablets into a condensate pan: two for each ton at first, then one a ton every four to six weeks; the label comes first. */
export const tabletsFor = (tons: number, dose: 'first' | 'upkeep'): number =>
  Math.ceil((dose === 'first' ? 2 : 1) * tons);

/** Agents for a condensate line: vinegar or bleach, never both, never one after the other without flushing. */
export const condensateDose = reading({
  code: 'condensate-dose',
  system: 'water',
  fields: {
    tons: number({ min: 0.5, max: 50 }),
    dose: usually('upkeep', 'first'),
    'poured-last': usually('nothing', 'tablets', 'vinegar', 'bleach', 'acid', 'ammonia', 'descaler'),
    'pour-now': choice('tablets', 'vinegar', 'bleach'),
    amount: number({ optional: true, max: 200 }),
    flushed: usuallyNot,
    'feeds-plant-or-metal': usuallyNot,
  },
  recorded: {
    of: ['condensate-drain'],
    // Which product it was stands beside the amount: the next one is judged against it.
    measures: { 'drain-dose': { from: 'amount', unit: 'count' } },
  },
  judge: ({ values }) => {
    const usual = values['pour-now'] === 'tablets' ? tabletsFor(values.tons, values.dose) : 1;
    const figures: Figure[] = [figure('amount', values.amount ?? usual, 'count')];
    const other = values['poured-last'];
    const mixes =
      !values.flushed &&
      ((values['pour-now'] === 'bleach' && !['nothing', 'tablets', 'bleach'].includes(other)) ||
        (values['pour-now'] === 'vinegar' && other === 'bleach'));
    if (mixes)
      return judged([seen('stop', 'mixes')], {
        figures,
        follows: [doNow('flush-first'), doNow('fumes-leave')],
      });
    if (values['pour-now'] === 'bleach' && values['feeds-plant-or-metal'])
      return judged([seen('act', 'bleach-feeds-plant-or-metal', 0)], {
        figures,
        follows: [doNow('vinegar-instead')],
      });
    return judged([seen('sound', 'dose-fits')], { figures, follows: [doNow('label-overrides')] });
  },
});
