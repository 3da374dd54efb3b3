import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { addSpan, nominalDays } from '../../calendar/span.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason } from '../reason.ts';
import type { AgeRule } from '../rule.ts';
import { marginsOf } from '../window.ts';
import type { Clock, ClockContext, RuleDate } from './clock.ts';
import { notBeforeTerms } from './restarting.ts';

interface Birth {
  readonly day: DayNumber;
  readonly from: 'made' | 'installed' | 'replaced' | 'done';
}

/** A length of life. Only a new unit starts it again: leaving the replacement out does not make the old one younger. */
export class AgeClock implements Clock {
  private birth: Birth | null;
  private startedBy: string;
  private renewedOn: DayNumber | null = null;

  constructor(
    private readonly rule: AgeRule,
    private readonly context: ClockContext,
  ) {
    this.birth = context.made;
    this.startedBy = context.adoption.entryId;
  }

  date(): RuleDate {
    const { adoption, dutyId, start, timing } = this.context;
    const { lifespan } = this.rule;
    const reasons: Reason[] = [];
    let due = adoption.day;
    if (this.birth) {
      due = addSpan(this.birth.day, lifespan);
      const { from, day } = this.birth;
      reasons.push({ kind: 'age', from, on: toCivilDate(day), lifespan, due: toCivilDate(due) });
    } else {
      reasons.push({ kind: 'ageUnknown', due: toCivilDate(due) });
    }
    const basisDays = nominalDays(lifespan);
    return {
      key: `${dutyId}:${this.startedBy}`,
      day: notBeforeTerms(due, start, reasons),
      margins: marginsOf({ kind: 'interval', days: basisDays }, timing),
      basisDays,
      reasons,
      baseline: this.birth === null,
      clock: 'restarts',
      asks: 'work',
      before: null,
    };
  }

  sleep = () => null;
  next = () => null;
  drop = () => undefined;

  take(mark: ClockMark): boolean {
    if (mark.kind === 'renewal') {
      this.renew(mark.day, mark.entryId, mark.how, mark.made);
      return mark.how === 'replaced';
    }
    if (mark.kind !== 'completion' || mark.how !== 'done') return false;
    // Done on the day of a replacement already told of: the same new unit, whose date is known better.
    if (this.renewedOn !== mark.day) this.renew(mark.day, mark.entryId, 'done', null);
    return true;
  }

  private renew(
    day: DayNumber,
    entryId: string,
    how: 'replaced' | 'dated' | 'done',
    made: DayNumber | null,
  ): void {
    if (how === 'dated') {
      // Only a date learnt of the unit that now stands there; it starts nothing anew.
      this.birth = made === null ? this.birth : { day: made, from: 'made' };
      return;
    }
    this.renewedOn = day;
    this.startedBy = entryId;
    this.birth = made === null ? { day, from: how } : { day: made, from: 'made' };
  }
}
