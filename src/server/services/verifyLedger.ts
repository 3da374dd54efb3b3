import { dutyOf } from '../../core/ledger/references.ts';
import { correctedBy, Threads } from '../../core/ledger/threads.ts';
import type { Tx } from '../db/database.ts';
import {
  entryAsStored,
  loadChain,
  rowToEntry,
  type SequencedEntry,
  type StoredRow,
} from '../stores/entryStore.ts';
import { firstBreak } from './chain.ts';

/** The first line of a ledger that is not as it was written: its hash, its content, or the columns that repeat what its body says. */
export interface Broken {
  readonly seq: number;
  readonly entryId: string;
  readonly what: 'hash' | 'unreadable' | 'columns';
}

/** Recomputes every hash of a home's ledger and reads every line. */
export async function verifyLedger(
  tx: Tx,
  homeId: string,
): Promise<{ readonly entries: number; readonly broken: Broken | null }> {
  const rows = await loadChain(tx, homeId);
  const at = firstBreak(
    homeId,
    rows.map((row) => ({ seq: row.seq, entry: entryAsStored(row), prevHash: row.prevHash, hash: row.hash })),
  );
  const sealed = at === null ? rows : rows.slice(0, at - 1);
  const broken = firstUnlike(sealed);
  const row = rows[(at ?? 0) - 1];
  return {
    entries: rows.length,
    broken: broken ?? (row ? { seq: row.seq, entryId: row.id, what: 'hash' } : null),
  };
}

/** The first line that cannot be read, or whose columns say other than its body. */
function firstUnlike(rows: readonly StoredRow[]): Broken | null {
  const read: SequencedEntry[] = [];
  for (const row of rows) {
    try {
      read.push(rowToEntry(row));
    } catch {
      // That it cannot be read is the answer here.
      return { seq: row.seq, entryId: row.id, what: 'unreadable' };
    }
  }
  const threads = new Threads(read);
  const unlike = rows.find(({ kind, targetId, dutyId }, index) => {
    const entry = read[index];
    if (!entry) return true;
    const duty = dutyOf(threads.rootOf(entry).body);
    return kind !== entry.body.kind || targetId !== correctedBy(entry) || dutyId !== duty;
  });
  return unlike ? { seq: unlike.seq, entryId: unlike.id, what: 'columns' } : null;
}
