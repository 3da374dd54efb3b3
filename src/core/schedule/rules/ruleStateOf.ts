import { assertNever } from '../../basics/result.ts';
import type { Rule } from '../../practice/rule.ts';
import { AgeState } from './age.ts';
import type { RuleState, RuleContext } from './ruleState.ts';
import { ConditionState } from './condition.ts';
import { EventState } from './event.ts';
import { FirstState } from './first.ts';
import { IntervalState } from './interval.ts';
import { ListedState } from './listed.ts';
import { Remembered } from './remembered.ts';
import { UsageState } from './usage.ts';

/** The state a rule begins in, with those of the rules inside it. */
export function ruleStateOf(rule: Rule, context: RuleContext): RuleState {
  return new Remembered(bareRuleStateOf(rule, context));
}

function bareRuleStateOf(rule: Rule, context: RuleContext): RuleState {
  switch (rule.kind) {
    case 'interval':
      return new IntervalState(rule, context);
    case 'dates':
    case 'clockChange':
    case 'season':
      return new ListedState(rule, context);
    case 'usage':
      return new UsageState(rule, context);
    case 'age':
      return new AgeState(rule, context);
    case 'event':
      return new EventState(rule, context);
    case 'condition':
      return new ConditionState(rule, context, ruleStateOf(rule.look, context));
    case 'first':
      return new FirstState(
        rule,
        rule.of.map((part) => ruleStateOf(part, context)),
      );
  }
  return assertNever(rule);
}
