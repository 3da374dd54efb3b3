import { describe, expect, test } from 'vitest';
import { draftsOf, putRight } from './refusedEntries.ts';

const ID = '018f0000-0000-7000-8000-000000000001';
const body = {
  entries: [
    { id: ID, date: '2026-11-30', saw: 'd:1', body: { kind: 'done', duty: 'd', minutes: 5, note: 'grey' } },
  ],
};

describe('a refused write that is put right', () => {
  test('shows the day and what was typed, and nothing else', () => {
    expect(draftsOf(body)).toEqual([{ date: '2026-11-30', typed: { note: 'grey' } }]);
  });

  test('shows also what no schema takes: that may be why it was refused', () => {
    const broken = { entries: [{ date: 'soon', body: { kind: 'note', text: 'x\0' } }] };
    expect(draftsOf(broken)).toEqual([{ date: 'soon', typed: { text: 'x\0' } }]);
    expect(draftsOf({ name: 'no entries' })).toEqual([]);
    expect(draftsOf(null)).toEqual([]);
  });

  test('keeps its id, so that sending twice is one entry, and says no longer what was looked at', () => {
    const draft = { date: '2026-11-24', typed: { note: 'black' } };
    expect(putRight(body, [draft], 'date-in-future')).toEqual({
      body: {
        entries: [
          { id: ID, date: '2026-11-24', body: { kind: 'done', duty: 'd', minutes: 5, note: 'black' } },
        ],
      },
    });
  });

  test('gets a new id where the one it had stands for something else', () => {
    const again = putRight(body, draftsOf(body), 'id-taken');
    expect('body' in again && again.body.entries[0]?.id).not.toBe(ID);
  });

  test('is not sent with a day that is none', () => {
    expect(putRight(body, [{ date: '2026-02-30', typed: {} }], 'invalid')).toEqual({ wrong: 0 });
  });
});
