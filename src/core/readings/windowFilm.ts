import { tidy } from '../units/units.ts';
import { number, positive } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Film over windows: a sheet for each, larger than its opening all round, and kits that cover so many windows. */
export const windowFilm = reading({
  code: 'window-film',
  system: 'shell',
  fields: {
    windows: number({ min: 1, max: 100 }),
    width: positive('in', { max: 200 }),
    height: positive('in', { max: 200 }),
    margin: positive('in', { max: 12, otherwise: 2 }),
    'windows-a-kit': number({ min: 1, max: 50, otherwise: 1 }),
  },
  judge: ({ values }) => {
    const wide = values.width + values.margin;
    const high = values.height + values.margin;
    return worked([
      figure('sheet-width', tidy(wide), 'in'),
      figure('sheet-height', tidy(high), 'in'),
      figure('film-area', tidy((wide * high * values.windows) / 144), 'ft2'),
      figure('kits', Math.ceil(values.windows / values['windows-a-kit'])),
    ]);
  },
});
