import type { Reason } from '../core/schedule/reason.ts';
import { dateText, daysText, lengthText, nameIn, uncapital, type Speech } from './speech.ts';

/** What decided a date, in half a sentence: "every 3 months after Mon, Aug 24". What moved it last says most. */
export function gistText(speech: Speech, reasons: readonly Reason[]): string {
  const { t } = speech;
  for (const reason of [...reasons].reverse()) {
    const said = moveGist(speech, reason);
    if (said !== null) return said;
  }
  const rule = reasons.map((reason) => ruleGist(speech, reason)).find((said) => said !== null);
  return rule ?? doneGist(speech, reasons) ?? t('gist.noRecord');
}

function moveGist(speech: Speech, reason: Reason): string | null {
  const { t } = speech;
  switch (reason.kind) {
    case 'handy':
      return t('gist.handy', { with: speech.dutyTitle(reason.with) });
    case 'bound':
      return t('gist.bound', { with: speech.dutyTitle(reason.with) });
    case 'pull':
      return t('gist.pull', { on: dateText(speech, reason.on) });
    case 'putOff':
      return t('gist.putOff', { why: reason.why });
    case 'termsBegan':
      return t('gist.termsBegan');
    case 'caughtUp':
      return t('gist.caughtUp');
    case 'openedAgain':
      return t('gist.openedAgain', { on: dateText(speech, reason.on) });
    default:
      return null;
  }
}

function ruleGist(speech: Speech, reason: Reason): string | null {
  const { t } = speech;
  switch (reason.kind) {
    case 'clockChange':
      return t(`gist.clock.${reason.season}`);
    case 'listed':
      return t('gist.listed');
    case 'season':
      return t('gist.season', { anchor: t(`anchor.${reason.anchor}`) });
    case 'age':
      return t('gist.age');
    case 'printedEnd':
      return t('gist.printedEnd');
    case 'ageUnknown':
      return t('gist.ageUnknown');
    case 'usage':
      return t('gist.usage', { meter: nameIn(speech, 'measure', reason.meter) });
    case 'called':
      return t('gist.called', { on: dateText(speech, reason.on) });
    case 'trigger': {
      const name = nameIn(speech, 'trigger', reason.trigger);
      return t('gist.trigger', {
        trigger: uncapital(name),
        on: dateText(speech, reason.on),
      });
    }
    default:
      return null;
  }
}

function doneGist(speech: Speech, reasons: readonly Reason[]): string | null {
  const { t } = speech;
  const find = <K extends Reason['kind']>(kind: K) =>
    reasons.find((reason): reason is Extract<Reason, { kind: K }> => reason.kind === kind);
  const last = find('lastDone');
  const interval = find('interval');
  if (!last || !interval) return null;
  const on = dateText(speech, last.on);
  const factors = find('factors');
  if (!factors) return t('gist.done', { every: lengthText(speech, interval.every), on });
  const days = find('floor')?.floorDays ?? factors.days;
  return t('gist.factors', { days: daysText(speech, days), on }, factors.held < 1 ? 1 : 2);
}
