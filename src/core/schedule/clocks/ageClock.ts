import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { addSpan, nominalDays, type Span } from '../../calendar/span.ts';
import type { UnitAge } from '../../house/unitAge.ts';
import type { ClockMark } from '../mark.ts';
import type { Reason } from '../reason.ts';
import type { AgeRule } from '../../practice/rule.ts';
import { marginsOf } from '../window.ts';
import { NOT_LISTED, type ClockContext, type Opens, type RuleDate, type Taken } from './clock.ts';
import { notBeforeTerms } from './restarting.ts';
import { Unlisted } from './unlisted.ts';

interface Birth {
  readonly day: DayNumber;
  readonly from: 'made' | 'installed' | 'replaced' | 'done';
}

interface End {
  readonly due: DayNumber;
  readonly reason: Reason;
}

/**
 * A length of life. Only a new unit starts it again: leaving the replacement out does not make the old one younger. A life printed on
 * the unit comes before the rule's, a printed end before both; of a unit that senses two things the earlier end counts.
 */
export class AgeClock extends Unlisted {
  private unit: UnitAge;
  private birth: Birth | null;
  private startedBy: string;
  private renewedOn: DayNumber | null = null;

  constructor(
    private readonly rule: AgeRule,
    private readonly context: ClockContext,
  ) {
    super();
    this.unit = context.unit;
    this.birth = context.unit.made;
    this.startedBy = context.adoption.entryId;
  }

  date(): RuleDate {
    const { adoption, dutyId, start, timing } = this.context;
    const end = this.end();
    const due = end?.due ?? adoption.day;
    const reasons: Reason[] = [end?.reason ?? { kind: 'ageUnknown', due: toCivilDate(due) }];
    const basisDays = nominalDays(this.lifespan);
    return {
      key: `${dutyId}:${this.startedBy}`,
      day: notBeforeTerms(due, start, reasons),
      margins: marginsOf({ kind: 'interval', days: basisDays }, timing),
      basisDays,
      reasons,
      baseline: end === null,
      clock: 'restarts',
      // Nobody knows how old it is: its date is read first.
      asks: end === null ? 'look' : 'work',
      ...NOT_LISTED,
    };
  }

  sleep = () => null;

  take(mark: ClockMark, opens: Opens | null): Taken {
    if (mark.kind === 'renewal') return this.renew(mark.day, mark.entryId, mark.how, mark.unit, opens);
    if (mark.kind !== 'completion' || mark.how !== 'done') return 'extra';
    // Done on the day of a replacement already told of: the same new unit, whose date is known better.
    if (this.renewedOn !== mark.day) this.renew(mark.day, mark.entryId, 'done', UNKNOWN, opens);
    return opens === null ? 'counts' : 'answers';
  }

  private get lifespan(): Span {
    return this.unit.life ?? this.rule.lifespan;
  }

  /** When its life ends, by what is known of it; null where nothing is. */
  private end(): End | null {
    const printed = this.printedEnd();
    const lived = this.livedOut();
    if (!printed || !lived) return printed ?? lived;
    return this.unit.sensesTwo && lived.due < printed.due ? lived : printed;
  }

  private printedEnd(): End | null {
    const { ends } = this.unit;
    return ends === null ? null : { due: ends, reason: { kind: 'printedEnd', due: toCivilDate(ends) } };
  }

  private livedOut(): End | null {
    if (!this.birth) return null;
    const { lifespan } = this;
    const { from, day } = this.birth;
    const due = addSpan(day, lifespan);
    const printed = this.unit.life === null ? {} : ({ printed: true } as const);
    const [on, at] = [toCivilDate(day), toCivilDate(due)];
    return { due, reason: { kind: 'age', from, on, lifespan, ...printed, due: at } };
  }

  private renew(
    day: DayNumber,
    entryId: string,
    how: 'replaced' | 'told' | 'done',
    unit: UnitAge,
    opens: Opens | null,
  ): Taken {
    this.unit = unit;
    if (how === 'told') {
      // Something learnt of the unit that now stands there; it starts nothing anew.
      if (unit.made?.from === 'made') this.birth = unit.made;
      return 'counts';
    }
    this.renewedOn = day;
    this.startedBy = entryId;
    this.birth = unit.made?.from === 'made' ? unit.made : { day, from: how };
    return opens === null || how === 'done' ? 'counts' : 'answers';
  }
}

const UNKNOWN: UnitAge = { made: null, life: null, ends: null, sensesTwo: false };
