import type { DutyPractice } from '../core/house/house.ts';
import { assertNever } from '../core/basics/result.ts';
import type { ConditionRule, Rule, SeasonRule, WorthUntil } from '../core/practice/rule.ts';
import type { Terms } from '../core/practice/terms.ts';
import { daysText, everyText, lengthText, nameIn, uncapital, words, type Speech } from './speech.ts';

/** The name of a duty. */
export function practiceTitle(speech: Pick<Speech, 'find' | 'wording'>, practice: DutyPractice): string {
  if (practice.from === 'home') return practice.title;
  const found = speech.find(practice.code);
  return found ? words(speech, found.title) : practice.code;
}

/** A rule as half a sentence; of listed dates also until when they are worth doing. */
export function ruleText(speech: Speech, rule: Rule): string {
  const text = bareRuleText(speech, rule);
  const until = 'worthUntil' in rule && rule.worthUntil ? worthText(speech, rule.worthUntil) : null;
  return until === null ? text : speech.t('rule.worth', { rule: text, until });
}

function worthText(speech: Speech, until: WorthUntil): string {
  const { t, formats } = speech;
  if ('monthDay' in until) return formats.monthDay(until.monthDay);
  if ('afterDays' in until) return t('rule.worthAfter', { days: daysText(speech, until.afterDays) });
  const anchor = t(`anchor.${until.season}`);
  if (until.days === 0) return anchor;
  const key = until.days < 0 ? 'before' : 'after';
  return t(`rule.season.${key}`, { days: daysText(speech, Math.abs(until.days)), anchor });
}

function bareRuleText(speech: Speech, rule: Rule): string {
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
    case 'season':
      return seasonText(speech, rule);
    case 'usage':
      return t('rule.usage', { limit: rule.limit, meter: nameIn(speech, 'measure', rule.meter) });
    case 'age':
      return t('rule.age', { length: lengthText(speech, rule.lifespan) });
    case 'event': {
      const triggers = formats.list(rule.triggers.map((code) => uncapital(nameIn(speech, 'trigger', code))));
      if (rule.respondDays === 0) return t('rule.eventNow', { triggers });
      return t('rule.event', { days: daysText(speech, rule.respondDays), triggers });
    }
    case 'condition':
      return t('rule.condition', {
        look: ruleText(speech, rule.look),
        days: daysText(speech, rule.respondDays),
        change: changeText(speech, rule),
      });
    case 'first':
      return t('rule.first', { rules: rule.of.map((part) => ruleText(speech, part)).join('; ') });
  }
  return assertNever(rule);
}

function changeText(speech: Speech, { change }: ConditionRule): string {
  if ('finding' in change) return nameIn(speech, 'finding', change.finding);
  return speech.t('rule.atLeast', {
    measure: nameIn(speech, 'measure', change.measure),
    value: change.atLeast,
  });
}

function seasonText(speech: Speech, { anchor, offsetDays, risk }: SeasonRule): string {
  const { t } = speech;
  const name = t(`anchor.${anchor}`);
  const said = risk === undefined ? name : t('rule.season.risk', { anchor: name, risk });
  if (offsetDays === 0) return t('rule.season.on', { anchor: said });
  const days = daysText(speech, Math.abs(offsetDays));
  return t(offsetDays < 0 ? 'rule.season.before' : 'rule.season.after', { days, anchor: said });
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
