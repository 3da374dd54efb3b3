import { tidy } from '../units/units.ts';
import { airDensity, SENSIBLE, TON } from './air.ts';
import { positive, quantity } from './fields.ts';
import { reading } from './reading.ts';
import { figure, worked } from './verdict.ts';

/** Btu an hour that go into cooling the air: 1.08 × density × ft³/min × ΔT °F. */
export const sensibleCapacityOf = (cfm: number, split: number, feet: number): number =>
  SENSIBLE * airDensity(feet) * cfm * split;

/** The cooling that reaches the rooms, from the airflow and the split. */
export const sensibleCapacity = reading({
  code: 'sensible-capacity',
  system: 'air',
  fields: {
    airflow: positive('cfm', { max: 10_000 }),
    split: quantity('dF', { min: 0, max: 60 }),
    altitude: quantity('ft', { min: -1_500, max: 20_000, otherwise: 0 }),
  },
  judge: ({ values }) => {
    const btu = sensibleCapacityOf(values.airflow, values.split, values.altitude);
    return worked([
      figure('air-density', tidy(airDensity(values.altitude) * 100), '%'),
      figure('btu-an-hour', tidy(btu)),
      figure('tons-of-cooling', tidy(btu / TON)),
    ]);
  },
});
