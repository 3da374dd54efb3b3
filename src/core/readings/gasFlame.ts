import { choice, usually } from './fields.ts';
import { reading, seen } from './reading.ts';
import { judged, doNow, trade, unmet } from './verdict.ts';

const LOOKS = ['steady-blue', 'orange', 'yellow', 'flicker', 'outside-tubes', 'cracked-tubes'] as const;

/** A gas flame of a furnace, boiler or water heater. Decorative logs burn yellow by design and oil is judged by the trade: no verdict for them. */
export const gasFlame = reading({
  code: 'gas-flame',
  system: 'air',
  fields: {
    burner: usually('furnace', 'boiler', 'water-heater', 'decorative-logs', 'oil'),
    flame: choice(...LOOKS),
  },
  recorded: { of: ['furnace', 'boiler', 'water-heater', 'air-handler'], measures: {} },
  judge: ({ values }) => {
    if (values.burner === 'decorative-logs' || values.burner === 'oil')
      return unmet([`not-${values.burner}`]);
    if (values.flame === 'steady-blue') return judged([seen('sound', 'blue-proves-no-exchanger')]);
    return judged([seen('stop', `flame-${values.flame}`)], {
      follows: [doNow('appliance-off'), doNow('co-alarm-near'), trade('heating')],
    });
  },
});
