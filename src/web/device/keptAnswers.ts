import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { z } from 'zod';
import { whenQuiet } from './pause.ts';

/** An answer as it came, and when. */
const keptSchema = z.object({ at: z.iso.datetime(), body: z.unknown() });
export type KeptAnswer = z.infer<typeof keptSchema>;

interface Schema extends DBSchema {
  answers: { key: string; value: unknown };
}

let opened: Promise<IDBPDatabase<Schema>> | null = null;

function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('salt-ledger answers', 1, {
    upgrade: (db) => void db.createObjectStore('answers'),
    terminated: () => (opened = null),
  });
  return opened;
}

/** Where the answer to a question of one person is kept. */
const keyOf = (personId: string, address: string): string => `${personId} ${address}`;

/** Answers that wait for a quiet moment to be kept. A later one to the same question takes its place; one that is forgotten meanwhile is not kept. */
const waiting = new Map<string, KeptAnswer>();

/**
 * Keeps what the server last answered a person at an address, in a quiet moment; nothing for someone who has signed out until then. Where the
 * device has no room left it is simply not kept.
 */
export async function keepAnswer(
  personId: string,
  address: string,
  body: unknown,
  isStillTheirs: () => boolean,
): Promise<void> {
  const key = keyOf(personId, address);
  const answer: KeptAnswer = { at: new Date().toISOString(), body };
  waiting.set(key, answer);
  await whenQuiet();
  if (waiting.get(key) !== answer) return;
  waiting.delete(key);
  if (!isStillTheirs()) return;
  try {
    // The copy is plain data: the browser's database takes no reactive objects.
    const kept: unknown = JSON.parse(JSON.stringify(answer));
    await (await database()).put('answers', kept, key);
  } catch (error) {
    if (!(error instanceof DOMException)) throw error;
  }
}

/** The last answer kept of a person at an address; null where there is none that can be read. */
export async function findAnswer(personId: string, address: string): Promise<KeptAnswer | null> {
  const { data } = keptSchema.safeParse(await (await database()).get('answers', keyOf(personId, address)));
  return data ?? null;
}

/** Forgets what was answered a person at every address that begins so; at all of them, where none is named. */
export async function dropAnswers(personId: string, beginning = ''): Promise<void> {
  const from = keyOf(personId, beginning);
  for (const key of waiting.keys()) if (key.startsWith(from)) waiting.delete(key);
  await (await database()).delete('answers', IDBKeyRange.bound(from, `${from}\uffff`));
}
