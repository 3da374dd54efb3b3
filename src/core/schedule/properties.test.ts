import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, toCivilDate, toDay } from '../calendar/civilDate.ts';
import type { DutyProjection } from './project.ts';
import { recompute } from './recompute.ts';
import {
  ADOPTED,
  dutyWith,
  intervalRule,
  listedRule,
  someDay,
  someFactors,
  someHistory,
  someRule,
} from '../../../test/support/arbitraries.ts';
import { done, due, on, oneDuty, terms, write } from '../../../test/support/oneDuty.ts';

const given = <T extends [unknown, ...unknown[]]>(
  arbitraries: { [K in keyof T]: fc.Arbitrary<T[K]> },
  check: (...values: T) => void,
): void => {
  fc.assert(
    fc.property(
      ...(arbitraries as unknown as [fc.Arbitrary<unknown>]),
      check as unknown as (value: unknown) => void,
    ),
    { numRuns: 400 },
  );
};
const END = '2029-06-01';

describe('properties of due dates', () => {
  test('the order of typing does not matter', () => {
    given(
      [someRule, someFactors, someHistory, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true }))],
      (rule, factors, history, luck) => {
        const shuffled = history
          .map((act) => ({ act, at: luck.next().value as number }))
          .sort((a, b) => a.at - b.at)
          .map(({ act }) => act);
        expect(on(dutyWith(rule, factors, shuffled), END)).toEqual(on(dutyWith(rule, factors, history), END));
      },
    );
  });

  test('an entry made and then struck out changes nothing', () => {
    given([someRule, someFactors, someHistory, someDay], (rule, factors, history, day) => {
      const without = dutyWith(rule, factors, history);
      const withIt = dutyWith(rule, factors, history);
      const slip = done(withIt, day);
      write(withIt, END, { kind: 'voids', target: slip });
      expect(on(withIt, END)).toEqual(on(without, END));
    });
  });

  test('an amended day counts as if it had been typed so', () => {
    given([someRule, someFactors, someDay, someDay], (rule, factors, wrong, right) => {
      const amended = oneDuty(rule, { adopted: ADOPTED, factors });
      const entry = done(amended, wrong);
      write(amended, END, { kind: 'amends', target: entry, change: { date: right } });
      const typed = oneDuty(rule, { adopted: ADOPTED, factors });
      done(typed, right);
      expect(on(amended, END)).toEqual(on(typed, END));
    });
  });

  test('shortening a factor never makes a later date', () => {
    const factor = fc.double({ min: 0.05, max: 4, noNaN: true });
    given([intervalRule, factor, factor, someDay], (rule, a, b, day) => {
      const dueAt = (value: number): string => {
        const duty = oneDuty(rule, { adopted: ADOPTED, factors: [value] });
        done(duty, day);
        return due(duty, END);
      };
      expect(dueAt(Math.min(a, b)) <= dueAt(Math.max(a, b))).toBe(true);
    });
  });

  test('recomputing from the reasons gives the window', () => {
    given([someRule, someFactors, someHistory, someDay], (rule, factors, history, today) => {
      const { occurrence } = on(dutyWith(rule, factors, history), today);
      expect(occurrence && recompute(occurrence.reasons)).toEqual(occurrence && occurrence.window);
    });
  });

  test('recomputing a put-off date gives it too', () => {
    given([someRule, someFactors, someDay, someDay], (rule, factors, today, to) => {
      const duty = oneDuty(rule, { adopted: ADOPTED, factors });
      const { occurrence } = on(duty, today);
      if (!occurrence) return;
      write(duty, today, {
        kind: 'putOff',
        duty: 'd',
        occurrence: occurrence.key,
        to: civil(to),
        why: 'rain',
      });
      const after = on(duty, today).occurrence;
      if (after?.key !== occurrence.key) return;
      expect(after.window.due).toBe(to);
      expect(recompute(after.reasons)).toEqual(after.window);
      expect(
        after.window.earliest <= occurrence.window.earliest &&
          after.window.latest >= occurrence.window.latest,
      ).toBe(true);
    });
  });

  test('the answer stands until the day it says it changes, and changes then', () => {
    given(
      [someRule, someFactors, someHistory, fc.integer({ min: 0, max: 400 })],
      (rule, factors, history, later) => {
        const duty = dutyWith(rule, factors, history);
        const last = history.at(-1)?.[0] ?? ADOPTED;
        const { changesOn, ...answer } = on(duty, last);
        const day = toCivilDate(toDay(civil(last)) + later);
        if (changesOn === null || day < changesOn) expect(on(duty, day)).toEqual({ ...answer, changesOn });
        if (changesOn !== null) expect(on(duty, changesOn).missed.length).toBe(answer.missed.length + 1);
      },
    );
  });

  test('every occurrence ends once: satisfied or missed, never both, and never outstanding besides', () => {
    given([someRule, someFactors, someHistory], (rule, factors, history) => {
      const projection: DutyProjection = on(dutyWith(rule, factors, history), END);
      const keys = [...projection.satisfied, ...projection.missed].map(({ key }) => key);
      if (projection.occurrence) keys.push(projection.occurrence.key);
      expect(new Set(keys).size).toBe(keys.length);
      const completions = history.filter(([, { kind }]) => kind === 'done' || kind === 'skipped').length;
      expect(projection.satisfied.length + projection.extras.length).toBe(completions);
    });
  });

  test('no listed date inside a pause is owed after it, nor counted as missed', () => {
    given(
      [listedRule, someHistory, someDay, fc.integer({ min: 1, max: 300 })],
      (rule, history, from, length) => {
        const to = toCivilDate(toDay(civil(from)) + length);
        const duty = dutyWith(rule, [], history);
        write(duty, from, { kind: 'paused', duty: 'd' });
        write(duty, to, { kind: 'resumed', duty: 'd' });
        const { occurrence, missed } = on(duty, END);
        const inside = [...missed.map(({ key }) => key), occurrence?.key ?? '']
          .map((key) => key.slice(2))
          .filter((listed) => listed >= from && listed < to && /^\d{4}-/.test(listed));
        expect(inside).toEqual([]);
      },
    );
  });

  test('a date that later terms close on the very day a pause begins is not counted as missed', () => {
    const duty = oneDuty({ kind: 'dates', monthDays: ['10-11', '01-01'] }, { adopted: '2026-09-01' });
    write(duty, '2026-10-11', { kind: 'paused', duty: 'd' });
    write(duty, '2026-10-12', { kind: 'resumed', duty: 'd' });
    const later = terms({ kind: 'clockChange', on: 'autumn' });
    write(duty, '2026-10-24', { kind: 'terms', duty: 'd', terms: later });
    expect(on(duty, END).missed.map(({ due }) => due)).not.toContain('2026-10-11');
  });

  test('in a “first” with a part that restarts no completion is an extra', () => {
    given([listedRule, intervalRule, someHistory], (rule, interval, history) => {
      const done = history.filter(([, { kind }]) => kind !== 'terms');
      const duty = dutyWith({ kind: 'first', of: [rule, interval] }, [], done);
      expect(on(duty, END).extras).toEqual([]);
    });
  });

  test('what is allowed for acts as if it were not there', () => {
    given([intervalRule, someFactors, someDay], (rule, factors, day) => {
      const dueWith = (some: readonly number[], allowsFor: string[]): string => {
        const duty = oneDuty(rule, { adopted: ADOPTED, factors: some });
        const [adopted] = duty.entries;
        if (adopted?.body.kind === 'adopted') adopted.body.terms.allowsFor = allowsFor;
        done(duty, day);
        return due(duty, END);
      };
      expect(dueWith(factors, ['factor-0'])).toBe(dueWith(factors.slice(1), []));
    });
  });

  test('the window holds the due day', () => {
    given([someRule, someFactors, someHistory, someDay], (rule, factors, history, today) => {
      const window = on(dutyWith(rule, factors, history), today).occurrence?.window;
      if (window) expect(window.earliest <= window.due && window.due <= window.latest).toBe(true);
    });
  });
});
