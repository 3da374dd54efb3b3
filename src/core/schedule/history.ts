import { toDay, type CivilDate, type DayNumber } from '../calendar/civilDate.ts';
import type { StandingEntry } from '../ledger/corrections.ts';
import type { Terms } from './terms.ts';

/** Terms in force from `start` (included) to `end` (excluded). The first terms of a duty hold for all time before. */
export interface TermsSegment {
  readonly terms: Terms;
  readonly start: DayNumber;
  readonly end: DayNumber;
}

/** A day the duty was done, or knowingly left undone. */
export interface Completion {
  readonly entryId: string;
  readonly day: DayNumber;
  readonly how: 'done' | 'skipped';
}

export interface PutOff {
  readonly to: CivilDate;
  readonly why: string;
}

/** All the ledger says of one duty up to a day, in the order it happened. */
export interface DutyHistory {
  readonly adoption: { readonly entryId: string; readonly day: DayNumber };
  readonly segments: readonly TermsSegment[];
  readonly completions: readonly Completion[];
  /** The last putting off of each occurrence, by its key. */
  readonly putOffs: ReadonlyMap<string, PutOff>;
  readonly retiredOn: DayNumber | null;
}

/** By the day it happened; on one day, by the order of writing. So the order of typing past days does not matter. */
function byDayThenSequence(a: StandingEntry, b: StandingEntry): number {
  if (a.date !== b.date) return a.date < b.date ? -1 : 1;
  return a.sequence - b.sequence;
}

/** Gathers the entries of each duty from a corrected ledger, leaving out what is struck out or dated after `today`. */
export function historiesOf(standing: readonly StandingEntry[], today: CivilDate): Map<string, DutyHistory> {
  const drafts = new Map<string, HistoryDraft>();
  const draftOf = (duty: string): HistoryDraft => {
    const known = drafts.get(duty);
    if (known) return known;
    const fresh = new HistoryDraft();
    drafts.set(duty, fresh);
    return fresh;
  };
  const ordered = standing.filter(({ voidedBy }) => voidedBy === null).sort(byDayThenSequence);
  for (const item of ordered) {
    const { body } = item;
    if (body.kind === 'adopted') draftOf(body.duty).adopt(item, body.terms);
    if (item.date > today) continue;
    if (body.kind === 'terms') draftOf(body.duty).changeTerms(toDay(item.date), body.terms);
    else if (body.kind === 'done' || body.kind === 'skipped') draftOf(body.duty).complete(item, body.kind);
    else if (body.kind === 'putOff')
      draftOf(body.duty).putOffs.set(body.occurrence, { to: body.to, why: body.why });
    else if (body.kind === 'retired') draftOf(body.duty).retire(toDay(item.date));
  }
  const histories = new Map<string, DutyHistory>();
  for (const [duty, draft] of drafts) {
    const history = draft.finish();
    if (history) histories.set(duty, history);
  }
  return histories;
}

class HistoryDraft {
  private adoption: DutyHistory['adoption'] | null = null;
  private firstTerms: Terms | null = null;
  private retiredOn: DayNumber | null = null;
  private readonly laterTerms: { day: DayNumber; terms: Terms }[] = [];
  private readonly completions: Completion[] = [];
  readonly putOffs = new Map<string, PutOff>();

  /** A second adoption changes nothing: the first one dates the duty. */
  adopt(item: StandingEntry, terms: Terms): void {
    if (this.adoption) return;
    this.adoption = { entryId: item.entry.id, day: toDay(item.date) };
    this.firstTerms = terms;
  }

  changeTerms(day: DayNumber, terms: Terms): void {
    const last = this.laterTerms.at(-1);
    if (last?.day === day) last.terms = terms;
    else this.laterTerms.push({ day, terms });
  }

  complete(item: StandingEntry, how: Completion['how']): void {
    this.completions.push({ entryId: item.entry.id, day: toDay(item.date), how });
  }

  retire(day: DayNumber): void {
    this.retiredOn ??= day;
  }

  finish(): DutyHistory | null {
    if (!this.adoption || !this.firstTerms) return null;
    const starts = [{ day: -Infinity, terms: this.firstTerms }, ...this.laterTerms];
    const segments = starts.map(({ day, terms }, index) => ({
      terms,
      start: day,
      end: starts[index + 1]?.day ?? Infinity,
    }));
    return {
      adoption: this.adoption,
      segments,
      completions: this.completions,
      putOffs: this.putOffs,
      retiredOn: this.retiredOn,
    };
  }
}
