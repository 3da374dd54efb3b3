import type { CivilDate } from '../core/calendar/civilDate.ts';
import type { DueItem } from '../core/formats/dueReport.ts';
import type { HouseFile } from '../core/formats/houseFileShape.ts';
import type { FindPractice } from '../core/house/timingOf.ts';
import { formatsFor } from '../locales/format.ts';
import { plainTranslate } from '../locales/plain.ts';
import { practiceTitle } from '../locales/practiceText.ts';
import { reasonText } from '../locales/reasonText.ts';
import { sleepText } from '../locales/sleepText.ts';
import type { Speech } from '../locales/speech.ts';

/** The due list as lines to read, in the home's own wording, what is due first on top. */
export function dueText(
  house: HouseFile,
  items: readonly DueItem[],
  { on, find }: { on: CivilDate; find: FindPractice },
): string {
  const { vocabulary, units } = house.home;
  const wording = { vocabulary, units };
  const titleOf = (id: string): string => {
    const duty = house.duties.find((one) => one.id === id);
    return duty ? practiceTitle({ find, wording }, duty.practice) : id;
  };
  const formats = formatsFor(vocabulary);
  const speech: Speech = {
    t: plainTranslate(vocabulary),
    formats,
    today: on,
    find,
    wording,
    dutyTitle: titleOf,
  };
  const sorted = [...items].sort((a, b) => ((a.due ?? '9') < (b.due ?? '9') ? -1 : 1));
  return [
    `${house.home.name}, ${speech.formats.longDate(on)}`,
    ...sorted.map((item) => itemText(house, item, speech)),
  ].join('\n\n');
}

const INDENT = ' '.repeat(12);

function itemText(house: HouseFile, item: DueItem, speech: Speech): string {
  const { t, formats, today } = speech;
  const asset = house.assets.find(({ id }) => id === item.asset)?.name ?? item.asset;
  const standing = t(`standing.${item.baseline ? 'baseline' : (item.standing ?? 'none')}`);
  const title = t('cli.unit', { duty: speech.dutyTitle(item.duty), asset });
  const lines = [`${item.due ?? '----------'}  ${title}  [${item.retired ? t('cli.retired') : standing}]`];
  if (item.due !== null && item.earliest !== null && item.latest !== null) {
    const span = t('cli.window', { earliest: item.earliest, latest: item.latest });
    lines.push(`${INDENT}${formats.longDate(item.due)}, ${formats.distance(today, item.due)}; ${span}`);
  }
  const more = [
    ...(item.asks === 'look' ? [t('cli.look')] : []),
    ...item.reasons.map((reason) => reasonText(speech, reason)),
    ...(item.sleep ? [sleepText(speech, item.sleep)] : []),
    ...(item.bookBy === null ? [] : [t('cli.bookBy', { on: item.bookBy })]),
    ...(item.orderBy === null ? [] : [t('cli.orderBy', { on: item.orderBy })]),
    ...item.missed.map((one) => t('cli.missed', { ...one })),
    ...item.extras.map((one) => t('cli.extra', { ...one })),
  ];
  return [...lines, ...more.map((line) => `${INDENT}${line}`)].join('\n');
}
