import { assertNever } from '../../basics/result.ts';
import type { Rule } from '../../practice/rule.ts';
import { AgeClock } from './ageClock.ts';
import type { Clock, ClockContext } from './clock.ts';
import { ConditionClock } from './conditionClock.ts';
import { EventClock } from './eventClock.ts';
import { FirstClock } from './firstClock.ts';
import { IntervalClock } from './intervalClock.ts';
import { ListedClock } from './listedClock.ts';
import { Remembered } from './remembered.ts';
import { UsageClock } from './usageClock.ts';

/** The clock of a rule, with those of the rules inside it. */
export function clockOf(rule: Rule, context: ClockContext): Clock {
  return new Remembered(bareClockOf(rule, context));
}

function bareClockOf(rule: Rule, context: ClockContext): Clock {
  switch (rule.kind) {
    case 'interval':
      return new IntervalClock(rule, context);
    case 'dates':
    case 'clockChange':
    case 'season':
      return new ListedClock(rule, context);
    case 'usage':
      return new UsageClock(rule, context);
    case 'age':
      return new AgeClock(rule, context);
    case 'event':
      return new EventClock(rule, context);
    case 'condition':
      return new ConditionClock(rule, context, clockOf(rule.look, context));
    case 'first':
      return new FirstClock(
        rule,
        rule.of.map((part) => clockOf(part, context)),
      );
  }
  return assertNever(rule);
}
