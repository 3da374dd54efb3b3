import { choice } from './fields.ts';
import { reading, seen } from './reading.ts';
import { emergency, judged, doNow, trade } from './verdict.ts';

/** The water of the aeration chamber, by its look and smell. */
export const secondChamber = reading({
  code: 'second-chamber',
  system: 'sewage',
  fields: { water: choice('chocolate-brown', 'grey', 'strong-odour', 'black-outfall', 'solids-outfall') },
  recorded: { of: ['treatment-plant'], measures: {} },
  judge: ({ values }) => {
    switch (values.water) {
      case 'chocolate-brown':
        return judged([seen('sound', 'chamber-brown')]);
      case 'grey':
      case 'strong-odour':
        return judged([seen('act', `chamber-${values.water}`, 3)], {
          follows: [doNow('look-at-blower'), trade('sewage')],
        });
      default:
        return judged([seen('stop', `chamber-${values.water}`)], {
          follows: [doNow('no-water-down'), trade('sewage'), emergency],
        });
    }
  },
});
