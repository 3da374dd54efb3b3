// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { ask, askAged, askEarly, askIfOlder, dropKnown, keepKnown } from './ask.ts';
import { ApiError, NoConnection, signals } from './errors.ts';
import { forgetAll, noteLastPerson } from './kept.ts';
import { findAnswer } from './keptAnswers.ts';
import { whenQuiet } from './pause.ts';

const HOME = '019a0000-0000-7000-8000-000000000001';
const params = { homeId: HOME };
const members = [{ personId: HOME, name: 'Ada', email: 'ada@example.org', role: 'owner', you: true }];

/** The server's answer when it is asked, and how often it was. */
let answer: () => Response = () => json([]);
let asked = 0;
const json = (body: unknown, status = 200): Response => new Response(JSON.stringify(body), { status });
const away = (): Response => {
  throw new TypeError('nobody there');
};
const shown: string[] = [];
const hear = (event: Event): void => {
  shown.push(String((event as CustomEvent<string>).detail));
};

beforeEach(() => {
  asked = 0;
  answer = () => json([]);
  shown.length = 0;
  vi.stubGlobal('fetch', () => {
    asked += 1;
    return Promise.resolve().then(() => answer());
  });
  signals.addEventListener('kept-shown', hear);
  noteLastPerson('ada');
});
afterEach(async () => {
  signals.removeEventListener('kept-shown', hear);
  await forgetAll('ada');
  await forgetAll('bo');
  noteLastPerson(null);
  vi.unstubAllGlobals();
});
/** The answer is kept beside what asked for it. */
const kept = (person = 'ada'): Promise<void> =>
  vi.waitFor(async () => {
    expect(await findAnswer(person, `/api/homes/${HOME}/members`)).not.toBeNull();
  });
const emptyList = async (): Promise<void> => {
  await ask('members', { params });
  await kept();
};

describe('without a connection', () => {
  test('what was answered last is shown, and whoever listens is told since when', async () => {
    await emptyList();
    answer = away;
    const { answer: old, keptAt } = await askAged('members', { params });
    expect(old).toEqual([]);
    expect(shown).toEqual([keptAt]);
    expect(Date.now() - Date.parse(keptAt ?? '')).toBeLessThan(60_000);
  });

  test('what was never asked is not there', async () => {
    answer = away;
    await expect(ask('members', { params })).rejects.toBeInstanceOf(NoConnection);
    expect(shown).toEqual([]);
  });

  test('nobody sees what somebody else was answered', async () => {
    await emptyList();
    noteLastPerson('bo');
    answer = away;
    await expect(ask('members', { params })).rejects.toBeInstanceOf(NoConnection);
  });

  test('an answer of an older page that cannot be read is as good as not there', async () => {
    await keepKnown('members', { params }, members as never);
    answer = away;
    await expect(ask('members', { params })).rejects.toBeInstanceOf(NoConnection);
  });
});

test('of a long list its first page is kept, not what is read on from there', async () => {
  answer = () => json({ lines: [], next: null });
  const page = (query: object) => ask('ledger', { params, query: query as never });
  await page({ limit: 100 });
  await page({ limit: 100, before: '2026-11-01.5' });
  await page({ limit: 1_000 });
  const path = `/api/homes/${HOME}/entries`;
  await vi.waitFor(async () => {
    expect(await findAnswer('ada', `${path}?limit=100`)).not.toBeNull();
  });
  expect(await findAnswer('ada', `${path}?limit=100&before=2026-11-01.5`)).toBeNull();
  expect(await findAnswer('ada', `${path}?limit=1000`)).toBeNull();
});

describe('what is kept is forgotten', () => {
  test('when the server refuses it', async () => {
    await emptyList();
    answer = () => json({ code: 'not-found' }, 404);
    await expect(ask('members', { params })).rejects.toBeInstanceOf(ApiError);
    answer = away;
    await expect(ask('members', { params })).rejects.toBeInstanceOf(NoConnection);
  });

  test('also what was answered a moment before, and was not kept yet', async () => {
    await ask('members', { params });
    answer = () => json({ code: 'not-found' }, 404);
    await expect(ask('members', { params })).rejects.toBeInstanceOf(ApiError);
    await whenQuiet();
    await whenQuiet();
    answer = away;
    await expect(ask('members', { params })).rejects.toBeInstanceOf(NoConnection);
  });

  test('with a home, all that was answered of it', async () => {
    await emptyList();
    await dropKnown('house', { params });
    answer = away;
    await expect(ask('members', { params })).rejects.toBeInstanceOf(NoConnection);
  });

  test('when its person signs out, also what comes in meanwhile', async () => {
    await emptyList();
    let arrive: (answered: Response) => void = () => undefined;
    vi.stubGlobal('fetch', () => new Promise<Response>((resolve) => (arrive = resolve)));
    const asking = ask('members', { params });
    noteLastPerson(null);
    await forgetAll('ada');
    arrive(json([]));
    await asking;
    expect(await findAnswer('ada', `/api/homes/${HOME}/members`)).toBeNull();
  });
});

test('what is at hand and young enough is not asked for again', async () => {
  await askIfOlder('members', { params }, 60_000);
  await kept();
  await askIfOlder('members', { params }, 60_000);
  expect(asked).toBe(1);
  await askIfOlder('members', { params }, -1);
  expect(asked).toBe(2);
});

describe('what is asked while the page is on its way', () => {
  test('is the answer to the first who asks, once', async () => {
    askEarly('members', { params });
    expect(await ask('members', { params })).toEqual([]);
    expect(asked).toBe(1);
    await ask('members', { params });
    expect(asked).toBe(2);
  });

  test('is asked anew where it failed: whoever signs in meanwhile is answered', async () => {
    answer = () => json({ code: 'not-signed-in' }, 401);
    askEarly('members', { params });
    await vi.waitFor(() => {
      expect(asked).toBe(1);
    });
    answer = () => json([]);
    await vi.waitFor(async () => {
      expect(await ask('members', { params })).toEqual([]);
    });
  });
});

test.each([
  ['a page', { src: new URL('/assets/first-own.js', location.href).href, dataset: {} }],
  // It names all its scripts; they come after it is painted.
  ['a page that the server drew', { dataset: { scripts: '/assets/zod-1.js /assets/first-own.js' } }],
])(
  '%s notices a server that gives out another one, and none that gives out this one',
  async (_of, script) => {
    // As it stands in the built page; this one loads none.
    vi.spyOn(document, 'querySelector').mockReturnValue(script as unknown as HTMLScriptElement);
    let others = 0;
    const count = (): void => {
      others += 1;
    };
    signals.addEventListener('other-version', count);
    const from = (version: string) => () => new Response('[]', { headers: { 'page-version': version } });
    answer = from('/assets/first-own.js');
    await ask('members', { params });
    expect(others).toBe(0);
    answer = from('/assets/first-new.js');
    await ask('members', { params });
    expect(others).toBe(1);
    signals.removeEventListener('other-version', count);
    vi.restoreAllMocks();
  },
);
