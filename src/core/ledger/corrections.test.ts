import { describe, expect, test } from 'vitest';
import { civil } from '../calendar/civilDate.ts';
import { amendableFields, applyCorrections, checkCorrection } from './corrections.ts';
import { changeSchema } from './kinds/change.ts';
import { ENTRY_KINDS, entryBodySchema, type Entry, type EntryBody } from './entry.ts';
import { mapReferences, referencesOf } from './references.ts';
import { Threads } from './threads.ts';

const TODAY = civil('2026-11-24');
const line = (id: string, body: EntryBody): Entry => ({
  id,
  date: civil('2026-11-01'),
  stampedAt: '2026-11-01T12:00:00.000Z',
  by: 'p',
  body,
});
const done = line('done', { kind: 'done', duty: 'd', minutes: 10, note: 'grey' });
const amend = (id: string, change: object): Entry => line(id, { kind: 'amends', target: 'done', change });
const strike = (id: string, target: string): Entry => line(id, { kind: 'voids', target });
const standing = (...entries: Entry[]) => applyCorrections([done, ...entries])[0];

describe('corrections', () => {
  test('of two changes to one field the last wins; null clears', () => {
    expect(standing(amend('a', { minutes: 12 }), amend('b', { minutes: 15, note: null }))).toMatchObject({
      body: { kind: 'done', duty: 'd', minutes: 15 },
      amendedBy: ['a', 'b'],
    });
    expect(standing(amend('b', { note: null }))?.body).not.toHaveProperty('note');
  });

  test('striking out an amendment undoes just that one', () => {
    expect(
      standing(amend('a', { minutes: 12 }), amend('b', { minutes: 15 }), strike('s', 'b'))?.body,
    ).toMatchObject({ minutes: 12 });
  });

  test('a void of a void restores, and of that strikes out again', () => {
    expect(standing(strike('s', 'done'))?.voidedBy).toBe('s');
    expect(standing(strike('s', 'done'), strike('t', 's'))?.voidedBy).toBeNull();
    expect(standing(strike('s', 'done'), strike('t', 's'), strike('u', 't'))?.voidedBy).toBe('s');
  });

  test.each([
    ['something unknown', [], { kind: 'voids', target: 'nothing' }, 'target-unknown'],
    ['what is struck out already', [strike('s', 'done')], { kind: 'voids', target: 'done' }, 'target-voided'],
    [
      'a field its kind has not',
      [],
      { kind: 'amends', target: 'done', change: { text: 'x' } },
      'field-not-in-kind',
    ],
    [
      'to a date later than its own',
      [],
      { kind: 'amends', target: 'done', change: { date: civil('2026-11-25') } },
      'date-after-correction',
    ],
  ] as const)('refuses to correct %s', (_what, before, correction, code) => {
    const checked = checkCorrection(new Threads([done, ...before]), correction, TODAY);
    expect(checked.ok ? null : checked.error.code).toBe(code);
  });

  test('every field an amendment may change is one that a change knows', () => {
    const known = Object.keys(changeSchema.shape);
    for (const kind of ENTRY_KINDS) for (const field of amendableFields(kind)) expect(known).toContain(field);
  });
});

describe('references', () => {
  test('every id in a body is found and replaced, and nothing else', () => {
    const bodies: EntryBody[] = [
      { kind: 'done', duty: 'd', who: 'w', note: 'd' },
      { kind: 'replaced', asset: 'a', successor: 'b' },
      { kind: 'findingClosed', finding: 'f' },
      { kind: 'amends', target: 't', change: { who: 'w', note: 'w' } },
      { kind: 'note', text: 'a', asset: 'a' },
    ];
    for (const body of bodies) {
      const renamed = entryBodySchema.parse(mapReferences(body, (id) => `new-${id}`));
      expect(referencesOf(renamed).map(({ id }) => id)).toEqual(
        referencesOf(body).map(({ id }) => `new-${id}`),
      );
      expect(mapReferences(renamed, (id) => id.slice(4))).toEqual(body);
    }
  });
});
