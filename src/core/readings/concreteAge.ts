import { positive, usuallyNot } from './fields.ts';
import { byBand, reading, seen } from './reading.ts';
import { from, gradeAt, scale, sound, watch } from './scale.ts';
import { figure, judged, doNow } from './verdict.ts';

/** Age of concrete: no salt in its first two years. */
export const concreteAge = reading({
  code: 'concrete-age',
  system: 'shell',
  fields: { age: positive('months', { max: 2_400 }), salted: usuallyNot },
  bands: { age: scale(watch, from(24, sound)) },
  bandUnit: 'months',
  recorded: { of: ['concrete'], measures: { 'concrete-age': { from: 'age', unit: 'months' } } },
  judge: ({ values, band }) => {
    const said = figure('age', values.age, 'months');
    const part = byBand(band('age'), said);
    const young = gradeAt(band('age'), values.age).verdict !== 'sound';
    if (values.salted && young)
      return judged([seen('act', 'young-and-salted', 0), part], {
        follows: [doNow('rinse-off-the-salt'), doNow('sand-only')],
      });
    return judged([part], { follows: young ? [doNow('sand-only')] : [] });
  },
});
