import fc from 'fast-check';
import {
  judge,
  type Field,
  type Given,
  type Reading,
  type Settled,
} from '../../src/core/readings/reading.ts';
import type { Outcome } from '../../src/core/readings/verdict.ts';

/** The judgement of a reading for some input; anything it cannot read fails the test by name. */
export function said(reading: Reading, given: Given, settled: Settled = {}): Outcome {
  const answer = judge(reading, given, settled);
  if ('problems' in answer) throw new Error(`${reading.code}: ${JSON.stringify(answer.problems)}`);
  return answer.outcome;
}

/** The verdict and its days. */
export function verdictOf(reading: Reading, given: Given, settled: Settled = {}): [string, number | null] {
  const outcome = said(reading, given, settled);
  return outcome.kind === 'judged' ? [outcome.verdict, outcome.days] : [outcome.kind, null];
}

/** One of the numbers it came to. */
export function figureOf(reading: Reading, given: Given, code: string): number {
  const found = said(reading, given).figures.find((figure) => figure.code === code);
  if (!found) throw new Error(`${reading.code} says no ${code}`);
  return found.value;
}

/** Something a reading can be given for a field, as a form would hold it. */
function arbitraryOf(field: Field): fc.Arbitrary<Given[string]> {
  switch (field.kind) {
    case 'choice':
      return fc.constantFrom(...field.options);
    case 'yesNo':
      return fc.boolean();
    case 'number':
      return fc.integer({ min: Math.ceil(field.min ?? -50), max: Math.min(field.max ?? 500, 500) });
    case 'quantity': {
      const [min, max] = [field.min ?? -40, Math.min(field.max ?? 400, 400)];
      return fc
        .integer({ min: Math.ceil(min), max: Math.floor(max) })
        .map((value) => ({ value, unit: field.unit }));
    }
  }
}

/** Anything that can be put into a reading. */
export const givenFor = (reading: Reading): fc.Arbitrary<Given> =>
  fc.record(
    Object.fromEntries(Object.entries(reading.fields).map(([code, field]) => [code, arbitraryOf(field)])),
  );
