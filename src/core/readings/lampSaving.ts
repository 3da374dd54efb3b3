import { tidy } from '../units/units.ts';
import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked, type Figure } from './verdict.ts';

/** Money a year: (W old − W new) × hours a year ÷ 1000 × price of a kWh. */
export const lampSavingAYear = (
  oldWatts: number,
  newWatts: number,
  hoursADay: number,
  price: number,
): number => tidy(((oldWatts - newWatts) * hoursADay * 365 * price) / 1000);

/** The saving of a lamp, how soon its price is back, and how long each lasts. */
export const lampSaving = reading({
  code: 'lamp-saving',
  system: 'money',
  fields: {
    'old-watts': positive('W', { max: 5_000 }),
    'new-watts': positive('W', { max: 5_000 }),
    'hours-a-day': positive('h', { max: 24 }),
    'price-kwh': number({ max: 100 }),
    'price-gap': number({ otherwise: 0 }),
    'old-life': positive('h', { max: 1e6, otherwise: 1_000 }),
    'new-life': positive('h', { max: 1e6, otherwise: 15_000 }),
  },
  judge: ({ values }) => {
    const saved = lampSavingAYear(
      values['old-watts'],
      values['new-watts'],
      values['hours-a-day'],
      values['price-kwh'],
    );
    const years = (life: number): number => tidy(life / (values['hours-a-day'] * 365));
    const figures: Figure[] = [figure('saved-a-year', saved, 'money')];
    if (saved > 0 && values['price-gap'] > 0)
      figures.push(figure('paid-back', tidy((values['price-gap'] / saved) * 12), 'months'));
    if (values['hours-a-day'] > 0)
      figures.push(
        figure('old-lasts', years(values['old-life']), 'years'),
        figure('new-lasts', years(values['new-life']), 'years'),
      );
    return worked(figures);
  },
});
