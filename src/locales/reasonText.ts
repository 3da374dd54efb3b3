import { assertNever } from '../core/basics/result.ts';
import type { CivilDate } from '../core/calendar/civilDate.ts';
import type { Reason } from '../core/schedule/reason.ts';
import type { Factor } from '../core/practice/terms.ts';
import { gateName } from './gateText.ts';
import { ruleKindText } from './ruleKind.ts';
import { capital, dateText, daysText, lengthText, nameIn, uncapital, type Speech } from './speech.ts';
import { temperature } from './temperature.ts';

const round = (value: number): number => Math.round(value * 100) / 100;

/** The name of a factor: the catalogue's words for its code, or the user's own. */
export const factorName = (speech: Speech, code: string): string => nameIn(speech, 'factor', code);

const factorList = (speech: Speech, factors: readonly Factor[]): string =>
  speech.formats.list(factors.map(({ code, value }) => `${factorName(speech, code)} ×${round(value)}`));

type OfRule = Exclude<Reason, OfMove>;
type OfMove = Extract<
  Reason,
  {
    kind: 'window' | 'putOff' | 'pause' | 'gate' | 'runBegins' | 'worthUntil' | 'pull' | 'bound' | 'handy';
  }
>;

/** One step of a derivation as a sentence. */
export function reasonText(speech: Speech, reason: Reason): string {
  switch (reason.kind) {
    case 'window':
    case 'putOff':
    case 'pause':
    case 'gate':
    case 'runBegins':
    case 'worthUntil':
    case 'pull':
    case 'bound':
    case 'handy':
      return moveText(speech, reason);
    default:
      return ruleStepText(speech, reason);
  }
}

function ruleStepText(speech: Speech, reason: OfRule): string {
  const { t } = speech;
  const date = (on: CivilDate): string => dateText(speech, on);
  switch (reason.kind) {
    case 'lastDone':
      return t(`reason.lastDone.${reason.how}`, { on: date(reason.on) });
    case 'interval':
      return capital(
        t('reason.interval', { every: lengthText(speech, reason.every), due: date(reason.due) }),
      );
    case 'factors':
      return factorsText(speech, reason);
    case 'floor':
      return t('reason.floor', { floor: daysText(speech, reason.floorDays), due: date(reason.due) });
    case 'plainHolds':
      return t(`reason.plainHolds.${reason.side}`, { due: date(reason.due) });
    case 'noRecord':
    case 'termsBegan':
    case 'listed':
    case 'ageUnknown':
    case 'printedEnd':
    case 'notBeforeToday':
      return t(`reason.${reason.kind}`, { due: date(reason.due) });
    case 'clockChange': {
      const key = reason.conventional ? 'clockConventional' : 'clockChange';
      return t(`reason.${key}.${reason.season}`, { zone: reason.zone, due: date(reason.due) });
    }
    case 'season':
      return seasonStepText(speech, reason);
    case 'usage':
      return usageText(speech, reason);
    case 'called':
      return calledText(speech, reason);
    case 'age': {
      const { from, on, lifespan, printed, due } = reason;
      return t(`reason.${printed ? 'agePrinted' : 'age'}.${from}`, {
        on: date(on),
        length: lengthText(speech, lifespan),
        due: date(due),
      });
    }
    case 'trigger': {
      const { source, trigger, on, respondDays, due } = reason;
      const named = { trigger: nameIn(speech, 'trigger', trigger), on: date(on), due: date(due) };
      if (trigger === 'hard-freeze' && source === 'forecast') return t('reason.trigger.beforeFreeze', named);
      return t(`reason.trigger.${source}`, { ...named, days: daysText(speech, respondDays) });
    }
    case 'caughtUp': {
      const { listed, worthUntil, due } = reason;
      return t('reason.caughtUp', { listed: date(listed), worthUntil: date(worthUntil), due: date(due) });
    }
    case 'openedAgain': {
      const { listed, on, worthUntil, due } = reason;
      const said = { listed: date(listed), on: date(on), worthUntil: date(worthUntil), due: date(due) };
      return t('reason.openedAgain', said);
    }
    case 'lesser':
      return t('reason.lesser', {
        due: date(reason.due),
        rule: uncapital(ruleKindText(speech, reason.rule)),
      });
    case 'stateSince': {
      const since = reason.since === null ? '' : date(reason.since);
      return capital(
        t(`reason.stateSince.${reason.standing}`, { state: nameIn(speech, 'state', reason.state), since }),
      );
    }
  }
  return assertNever(reason);
}

function factorsText(speech: Speech, reason: Extract<Reason, { kind: 'factors' }>): string {
  const { product, held, days, due, factors } = reason;
  const said = {
    factors: factorList(speech, factors),
    held: round(held),
    days: daysText(speech, days),
    due: dateText(speech, due),
  };
  return round(product) === round(held)
    ? speech.t('reason.factors', said)
    : speech.t('reason.factorsHeld', { ...said, product: round(product) });
}

function seasonStepText(speech: Speech, reason: Extract<Reason, { kind: 'season' }>): string {
  const { t } = speech;
  const { anchor, risk, on, basis, offsetDays, due } = reason;
  const name =
    risk === null ? t(`anchor.${anchor}`) : t('rule.season.risk', { anchor: t(`anchor.${anchor}`), risk });
  const key = offsetDays === 0 ? 'on' : offsetDays < 0 ? 'before' : 'after';
  return t(`reason.season.${key}`, {
    anchor: capital(name),
    on: dateText(speech, on),
    basis: t(`seasonBasis.${basis}`),
    days: daysText(speech, Math.abs(offsetDays)),
    due: dateText(speech, due),
  });
}

function usageText(speech: Speech, reason: Extract<Reason, { kind: 'usage' }>): string {
  const { t } = speech;
  const { meter, limit, from, resetOn, reading, expected, ahead, due } = reason;
  const rate =
    typeof expected === 'number'
      ? t('reason.usageRate.number', { n: round(expected) })
      : t(`reason.usageRate.${expected ?? 'heating'}`);
  return t(`reason.usage.${expected === null ? 'reached' : 'projected'}`, {
    meter: nameIn(speech, 'measure', meter),
    limit,
    from: round(from),
    resetOn: dateText(speech, resetOn),
    value: round(reading?.value ?? from),
    on: dateText(speech, reading?.on ?? resetOn),
    rate,
    ahead: daysText(speech, ahead),
    due: dateText(speech, due),
  });
}

function calledText(speech: Speech, reason: Extract<Reason, { kind: 'called' }>): string {
  const { what, value, on, respondDays, due } = reason;
  return speech.t(`reason.called.${value === null ? 'finding' : 'reading'}`, {
    what: nameIn(speech, value === null ? 'finding' : 'measure', what),
    value,
    on: dateText(speech, on),
    days: daysText(speech, respondDays),
    due: dateText(speech, due),
  });
}

function moveText(speech: Speech, reason: OfMove): string {
  const { t } = speech;
  const date = (on: CivilDate): string => dateText(speech, on);
  switch (reason.kind) {
    case 'worthUntil':
      return t('reason.worthUntil', { on: date(reason.on) });
    case 'window':
      return t('reason.window', {
        earliest: date(reason.earliest),
        latest: date(reason.latest),
        early: daysText(speech, reason.early),
        earlyBy: t(`margin.${reason.earlyBy}`),
        grace: daysText(speech, reason.grace),
        graceBy: t(`margin.${reason.graceBy}`),
      });
    case 'putOff':
      return t('reason.putOff', { why: reason.why, due: date(reason.due), latest: date(reason.latest) });
    case 'pause':
      return t('reason.pause', { from: date(reason.from), to: date(reason.to), due: date(reason.due) });
    case 'gate': {
      const named = { gate: gateName(speech, reason.gate), opens: date(reason.opens), due: date(reason.due) };
      return t(`reason.gate.${reason.gate.kind}`, named);
    }
    case 'runBegins':
      return t('reason.runBegins', { gate: gateName(speech, reason.gate), earliest: date(reason.earliest) });
    case 'pull':
      return t('reason.pull', {
        low: temperature(speech, reason.low),
        on: date(reason.on),
        due: date(reason.due),
      });
    case 'bound': {
      const { earliest, latest, due } = reason;
      const named = { earliest: date(earliest), latest: date(latest), due: date(due) };
      return t('reason.bound', { with: speech.dutyTitle(reason.with), ...named });
    }
    case 'handy':
      return t('reason.handy', {
        with: speech.dutyTitle(reason.with),
        leadDue: date(reason.leadDue),
        due: date(reason.due),
      });
  }
  return assertNever(reason);
}
