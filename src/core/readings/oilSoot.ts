import { tidy } from '../units/units.ts';
import { positive, usuallyNot } from './fields.ts';
import { byBand, reading, seen, when } from './reading.ts';
import { above, act, scale, sound } from './scale.ts';
import { duty, emergency, figure, judged, doNow, trade } from './verdict.ts';

/** Inches of soot up to which the rule is carried; beyond them it tells the least. */
const MOST_RULED = 1 / 8;

/** Each 1/16 in of soot costs about 10 % more fuel; the rule is not carried beyond 1/8 in. Per cent of fuel. */
export const sootPenalty = (inches: number): number => tidy((Math.min(inches, MOST_RULED) / (1 / 16)) * 10);

/** Soot in an oil boiler, measured by the trade. */
export const oilSoot = reading({
  code: 'oil-soot',
  system: 'air',
  fields: { soot: positive('in', { max: 4 }), 'flue-blocked': usuallyNot },
  bands: { soot: scale(sound, above(0, act(30))) },
  bandUnit: 'in',
  recorded: {
    of: ['boiler'],
    measures: { 'soot-depth': { from: 'soot', unit: 'in' } },
    chart: { measure: 'soot-depth', band: 'soot' },
  },
  judge: ({ values, band }) => {
    const part = byBand(band('soot'), figure('soot', values.soot, 'in'));
    const blocked = values['flue-blocked'];
    return judged([...when(blocked, seen('stop', 'flue-blocked')), part], {
      figures: [
        figure(
          values.soot > MOST_RULED ? 'fuel-penalty-least' : 'fuel-penalty',
          sootPenalty(values.soot),
          '%',
        ),
      ],
      follows: blocked
        ? [doNow('appliance-off'), doNow('fresh-air'), emergency, trade('heating')]
        : part.verdict === 'act'
          ? [duty('oil-boiler-annual-service', 30), trade('heating')]
          : [],
    });
  },
});
