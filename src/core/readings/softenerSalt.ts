import { tidy } from '../units/units.ts';
import { positive, quantity, usually } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { above, act, from, scale, sound, watch } from './scale.ts';
import { duty, figure, judged } from './verdict.ts';

/** Grains of hardness a pound of salt takes out. */
const GRAINS = { usual: 2_500, efficient: 3_350, timer: 2_000 } as const;
export type Softener = keyof typeof GRAINS;

/** Pounds of salt a month: gr/gal × gal/day × 30 ÷ grains a pound. */
export const saltAMonth = (
  grainsPerGallon: number,
  gallonsADay: number,
  softener: Softener = 'usual',
): number => (grainsPerGallon * gallonsADay * 30) / GRAINS[softener];

/** How long the salt in the tank lasts. */
export const softenerSalt = reading({
  code: 'softener-salt',
  system: 'water',
  fields: {
    hardness: quantity('gr/gal', { min: 0.1, max: 200 }),
    'water-a-day': quantity('gal', { min: 1, max: 10_000 }),
    softener: usually('usual', 'efficient', 'timer'),
    'salt-left': positive('lb', { max: 2_000 }),
  },
  bands: { days: scale(act(7), from(7, watch), above(30, sound)) },
  bandUnit: 'days',
  recorded: { of: ['softener'], measures: {} },
  judge: ({ values, band }) => {
    const month = saltAMonth(values.hardness, values['water-a-day'], values.softener);
    const days = tidy((values['salt-left'] / month) * 30);
    const part = byBand(band('days'), figure('salt-days', days, 'days'));
    return judged([part], {
      figures: [figure('salt-a-month', tidy(month), 'lb'), figure('salt-days', days, 'days')],
      follows: part.verdict === 'act' ? [duty('softener-salt-top-up', 7)] : [],
    });
  },
});
