import { describe, expect, test } from 'vitest';
import type { ErrorCode } from '../../contract/errors.ts';
import { ApiError, NoConnection, UnreadableAnswer } from './errors.ts';
import { holdsUp, judgeError, type WhyWaiting } from './delivery.ts';
import type { Parcel } from './outboxStorage.ts';
import { sendInOrder } from './sendParcels.ts';

const answered = (status: number, code: ErrorCode): ApiError => new ApiError({ code, logId: 'l' }, status);
const outcome = (error: unknown, tries = 0): string => {
  const judged = judgeError(error, tries);
  return judged.kind === 'waiting' ? judged.why : judged.kind;
};

describe('a write that was not taken', () => {
  test('waits for ever while nobody answers, the server asks to come again, or one must sign in', () => {
    for (const tries of [0, 10, 1_000]) {
      expect(outcome(new NoConnection(new TypeError('failed')), tries)).toBe('no-answer');
      expect(outcome(answered(503, 'unavailable'), tries)).toBe('busy');
      expect(outcome(answered(401, 'not-signed-in'), tries)).toBe('signed-out');
    }
  });

  test.each([
    [500, 'internal'],
    [502, 'unavailable'],
    [429, 'too-many-attempts'],
  ] as const)('after a %s it is tried three times, then told as refused', (status, code) => {
    expect([0, 1, 2, 3].map((tries) => outcome(answered(status, code), tries))).toEqual([
      'fault',
      'fault',
      'refused',
      'refused',
    ]);
  });

  test.each([
    [400, 'invalid'],
    [404, 'not-found'],
    [409, 'seen-changed'],
    [413, 'too-large'],
    [422, 'date-in-future'],
  ] as const)('is refused at once with a %s', (status, code) => {
    expect(outcome(answered(status, code))).toBe('refused');
  });

  test('holds up the writes of other homes only where no write could get through', () => {
    expect(outcome(new NoConnection(new DOMException('late', 'TimeoutError')))).toBe('timed-out');
    expect((['no-answer', 'signed-out'] as const).map(holdsUp)).toEqual(['all', 'all']);
    expect((['timed-out', 'busy', 'fault'] as const).map(holdsUp)).toEqual(['home', 'home', 'home']);
  });

  test('an answer that cannot be read does not hold it for ever', () => {
    const unreadable = new UnreadableAnswer(null);
    expect([0, 1, 2].map((tries) => outcome(unreadable, tries))).toEqual(['fault', 'fault', 'refused']);
  });

  test.each([
    ['fault', ['a1', 'b1', 'b2']],
    ['busy', ['a1', 'b1', 'b2']],
    ['no-answer', ['a1']],
  ] as const)('%s at the first of home A: tried are %j', async (why: WhyWaiting, tried) => {
    const parcel = (id: string): Parcel => ({
      version: 1,
      id,
      personId: 'p',
      homeId: id.slice(0, 1),
      route: 'append',
      body: {},
      label: '',
      tries: 0,
      refused: null,
    });
    const sent: string[] = [];
    const trouble = await sendInOrder(
      ['a1', 'b1', 'a2', 'b2'].map(parcel),
      () => Promise.resolve(),
      ({ id }) => {
        sent.push(id);
        return Promise.resolve(
          id === 'a1' ? { kind: 'waiting', why } : { kind: 'refused', error: { code: 'invalid', logId: '' } },
        );
      },
    );
    expect([sent, trouble]).toEqual([tried, why]);
  });

  test('a fault of the page itself is not taken for an answer', () => {
    expect(() => judgeError(new Error('a slip'), 0)).toThrow('a slip');
  });
});
