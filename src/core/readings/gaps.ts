import { convert, isUnit, tidy } from '../units/units.ts';
import { judge, type Given, type Reading } from './reading.ts';

/** The area of the gaps put in so far, in², where they can be read: one more can be added to it. */
export function areaSoFar(reading: Reading, given: Given): number | null {
  const answer = judge(reading, given);
  if (!('outcome' in answer) || answer.outcome.kind !== 'worked') return null;
  const { value, unit } = answer.outcome.figures.find(({ code }) => code === 'leak-area') ?? {
    value: 0,
    unit: '',
  };
  return isUnit(unit) && value > 0 ? tidy(convert(value, unit, 'in2')) : null;
}
