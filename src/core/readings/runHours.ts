import { tidy } from '../units/units.ts';
import { number, quantity, usually } from './fields.ts';
import { reading } from './reading.ts';
import { figure, unmet, worked } from './verdict.ts';

/** Where heating or cooling begins, °C. */
const BASE = 18;

/**
 * Hours a plant runs on a day of mean temperature `mean` (°C): k·max(0, Tb − T), at most 24. k lets the design day run 24 hours,
 * or is fitted to hours observed on a day of known mean. null where the day or the design says nothing.
 */
export function runHoursOf(
  plant: 'heating' | 'cooling',
  mean: number,
  fit: { readonly at: number; readonly hours: number },
): number | null {
  const need = (celsius: number): number =>
    Math.max(0, plant === 'heating' ? BASE - celsius : celsius - BASE);
  if (need(fit.at) === 0) return null;
  return Math.min(24, (fit.hours / need(fit.at)) * need(mean));
}

/** Hours of running a day, for wear. */
export const runHours = reading({
  code: 'run-hours',
  system: 'air',
  fields: {
    plant: usually('heating', 'cooling'),
    mean: quantity('C', { min: -60, max: 60 }),
    design: quantity('C', { min: -60, max: 60 }),
    'observed-hours': number({ max: 24, otherwise: 24 }),
  },
  judge: ({ values }) => {
    const hours = runHoursOf(values.plant, values.mean, {
      at: values.design,
      hours: values['observed-hours'],
    });
    return hours === null
      ? unmet(['design-day-needs-plant'])
      : worked([figure('run-hours', tidy(hours), 'h')]);
  },
});
