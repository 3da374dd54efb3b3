import type { CivilDate } from '../calendar/civilDate.ts';
import { readingOf } from '../readings/all.ts';
import { entriesOf, partOf, type Answer } from '../readings/entriesOf.ts';
import type { LastRead } from '../readings/fill/known.ts';
import { judge, type Reading, type Settled } from '../readings/reading.ts';
import type { Quantity } from '../units/quantity.ts';
import type { ItemState, RunState } from './runState.ts';

/** A measurement taken in a run and not yet written. */
export type Read = ItemState['readings'][number];

/** A measurement of a run with its judgement; null where it can no longer be judged. */
export function judgedRead(
  read: Read,
  settledOf: (reading: string) => Settled,
): { readonly reading: Reading; readonly answer: Answer } | null {
  const reading = readingOf(read.reading);
  const judged = reading && judge(reading, read.given, settledOf(read.reading));
  return reading && judged && 'outcome' in judged
    ? { reading, answer: { given: read.given, outcome: judged.outcome } }
    : null;
}

const partRead = ({ reading, given }: Read): string | null => {
  const known = readingOf(reading);
  return known ? partOf(known, given) : null;
};

/** Whether two measurements are of the same at the same: the later shows what the work between them did. */
const isOfTheSame = (one: Read, other: Read): boolean =>
  one.reading === other.reading && one.asset === other.asset && partRead(one) === partRead(other);

/** The last measurement of the same before one of them: together they are before and after. */
export const readBefore = (reads: readonly Read[], place: number): Read | null => {
  const read = reads[place];
  return read ? (reads.slice(0, place).findLast((one) => isOfTheSame(one, read)) ?? null) : null;
};

/** The value of a measurement, as it will be written: its first value; null where it has none. */
export function valueRead(read: Read, settledOf: (reading: string) => Settled): Quantity | null {
  const judged = judgedRead(read, settledOf);
  const [first] = judged ? entriesOf(judged.reading, read.asset, judged.answer).readings : [];
  return first ? { value: first.value, unit: first.unit } : null;
}

/** The measurements of a run as the last ones there are: what comes after them is filled in from them. */
export const readInRun = ({ states }: RunState, today: CivilDate): LastRead[] =>
  Object.values(states).flatMap(({ readings }) =>
    readings.flatMap(({ reading, asset, given }) =>
      Object.keys(readingOf(reading)?.recorded?.measures ?? {}).map((measure) => ({
        asset,
        measure,
        date: today,
        given,
      })),
    ),
  );
