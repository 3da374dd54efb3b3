import { assertNever } from '../core/result.ts';
import type { Reason } from '../core/schedule/reason.ts';
import type { Factor } from '../core/schedule/terms.ts';
import { dateText, daysText, lengthText, type Speech } from './speech.ts';
import { enUS } from './en-US.ts';

const round = (value: number): number => Math.round(value * 100) / 100;

/** The name of a factor: the catalogue's words for its code, or the user's own. */
export function factorName({ t }: Speech, code: string): string {
  return code in enUS.factor ? t(`factor.${code}`) : code;
}

const factorList = (speech: Speech, factors: readonly Factor[]): string =>
  speech.formats.list(factors.map(({ code, value }) => `${factorName(speech, code)} ×${round(value)}`));

/** One step of a derivation as a sentence. */
export function reasonText(speech: Speech, reason: Reason): string {
  const { t } = speech;
  const date = dateText.bind(null, speech);
  switch (reason.kind) {
    case 'lastDone':
      return t(`reason.lastDone.${reason.how}`, { on: date(reason.on) });
    case 'interval':
      return capital(
        t('reason.interval', { every: lengthText(speech, reason.every), due: date(reason.due) }),
      );
    case 'factors': {
      const { product, held, days, due } = reason;
      const said = {
        factors: factorList(speech, reason.factors),
        held: round(held),
        days: daysText(speech, days),
        due: date(due),
      };
      return round(product) === round(held)
        ? t('reason.factors', said)
        : t('reason.factorsHeld', { ...said, product: round(product) });
    }
    case 'floor':
      return t('reason.floor', { floor: daysText(speech, reason.floorDays), due: date(reason.due) });
    case 'plainHolds':
      return t(`reason.plainHolds.${reason.side}`, { due: date(reason.due) });
    case 'noRecord':
    case 'termsBegan':
    case 'listed':
      return t(`reason.${reason.kind}`, { due: date(reason.due) });
    case 'clockChange': {
      const key = reason.conventional ? 'clockConventional' : 'clockChange';
      return t(`reason.${key}.${reason.season}`, { zone: reason.zone, due: date(reason.due) });
    }
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
  }
  return assertNever(reason);
}

/** What decided a date, in half a sentence: "every 3 months after Mon, Aug 24". */
export function gistText(speech: Speech, reasons: readonly Reason[]): string {
  const { t } = speech;
  const find = <K extends Reason['kind']>(kind: K) =>
    reasons.find((reason): reason is Extract<Reason, { kind: K }> => reason.kind === kind);
  const putOff = find('putOff');
  if (putOff) return t('gist.putOff', { why: putOff.why });
  if (find('termsBegan')) return t('gist.termsBegan');
  const clock = find('clockChange');
  if (clock) return t(`gist.clock.${clock.season}`);
  if (find('listed')) return t('gist.listed');
  const last = find('lastDone');
  const interval = find('interval');
  if (!last || !interval) return t('gist.noRecord');
  const on = dateText(speech, last.on);
  const factors = find('factors');
  if (!factors) return t('gist.done', { every: lengthText(speech, interval.every), on });
  const days = find('floor')?.floorDays ?? factors.days;
  return t('gist.factors', { days: daysText(speech, days), on }, factors.held < 1 ? 1 : 2);
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
