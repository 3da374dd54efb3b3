import type { CivilDate } from '../core/calendar/civilDate.ts';
import type { DueItem } from '../core/formats/dueReport.ts';
import type { HouseFile } from '../core/formats/houseFile.ts';
import { formatsFor } from '../locales/format.ts';
import { plainTranslate } from '../locales/plain.ts';
import { practiceTitle } from '../locales/practiceText.ts';
import { reasonText } from '../locales/reasonText.ts';
import type { Speech } from '../locales/speech.ts';

/** The due list as lines to read, in the home's own wording, what is due first on top. */
export function dueText(house: HouseFile, items: readonly DueItem[], on: CivilDate): string {
  const { vocabulary } = house.home;
  const speech: Speech = { t: plainTranslate(vocabulary), formats: formatsFor(vocabulary), today: on };
  const sorted = [...items].sort((a, b) => ((a.due ?? '9') < (b.due ?? '9') ? -1 : 1));
  return [
    `${house.home.name}, ${speech.formats.longDate(on)}`,
    ...sorted.map((item) => itemText(house, item, speech)),
  ].join('\n\n');
}

function itemText(house: HouseFile, item: DueItem, speech: Speech): string {
  const { t, formats, today } = speech;
  const duty = house.duties.find(({ id }) => id === item.duty);
  const title = duty ? practiceTitle(t, duty.practice) : item.practice;
  const asset = house.assets.find(({ id }) => id === item.asset)?.name ?? item.asset;
  const standing = t(`standing.${item.baseline ? 'baseline' : (item.standing ?? 'none')}`);
  const lines = [
    `${item.due ?? '----------'}  ${t('cli.unit', { duty: title, asset })}  [${item.retired ? t('cli.retired') : standing}]`,
  ];
  if (item.due !== null && item.earliest !== null && item.latest !== null) {
    const span = t('cli.window', { earliest: item.earliest, latest: item.latest });
    lines.push(`            ${formats.longDate(item.due)}, ${formats.distance(today, item.due)}; ${span}`);
  }
  lines.push(...item.reasons.map((reason) => `            ${reasonText(speech, reason)}`));
  lines.push(...item.missed.map((one) => `            ${t('cli.missed', { ...one })}`));
  lines.push(...item.extras.map((one) => `            ${t('cli.extra', { ...one })}`));
  return lines.join('\n');
}
