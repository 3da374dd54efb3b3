import type { RouteLocationRaw } from 'vue-router';
import type { KnownBody } from '../../../contract/known.ts';
import type { HouseBody, LedgerPage, ScheduleRow } from '../../../contract/schemas.ts';
import { searchIn } from '../../../core/basics/textSearch.ts';
import { currentUnit } from '../../../core/house/house.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { thingName } from '../../../locales/thingName.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText, words, type Speech } from '../../../locales/speech.ts';
import { lineInWords } from '../../parts/entry/describe.ts';

/** One answer to a search, and where it leads. */
export interface Hit {
  readonly key: string;
  readonly title: string;
  readonly more: string;
  readonly to: RouteLocationRaw;
}

/** So many answers of a group are shown: who sees more than these types another word. */
export const HITS_SHOWN = 5;

const thing = (house: HouseBody, assetId: string): RouteLocationRaw => ({
  name: 'thing',
  params: { homeId: house.home.id, assetId },
});

/** Tasks by their name or their thing: when each was last done and when it is due. They lead to the thing. */
export function taskHits(
  text: string,
  house: HouseBody,
  rows: readonly ScheduleRow[],
  known: KnownBody | null,
  speech: Speech,
): Hit[] {
  const { t } = speech;
  const all = house.duties.flatMap((duty) => {
    const asset = currentUnit(house.assets, duty.asset);
    return asset ? [{ duty, asset, title: practiceTitle(speech, duty.practice) }] : [];
  });
  return searchIn(text, all, ({ title, asset }) => [title, asset.name])
    .slice(0, HITS_SHOWN)
    .map(({ duty, asset, title }) => {
      const occurrence = rows.find(({ dutyId }) => dutyId === duty.id)?.occurrence;
      const last = known?.lastDone[duty.id];
      const more = [
        asset.name,
        last ? t('today.lastDone', { on: dateText(speech, last) }) : t('search.neverDone'),
        occurrence ? t('today.due', { due: dateText(speech, occurrence.window.due) }) : '',
      ];
      return { key: duty.id, title, more: more.filter(Boolean).join(' · '), to: thing(house, asset.id) };
    });
}

/** Things that stand in the house, by their name or their kind. */
export function thingHits(text: string, house: HouseBody, speech: Speech): Hit[] {
  const { t } = speech;
  const current = house.assets.filter(({ id }) => currentUnit(house.assets, id)?.id === id);
  return searchIn(text, current, ({ name, kind }) => [name, t(`assetKind.${kind}`)])
    .slice(0, HITS_SHOWN)
    .map((asset) => ({
      key: asset.id,
      title: thingName(speech, asset, house.spaces),
      more: house.spaces.find((one) => one.id === asset.space)?.name ?? t(`assetKind.${asset.kind}`),
      to: thing(house, asset.id),
    }));
}

/** How-tos by their title. */
export const howToHits = (
  text: string,
  house: HouseBody,
  practices: readonly Practice[],
  speech: Speech,
): Hit[] =>
  searchIn(text, practices, ({ title }) => [words(speech, title)])
    .slice(0, HITS_SHOWN)
    .map(({ code, title, system }) => ({
      key: code,
      title: words(speech, title),
      more: speech.t(`system.${system}`),
      to: { name: 'practices', params: { homeId: house.home.id }, query: { find: words(speech, title) } },
    }));

/** Entries the server found, leading to the record with the same search. */
export const recordHits = (
  text: string,
  house: HouseBody,
  lines: LedgerPage['lines'],
  speech: Speech,
): Hit[] =>
  lines.map(({ entry }) => {
    const { on, kind, text: said } = lineInWords(entry, house, speech);
    return {
      key: entry.id,
      title: `${kind}: ${said}`,
      more: on,
      to: { name: 'ledger', params: { homeId: house.home.id }, query: { text } },
    };
  });
