import { expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { DEMO_HOMES } from '../../demo/data/homes.ts';
import { demoHouse } from '../../demo/history.ts';
import { standingAsOf } from '../ledger/asOf.ts';
import { whoEach } from './whoEach.ts';

test('a task counts for the person its last entry names, else for whoever wrote it', () => {
  const [demo] = DEMO_HOMES;
  if (!demo) throw new Error('there is a demo home');
  const { entries } = demoHouse(demo, civil('2026-11-27'));
  const done = entries.flatMap((entry) =>
    entry.body.kind === 'done' ? [{ ...entry, body: entry.body }] : [],
  );
  const [first] = done;
  if (!first) throw new Error('something was done');
  const { duty } = first.body;
  const times = [
    { ...first, id: 'one', date: civil('2026-01-01'), by: 'writer', body: { ...first.body, who: 'rowan' } },
    { ...first, id: 'two', date: civil('2026-03-01'), by: 'writer', body: { ...first.body, who: undefined } },
  ];
  const told = (...which: (typeof times)[number][]) => whoEach(standingAsOf(which, civil('2026-11-27')));
  expect(told(...times).get(duty)).toBe('writer');
  expect(told(...times.slice(0, 1)).get(duty)).toBe('rowan');
  expect(told().size).toBe(0);
});
