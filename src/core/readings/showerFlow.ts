import { tidy } from '../units/units.ts';
import { number, quantity, usuallyNot } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { above, act, scale, sound, watch } from './scale.ts';
import { duty, figure, judged, doNow, type Figure } from './verdict.ts';

/** Btu to warm a US gallon by a °F. */
const BTU_PER_GALLON = 8.33;

/** Gallons a year saved by less flow, and the heat in them, Btu: flow in gal/min, rise in °F. */
export const flowSaving = (
  flow: { readonly old: number; readonly next: number },
  minutesADay: number,
  rise: number,
): { readonly gallons: number; readonly btu: number } => {
  const gallons = (flow.old - flow.next) * minutesADay * 365;
  return { gallons, btu: gallons * BTU_PER_GALLON * rise };
};

/** Flow of a shower: a volume caught in a time. The target is one of two schools. */
export const showerFlow = reading({
  code: 'shower-flow',
  system: 'water',
  fields: {
    volume: quantity('gal', { min: 0.01, max: 100 }),
    time: quantity('s', { min: 1, max: 3_600 }),
    'minutes-a-day': number({ max: 1_440, otherwise: 0 }),
    rise: quantity('dF', { min: 0, max: 150, otherwise: 50 }),
    'low-flow-wanted': usuallyNot,
  },
  schools: ['target-2', 'target-1-5'],
  bands: {
    'target-2': scale(sound, above(2, watch), above(2.5, act(90))),
    'target-1-5': scale(sound, above(1.5, watch), above(2.5, act(90))),
  },
  bandUnit: 'gpm',
  recorded: {
    of: ['shower'],
    measures: { 'shower-flow': { from: 'flow', unit: 'gpm' } },
    chart: { measure: 'shower-flow', band: null },
  },
  judge: ({ values, school: chosen, band }) => {
    const school = chosen ?? 'target-2';
    const flow = tidy(values.volume / (values.time / 60));
    const target = band(school).cuts[0]?.at ?? 2;
    const part = byBand(band(school), figure('flow', flow, 'gpm'));
    const saved = flowSaving(
      { old: flow, next: Math.min(flow, target) },
      values['minutes-a-day'],
      values.rise,
    );
    const savings: Figure[] =
      saved.gallons > 0
        ? [figure('water-saved-a-year', saved.gallons, 'gal'), figure('heat-saved-a-year', tidy(saved.btu))]
        : [];
    return judged([part], {
      school,
      figures: [figure('flow', flow, 'gpm'), ...savings],
      follows: [
        ...(part.verdict === 'act' ? [duty('shower-head-swap', 90)] : []),
        ...(part.verdict === 'act' || values['low-flow-wanted'] ? [doNow('anti-scald-rated')] : []),
      ],
    });
  },
});
