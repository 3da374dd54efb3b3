import { assertNever } from '../../../core/basics/result.ts';
import type { Span } from '../../../core/calendar/span.ts';
import type { Rule } from '../../../core/practice/rule.ts';
import type { Draft } from './draft.ts';

/** The text to type for a rule in the fields for one's own; null where they cannot hold its kind. */
export function ruleFields(rule: Rule): Partial<Draft> | null {
  switch (rule.kind) {
    case 'interval':
      return {
        ruleKind: 'interval',
        ...spanFields(rule.every),
        floor: rule.floorDays === undefined ? '' : String(rule.floorDays),
      };
    case 'age':
      return { ruleKind: 'age', ...spanFields(rule.lifespan) };
    case 'dates':
      return { ruleKind: 'dates', monthDays: rule.monthDays.join(', ') };
    case 'clockChange':
      return { ruleKind: 'clockChange', clock: rule.on };
    case 'season':
      return { ruleKind: 'season', anchor: rule.anchor, offset: String(rule.offsetDays) };
    case 'usage': {
      const { meter, limit, expectedPerDay } = rule;
      const perDay = typeof expectedPerDay === 'number' ? String(expectedPerDay) : '';
      return { ruleKind: 'usage', meter, limit: String(limit), perDay };
    }
    case 'event': {
      const [trigger = ''] = rule.triggers;
      return { ruleKind: 'event', trigger, respond: String(rule.respondDays) };
    }
    case 'condition':
    case 'first':
      return null;
  }
  return assertNever(rule);
}

const spanFields = ({ unit, count }: Span): Partial<Draft> => ({ unit, count: String(count) });
