import { describe, expect, test } from 'vitest';
import { PRACTICES } from '../../../core/catalogue/catalogue.ts';
import { civil, toCivilDate, toDay } from '../../../core/calendar/civilDate.ts';
import { demoToday } from '../../../../test/support/demoToday.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { logHits, type LogHit } from './logHits.ts';
import { isPlain } from './useLogActs.ts';

const on = civil('2026-11-24');
const { house, rows } = demoToday(on);
const bib = house.assets.find(({ name }) => name === 'Back faucet');
const hits = (search: string): LogHit[] =>
  logHits(search, {
    house,
    rows,
    on,
    lastDone: () => civil('2026-09-01'),
    lines: [
      {
        asset: bib?.id ?? '',
        state: 'outdoor-tap',
        standing: 'closed',
        since: civil('2026-09-19'),
        entryId: null,
        nextOn: null,
        reopens: null,
      },
    ],
    practices: PRACTICES,
    speech: speechIn('en-US'),
  });
const kindsOf = (some: readonly LogHit[]): string[] =>
  some.map((hit) => (hit.kind === 'form' ? hit.draft.kind : hit.kind));

describe('what a search in Log answers with', () => {
  test('tasks come first, with when they are due and were last done', () => {
    const [first] = hits('change the air filter');
    expect(first?.kind).toBe('task');
    expect(first?.title).toBe('Change the air filter');
    expect(first?.more).toMatch(/Return filter · due .* · last done Tue, Sep 1/);
  });

  test('measurements, supplies, problems, events and what is shut are found too', () => {
    expect(kindsOf(hits('filter'))).toEqual(expect.arrayContaining(['task', 'reading', 'stock']));
    expect(kindsOf(hits('windstorm'))).toContain('event');
    expect(kindsOf(hits('dripping'))).toContain('finding');
    expect(kindsOf(hits('outdoor faucet'))).toContain('season');
  });

  test('a problem that is found carries its name and its thing into the form', () => {
    const drip = hits('dripping').find((hit) => hit.kind === 'form' && hit.draft.kind === 'finding');
    expect(drip?.kind === 'form' && drip.draft).toMatchObject({ what: drip?.title });
  });

  test('nothing typed finds nothing', () => {
    expect(hits('')).toEqual([]);
    expect(hits('  ')).toEqual([]);
  });
});

describe('whether one tap logs a task', () => {
  const task = hits('change the air filter')[0];
  if (task?.kind !== 'task' || !task.unit) throw new Error('the task is not found');
  const { earliest } = task.unit.occurrence.window;

  test('from the day on that it can be done, and not before: then it would count for nothing', () => {
    expect(isPlain(task, earliest)).toBe(true);
    expect(isPlain(task, toCivilDate(toDay(earliest) - 1))).toBe(false);
  });

  test('where it asks for a look there is more to say', () => {
    const look = { ...task.unit, occurrence: { ...task.unit?.occurrence, asks: 'look' as const } };
    expect(isPlain({ ...task, unit: look as typeof task.unit }, earliest)).toBe(false);
  });

  test('what is not due at all is logged as it is', () => {
    expect(isPlain({ ...task, unit: null }, on)).toBe(true);
  });
});
