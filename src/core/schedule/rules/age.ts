import { toCivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { addSpan, nominalDays } from '../../calendar/span.ts';
import type { UnitAge } from '../../house/unitAge.ts';
import type { RuleEvent } from './dutyEvent.ts';
import type { Reason } from '../reason.ts';
import type { AgeRule } from '../../practice/rule.ts';
import { marginsOf, type Margins } from '../window.ts';
import {
  asNumber,
  AT_FIRST,
  isWork,
  restartedOn,
  restartOf,
  type Cause,
  type Course,
  type Happening,
} from './course.ts';
import { restartingDate } from './restarting.ts';
import type { RuleDate } from './ruleDate.ts';
import { memoryOf, type RuleMemory } from './ruleMemory.ts';
import type { Opens, RuleContext, Taken } from './ruleState.ts';
import { Unlisted } from './unlisted.ts';

interface Birth {
  readonly day: DayNumber;
  readonly from: 'made' | 'installed' | 'replaced' | 'done';
}

interface End {
  readonly due: DayNumber;
  reason(): Reason;
}

/** The basis of a date: the unit, since when it lives, and what started that. */
interface Life {
  readonly unit: UnitAge;
  readonly birth: Birth | null;
  readonly startedBy: string;
}

/**
 * A length of life. Only a new unit starts it again: leaving the replacement out does not make the old one younger. A life printed on
 * the unit comes before the rule's, a printed end before both; of a unit that senses two things the earlier end counts.
 */
export class AgeState extends Unlisted {
  unit: UnitAge;
  birth: Birth | null;
  startedBy: string;
  private renewedOn: DayNumber | null = null;

  constructor(
    private readonly rule: AgeRule,
    private readonly context: RuleContext,
  ) {
    super();
    this.unit = context.duty.unit;
    this.birth = context.duty.unit.made;
    this.startedBy = context.duty.adoption.entryId;
  }

  date(): RuleDate {
    return this.dateOf(this);
  }

  /** The end of the life of a unit. */
  dateOf({ unit, birth, startedBy }: Life): RuleDate {
    const { duty, start } = this.context;
    const { adoption, dutyId, timing } = duty;
    const end = this.endOf(unit, birth);
    const due = end?.due ?? adoption.day;
    const basisDays = nominalDays(unit.life ?? this.rule.lifespan);
    return restartingDate({
      key: `${dutyId}:${startedBy}`,
      due,
      start,
      margins: marginsOf({ kind: 'interval', days: basisDays }, timing),
      basisDays,
      baseline: end === null,
      // Nobody knows how old it is: its date is read first.
      asks: end === null ? 'look' : 'work',
      explain: (told) => {
        told.push(end?.reason() ?? { kind: 'ageUnknown', due: toCivilDate(due) });
      },
    });
  }

  course(): Course {
    return new AgeCourse(this);
  }

  sleep = () => null;

  take(event: RuleEvent, opens: Opens | null): Taken {
    if (event.kind === 'renewal') return this.renew(event.day, event.entryId, event.how, event.unit, opens);
    if (event.kind !== 'completion' || event.how !== 'done') return 'extra';
    // Done on the day of a replacement already told of: the same new unit, whose date is known better.
    if (this.renewedOn !== event.day) this.renew(event.day, event.entryId, 'done', UNKNOWN, opens);
    return opens === null ? 'counts' : 'answers';
  }

  remember(): RuleMemory {
    const { unit, birth, startedBy, renewedOn } = this;
    return { kind: 'age', unit, birth, startedBy, renewedOn };
  }

  recall(memory: RuleMemory): void {
    ({
      unit: this.unit,
      birth: this.birth,
      startedBy: this.startedBy,
      renewedOn: this.renewedOn,
    } = memoryOf(memory, 'age'));
  }

  /** When a life ends, by what is known of the unit; null where nothing is. */
  private endOf(unit: UnitAge, birth: Birth | null): End | null {
    const printed = printedEnd(unit);
    const lived = this.livedOut(unit, birth);
    if (!printed || !lived) return printed ?? lived;
    return unit.sensesTwo && lived.due < printed.due ? lived : printed;
  }

  private livedOut(unit: UnitAge, birth: Birth | null): End | null {
    if (!birth) return null;
    const lifespan = unit.life ?? this.rule.lifespan;
    const { from, day } = birth;
    const due = addSpan(day, lifespan);
    const printed = unit.life === null ? {} : ({ printed: true } as const);
    return {
      due,
      reason: () => ({
        kind: 'age',
        from,
        on: toCivilDate(day),
        lifespan,
        ...printed,
        due: toCivilDate(due),
      }),
    };
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

function printedEnd({ ends }: UnitAge): End | null {
  return ends === null ? null : { due: ends, reason: () => ({ kind: 'printedEnd', due: toCivilDate(ends) }) };
}

class AgeCourse implements Course {
  due: DayNumber;
  margins: Margins;
  cause: Cause = AT_FIRST;
  asks: 'work' | 'look';
  readonly plain = true;
  private readonly first: RuleDate;

  constructor(private readonly state: AgeState) {
    this.first = state.date();
    ({ day: this.due, margins: this.margins, asks: this.asks } = this.first);
  }

  get asksAge(): boolean {
    return this.asks === 'look';
  }

  step(day: DayNumber, what: Happening): void {
    if (!isWork(what)) return;
    this.cause = restartedOn(day, what);
    ({ day: this.due, margins: this.margins, asks: this.asks } = this.dateOf(this.cause));
  }

  dateOf(cause: Cause): RuleDate {
    if (cause === AT_FIRST) return this.first;
    const day = restartOf(asNumber(cause));
    return this.state.dateOf({ unit: UNKNOWN, birth: { day, from: 'done' }, startedBy: toCivilDate(day) });
  }
}
