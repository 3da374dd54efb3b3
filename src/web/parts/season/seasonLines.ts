import type { HouseBody, StandingBody } from '../../../contract/schemas.ts';
import { daysBetween } from '../../../core/calendar/civilDate.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { thingName } from '../../../locales/thingName.ts';
import { dateText, nameIn, type Speech } from '../../../locales/speech.ts';

type SeasonLine = StandingBody['lines'][number];

/** An unknown state is asked for when its change is this near, days. */
const ASKED_DAYS = 30;

/** States of things that frost breaks when they are left full of water. */
const FROST_STATES: ReadonlySet<string> = new Set([
  'outdoor-tap',
  'irrigation',
  'evaporative-cooler',
  'pool',
]);

/** A thing by its name, with what of it is shut where the name alone does not say. */
export function seasonName(speech: Speech, house: HouseBody, { asset, state }: SeasonLine): string {
  const unit = currentUnit(house.assets, asset);
  const name = unit ? thingName(speech, unit, house.spaces) : '';
  const what = nameIn(speech, 'state', state);
  const last = what.toLowerCase().split(' ').at(-1) ?? '';
  return name.toLowerCase().includes(last) ? name : `${name} (${what})`;
}

/** Things that frost could still harm: open, or not known. */
export const openToFrost = (lines: readonly SeasonLine[]): SeasonLine[] =>
  lines.filter(({ state, standing }) => FROST_STATES.has(state) && standing !== 'closed');

/** Things to ask about, because their season changes soon and their state is not known. */
export const askedSoon = (speech: Speech, lines: readonly SeasonLine[]): SeasonLine[] =>
  lines.filter(
    ({ standing, nextOn }) =>
      standing === 'unknown' && nextOn !== null && daysBetween(speech.today, nextOn) <= ASKED_DAYS,
  );

/** Since when a thing is shut off, and when it is to be opened again. */
export function shutText(
  speech: Speech,
  { since, reopens }: SeasonLine,
): { since: string; again: string; late: boolean } {
  const { t, today } = speech;
  const text = since === null ? '' : t('strip.since', { since: dateText(speech, since) });
  if (!reopens) return { since: text, again: '', late: false };
  const duty = speech.dutyTitle(reopens.dutyId);
  if (reopens.on === null) return { since: text, again: t('strip.reopensSome', { duty }), late: false };
  const late = reopens.on < today;
  const on = dateText(speech, reopens.on);
  return { since: text, again: t(late ? 'strip.reopensLate' : 'strip.reopens', { on }), late };
}
