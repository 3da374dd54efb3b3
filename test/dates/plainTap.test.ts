import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, toCivilDate, type DayNumber } from '../../src/core/calendar/civilDate.ts';
import type { Rule } from '../../src/core/practice/rule.ts';
import { on, oneDuty, write } from '../support/oneDuty.ts';
import { dayOf, plainly, type PlainTap } from './plainTap.ts';

const ADOPTED = dayOf('2026-06-10');
const EARLY = 21;

const monthDays = fc.constantFrom(
  ['10-01'],
  ['04-15', '10-15'],
  ['02-10', '06-20', '11-05'],
  ['06-05'],
  ['06-15'],
);
const YEARS = [2024, 2025, 2026, 2027, 2028, 2029, 2030];
const listedOf = (days: readonly string[]): DayNumber[] =>
  YEARS.flatMap((year) => days.map((monthDay) => dayOf(`${year}-${monthDay}`)));

/** Days on which something can turn out one way or the other: about a window, a listed day, a worth-until day, the adoption. */
function tellingDays(days: readonly string[], worthDays: number): DayNumber[] {
  const about = listedOf(days).flatMap((one) => [one - EARLY, one, one + worthDays]);
  return [...about, ADOPTED]
    .flatMap((day) => [day - 1, day, day + 1])
    .filter((day) => day > ADOPTED - 300 && day < ADOPTED + 800);
}

const someTap = (half: PlainTap['half']) =>
  fc.tuple(monthDays, fc.integer({ min: 0, max: 330 })).chain(([days, worthDays]) => {
    const telling = tellingDays(days, worthDays);
    const day = fc.oneof(fc.constantFrom(...telling), fc.integer({ min: ADOPTED - 250, max: ADOPTED + 700 }));
    const what =
      half === 'none'
        ? fc.constant('done' as const)
        : fc.constantFrom('done' as const, 'shut' as const, 'opened' as const);
    const acts = fc.uniqueArray(fc.record({ day, what }), { maxLength: 8, selector: (act) => act.day });
    return fc.record({ days: fc.constant(days), worthDays: fc.constant(worthDays), acts, day });
  });

describe('listed dates with worth-until, against the plainest way of working them out', () => {
  test.each(['closes', 'none'] as const)('a duty whose half of a pair is: %s', (half) => {
    fc.assert(
      fc.property(someTap(half), ({ days, worthDays, acts, day }) => {
        const today = Math.max(ADOPTED, day);
        const tap: PlainTap = {
          half,
          adopted: ADOPTED,
          listed: listedOf(days),
          worthDays,
          early: EARLY,
          acts: acts.filter((act) => act.day <= today && act.day !== ADOPTED).sort((a, b) => a.day - b.day),
        };
        expect(engine(tap, days, today)).toEqual(plainly(tap, today));
      }),
      { numRuns: Number(process.env['RUNS'] ?? 1_500), seed: Number(process.env['SEED'] ?? 21) },
    );
  });
});

function engine(
  { half, worthDays, acts: happened }: PlainTap,
  monthDays: readonly string[],
  today: DayNumber,
) {
  const rule: Rule = { kind: 'dates', monthDays: [...monthDays], worthUntil: { afterDays: worthDays } };
  const timing = half === 'none' ? {} : { pair: { state: 'tap', half } };
  const duty = oneDuty(rule, { adopted: toCivilDate(ADOPTED), timing });
  for (const { day, what } of happened)
    write(
      duty,
      toCivilDate(day),
      what === 'done' ? { kind: 'done', duty: 'd' } : { kind: what, asset: 'a', state: 'tap' },
    );
  const { occurrence, missed } = on(duty, civil(toCivilDate(today)));
  return {
    due: occurrence?.window.due ?? null,
    key: occurrence?.key.slice(2) ?? null,
    missed: missed.map(({ key }) => key.slice(2)),
  };
}
