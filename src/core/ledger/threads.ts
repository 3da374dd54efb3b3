import type { Entry } from './entry.ts';

/** One entry with everything ever written to correct it, and whether it stands. */
interface Thread {
  readonly root: Entry;
  /** Corrections of it and of its corrections. */
  corrections: number;
  last: Entry | null;
}

/**
 * A ledger looked up by id and by thread, growing as entries are written. Every entry is taken in once, so that judging many
 * corrections costs no more than writing them.
 */
export class Threads {
  private readonly byId = new Map<string, Entry>();
  private readonly threadOf = new Map<string, Thread>();
  /** The voids of each entry, standing or not. */
  private readonly voids = new Map<string, string[]>();
  private readonly voided = new Set<string>();

  /** `entries` in sequence: whatever is corrected comes before its correction. */
  constructor(entries: readonly Entry[]) {
    for (const entry of entries) this.take(entry);
    // Only a later entry can void, so from the end every void is settled before it is needed.
    for (const { id, body } of [...entries].reverse())
      if (body.kind === 'voids' && !this.voided.has(id)) this.voided.add(body.target);
  }

  find(id: string): Entry | undefined {
    return this.byId.get(id);
  }

  /** Takes in one more entry, written after all others. */
  add(entry: Entry): void {
    this.take(entry);
    if (entry.body.kind === 'voids') this.settle(entry.body.target);
  }

  isVoided(id: string): boolean {
    return this.voided.has(id);
  }

  /** The entry that a correction goes back to through every correction between; any other entry is its own. */
  rootOf(entry: Entry): Entry {
    return this.threadOf.get(correctedBy(entry) ?? entry.id)?.root ?? entry;
  }

  /** How many corrections the thread of an entry has, and the last of them. */
  correctionsOf(entry: Entry): { readonly count: number; readonly last: Entry | null } {
    const thread = this.threadOf.get(correctedBy(entry) ?? entry.id);
    return { count: thread?.corrections ?? 0, last: thread?.last ?? null };
  }

  private take(entry: Entry): void {
    const target = correctedBy(entry);
    const thread = (target === null ? undefined : this.threadOf.get(target)) ?? {
      root: entry,
      corrections: 0,
      last: null,
    };
    if (thread.root !== entry) {
      thread.corrections += 1;
      thread.last = entry;
    }
    this.byId.set(entry.id, entry);
    this.threadOf.set(entry.id, thread);
    if (entry.body.kind !== 'voids') return;
    const voids = this.voids.get(entry.body.target);
    if (voids) voids.push(entry.id);
    else this.voids.set(entry.body.target, [entry.id]);
  }

  /** Whether an entry stands has changed: what it voids itself may stand again, or no more. */
  private settle(changed: string): void {
    let at = this.byId.get(changed);
    while (at) {
      const isVoided = (this.voids.get(at.id) ?? []).some((one) => !this.voided.has(one));
      if (isVoided === this.voided.has(at.id)) return;
      if (isVoided) this.voided.add(at.id);
      else this.voided.delete(at.id);
      at = at.body.kind === 'voids' ? this.byId.get(at.body.target) : undefined;
    }
  }
}

/** The entry that an entry corrects; null where it is no correction. */
export const correctedBy = ({ body }: Entry): string | null =>
  body.kind === 'amends' || body.kind === 'voids' ? body.target : null;
