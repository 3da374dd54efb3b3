import type { Reason } from '../core/schedule/reason.ts';
import { dateText, daysText, lengthText, nameIn, uncapital, type Speech } from './speech.ts';

/** The reason that decided a date, in half a sentence: "every 3 months after Mon, Aug 24". What moved it last says most. */
export function shortReasonText(speech: Speech, reasons: readonly Reason[]): string {
  const { t } = speech;
  for (const reason of [...reasons].reverse()) {
    const said = moveReason(speech, reason);
    if (said !== null) return said;
  }
  const rule = reasons.map((reason) => ruleReason(speech, reason)).find((said) => said !== null);
  return rule ?? doneReason(speech, reasons) ?? t('shortReason.noRecord');
}

function moveReason(speech: Speech, reason: Reason): string | null {
  const { t } = speech;
  switch (reason.kind) {
    case 'handy':
      return t('shortReason.handy', { with: speech.dutyTitle(reason.with) });
    case 'bound':
      return t('shortReason.bound', { with: speech.dutyTitle(reason.with) });
    case 'pull':
      return t('shortReason.pull', { on: dateText(speech, reason.on) });
    case 'putOff':
      return t('shortReason.putOff', { why: reason.why });
    case 'termsBegan':
      return t('shortReason.termsBegan');
    case 'caughtUp':
      return t('shortReason.caughtUp');
    case 'openedAgain':
      return t('shortReason.openedAgain', { on: dateText(speech, reason.on) });
    default:
      return null;
  }
}

function ruleReason(speech: Speech, reason: Reason): string | null {
  const { t } = speech;
  switch (reason.kind) {
    case 'clockChange':
      return t(`shortReason.clock.${reason.season}`);
    case 'listed':
      return t('shortReason.listed');
    case 'season':
      return t('shortReason.season', { anchor: t(`anchor.${reason.anchor}`) });
    case 'age':
      return t(`shortReason.age.${reason.from}`, {
        on: speech.formats.month(reason.on),
        length: lengthText(speech, reason.lifespan),
      });
    case 'printedEnd':
      return t('shortReason.printedEnd');
    case 'ageUnknown':
      return t('shortReason.ageUnknown');
    case 'usage':
      return t('shortReason.usage', { meter: nameIn(speech, 'measure', reason.meter) });
    case 'called':
      return t('shortReason.called', { on: dateText(speech, reason.on) });
    case 'trigger': {
      const name = nameIn(speech, 'trigger', reason.trigger);
      return t('shortReason.trigger', {
        trigger: uncapital(name),
        on: dateText(speech, reason.on),
      });
    }
    default:
      return null;
  }
}

function doneReason(speech: Speech, reasons: readonly Reason[]): string | null {
  const { t } = speech;
  const find = <K extends Reason['kind']>(kind: K) =>
    reasons.find((reason): reason is Extract<Reason, { kind: K }> => reason.kind === kind);
  const last = find('lastDone');
  const interval = find('interval');
  if (!last || !interval) return null;
  const on = dateText(speech, last.on);
  const factors = find('factors');
  if (!factors) return t('shortReason.done', { every: lengthText(speech, interval.every), on });
  const days = find('floor')?.floorDays ?? factors.days;
  return t('shortReason.factors', { days: daysText(speech, days), on }, factors.held < 1 ? 1 : 2);
}
