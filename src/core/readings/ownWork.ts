import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Own work against a trade: quote − (materials + hours × what an hour is worth to one). */
export const ownWorkSaves = (quote: number, materials: number, hours: number, hourWorth: number): number =>
  quote - (materials + hours * hourWorth);

export const ownWork = reading({
  code: 'own-work',
  system: 'money',
  fields: {
    quote: number(),
    materials: number({ otherwise: 0 }),
    hours: positive('h', { max: 1_000 }),
    'hour-worth': number({ otherwise: 0 }),
  },
  judge: ({ values }) =>
    worked([
      figure('own-cost', values.materials + values.hours * values['hour-worth'], 'money'),
      figure(
        'own-work-saves',
        ownWorkSaves(values.quote, values.materials, values.hours, values['hour-worth']),
        'money',
      ),
    ]),
});
