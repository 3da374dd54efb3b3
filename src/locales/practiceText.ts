import type { DutyPractice } from '../core/house/house.ts';
import { assertNever } from '../core/result.ts';
import type { Rule } from '../core/schedule/rule.ts';
import type { Terms } from '../core/schedule/terms.ts';
import { daysText, everyText, type Speech, type Translate } from './speech.ts';

/** What a duty is called. */
export const practiceTitle = (t: Translate, practice: DutyPractice): string =>
  practice.from === 'home' ? practice.title : t(`practice.${practice.code}.title`);

/** A rule as half a sentence. */
export function ruleText(speech: Speech, rule: Rule): string {
  const { t, formats } = speech;
  switch (rule.kind) {
    case 'interval': {
      const every = everyText(speech, rule.every);
      return rule.floorDays === undefined
        ? t('rule.interval', { every })
        : t('rule.intervalFloor', { every, floor: daysText(speech, rule.floorDays) });
    }
    case 'dates': {
      const dates = formats.list(rule.monthDays.map((monthDay) => formats.monthDay(monthDay)));
      const { cycle } = rule;
      return cycle
        ? t('rule.datesCycle', { dates, n: cycle.years, base: cycle.baseYear })
        : t('rule.dates', { dates });
    }
    case 'clockChange':
      return t(`rule.clockChange.${rule.on}`);
  }
  return assertNever(rule);
}

/** Terms as half a sentence: the rule and what wears the thing. */
export function termsText(
  speech: Speech,
  { rule, factors }: Terms,
  factorNames: (code: string) => string,
): string {
  const wear = factors.map(({ code, value }) => `${factorNames(code)} ×${value}`);
  return [ruleText(speech, rule), ...wear].join('; ');
}
