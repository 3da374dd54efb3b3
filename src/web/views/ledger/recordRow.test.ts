import { describe, expect, test } from 'vitest';
import type { HouseBody, LedgerLine } from '../../../contract/schemas.ts';
import { civil } from '../../../core/calendar/civilDate.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { DEMO_HOMES } from '../../../demo/data/homes.ts';
import { demoHouse } from '../../../demo/history.ts';
import { speechIn } from '../../../../test/support/surroundings.ts';
import { recordRow } from './recordRow.ts';

const [demo] = DEMO_HOMES;
if (!demo) throw new Error('no demo home');
const house: HouseBody = { ...demoHouse(demo, civil('2026-11-24')), role: 'owner' } as unknown as HouseBody;
const duty = house.duties[0]?.id ?? '';

const lineOf = (body: EntryBody, more: Partial<LedgerLine> = {}): LedgerLine => ({
  entry: { id: 'e', seq: 1, date: civil('2026-11-20'), stampedAt: '2026-11-20T12:00:00.000Z', by: 'p', body },
  corrections: [],
  date: civil('2026-11-20'),
  body,
  voidedBy: null,
  ...more,
});
const row = (line: LedgerLine, mayWrite = true) => recordRow(line, house, speechIn('en-US'), mayWrite);

describe('an entry as a row', () => {
  test('minutes and cost have columns of their own; the rest is one text', () => {
    const { kind, minutes, cost, says } = row(
      lineOf({ kind: 'done', duty, minutes: 20, cost: 1250, note: 'Two coats' }),
    );
    expect([kind, minutes, cost, says]).toEqual(['Done', '20 minutes', '$12.50', 'Two coats']);
  });

  test('is dated by the day it counts for, and says that it was edited or deleted', () => {
    const moved = row(lineOf({ kind: 'done', duty }, { date: civil('2026-11-18'), voidedBy: 'v' }));
    expect(moved.date).toContain('Nov 18');
    expect([moved.isVoided, moved.isEdited]).toEqual([true, false]);
  });

  test('may be edited and deleted where its kind allows it, by whoever may write', () => {
    const note = lineOf({ kind: 'note', text: 'x' });
    expect([row(note).mayCorrect, row(note).mayStrike]).toEqual([true, true]);
    expect(row(note, false).mayStrike).toBe(false);
  });
});
