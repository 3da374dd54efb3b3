import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { civil, toCivilDate } from '../calendar/civilDate.ts';
import { LEAST_LINES, MOST_LINES, thisWeek, type WeekWork } from './thisWeek.ts';

const on = civil('2026-11-27');
const work = (minutes: number | null, rest: Partial<WeekWork> = {}): WeekWork => ({
  due: on,
  minutes,
  lifeSafety: false,
  frost: false,
  firstTime: false,
  planned: null,
  ...rest,
});
const anyWork = fc.record({
  due: fc.integer({ min: 20_000, max: 21_000 }).map(toCivilDate),
  minutes: fc.option(fc.integer({ min: 1, max: 400 })),
  lifeSafety: fc.boolean(),
  frost: fc.boolean(),
  firstTime: fc.boolean(),
  planned: fc.constantFrom('now' as const, 'later' as const, null),
});

describe('this week', () => {
  test('life safety comes first, then frost, then what was due first', () => {
    const [rest, frost, safety] = [work(5), work(5, { frost: true }), work(5, { lifeSafety: true })];
    const early = work(5, { due: civil('2026-11-01') });
    expect(thisWeek([rest, frost, early, safety], 3).lines).toEqual([safety, frost, early, rest]);
  });

  test('three are shown however few the hours; then they decide', () => {
    const some = [work(60), work(60), work(60), work(60)];
    expect(thisWeek(some, 0).lines).toHaveLength(LEAST_LINES);
    expect(thisWeek(some, 4).lines).toHaveLength(4);
  });

  test('what is longer than the hours left is passed over for what fits', () => {
    const [a, b, c] = [work(20), work(20), work(20)];
    const [long, short] = [work(300), work(30, { due: civil('2026-11-28') })];
    const { lines, more } = thisWeek([a, b, c, long, short], 2);
    expect(lines).toEqual([a, b, c, short]);
    expect(more).toEqual([long]);
  });

  test('of life safety all stands in it, up to seven lines', () => {
    const nine = Array.from({ length: 9 }, () => work(60, { lifeSafety: true }));
    expect(thisWeek(nine, 1).lines).toHaveLength(MOST_LINES);
  });

  test('the plan decides where it knows: what is planned now comes, whatever the hours; what is planned for later waits', () => {
    const now = work(300, { planned: 'now', due: civil('2026-12-20') });
    const later = work(5, { planned: 'later', due: civil('2026-11-01') });
    const unknown = work(5);
    expect(thisWeek([later, unknown, now], 1).lines).toEqual([now, unknown]);
  });

  test('nothing is lost or doubled, and what is urgent never waits behind what is not', () => {
    fc.assert(
      fc.property(fc.array(anyWork, { maxLength: 30 }), fc.integer({ min: 0, max: 20 }), (open, hours) => {
        const { lines, more, minutes } = thisWeek(open, hours);
        expect(new Set([...lines, ...more]).size).toBe(open.length);
        const mayBe = open.filter(({ planned }) => planned !== 'later').length;
        expect(lines.length).toBeGreaterThanOrEqual(Math.min(mayBe, LEAST_LINES));
        expect(lines.length).toBeLessThanOrEqual(MOST_LINES);
        expect(minutes).toBe(lines.reduce((sum, one) => sum + (one.minutes ?? 0), 0));
        const urgent = (one: WeekWork): boolean => (one.lifeSafety || one.frost) && one.planned !== 'later';
        if (more.some(urgent)) expect(lines.every(urgent)).toBe(true);
      }),
    );
  });
});
