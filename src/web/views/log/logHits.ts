import type { HouseBody, StandingBody } from '../../../contract/schemas.ts';
import { searchIn } from '../../../core/basics/textSearch.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { currentUnit } from '../../../core/house/house.ts';
import type { Practice } from '../../../core/practice/practice.ts';
import { readingsOfKind } from '../../../core/readings/recorded.ts';
import { lists } from '../../../locales/lists.ts';
import { thingName } from '../../../locales/thingName.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { aboutText } from '../../../locales/readings/readingText.ts';
import { capital, dateText, nameIn, type Speech } from '../../../locales/speech.ts';
import { knownProblems } from '../../../core/runs/knownProblems.ts';
import { unitOf, type Unit } from '../../parts/task/lines.ts';
import { seasonName } from '../../parts/season/seasonLines.ts';
import type { LogDraft } from './draft.ts';

/** Something that can be logged: a task that was done, at once, or another kind of entry with its form. */
export type LogHit =
  | {
      readonly kind: 'task';
      readonly key: string;
      readonly title: string;
      readonly more: string;
      readonly dutyId: string;
      readonly asset: string;
      readonly unit: Unit | null;
    }
  | {
      readonly kind: 'form';
      readonly key: string;
      readonly title: string;
      readonly more: string;
      readonly draft: LogDraft;
    }
  | {
      readonly kind: 'season';
      readonly key: string;
      readonly title: string;
      readonly more: string;
      readonly line: StandingBody['lines'][number];
    };

export interface LogSources {
  readonly house: HouseBody;
  readonly rows: readonly Parameters<typeof unitOf>[1][];
  readonly on: CivilDate;
  readonly lastDone: (dutyId: string) => CivilDate | undefined;
  readonly lines: StandingBody['lines'];
  readonly practices: readonly Practice[];
  readonly speech: Speech;
}

/** So many are shown of tasks, and of all else together. */
const SHOWN = 6;

/** The answers of a search in Log: tasks first, then measurements, problems, supplies, events and things shut off for a season. */
export function logHits(search: string, sources: LogSources): LogHit[] {
  const answers = (hits: readonly (LogHit & { readonly words: readonly string[] })[]): LogHit[] =>
    searchIn(search, hits, ({ words }) => words).slice(0, SHOWN);
  return [
    ...answers(taskHits(sources)),
    ...answers([
      ...seasonHits(sources),
      ...readingHits(sources),
      ...problemHits(sources),
      ...listHits(sources),
    ]),
  ];
}

type Worded = LogHit & { readonly words: readonly string[] };

function taskHits({ house, rows, on, lastDone, speech }: LogSources): Worded[] {
  const byDuty = new Map(rows.map((row) => [row.dutyId, row]));
  return house.duties.flatMap((duty): Worded[] => {
    const asset = currentUnit(house.assets, duty.asset);
    const row = byDuty.get(duty.id);
    if (!asset || row?.retired === true) return [];
    const unit = row ? unitOf(house, row, on) : null;
    const title = practiceTitle(speech, duty.practice);
    const last = lastDone(duty.id);
    const more = [
      asset.name,
      unit ? speech.t('today.due', { due: dateText(speech, unit.occurrence.window.due) }) : '',
      last ? speech.t('today.lastDone', { on: dateText(speech, last) }) : speech.t('today.lastNone'),
    ];
    return [
      {
        kind: 'task',
        key: duty.id,
        title,
        more: more.filter(Boolean).join(' · '),
        dutyId: duty.id,
        asset: asset.id,
        unit,
        words: [title, thingName(speech, asset, house.spaces), unit?.place ?? ''],
      },
    ];
  });
}

/** The things that stand in the house now. */
const current = (house: HouseBody) =>
  house.assets.filter(({ id }) => !house.assets.some(({ succeeds }) => succeeds === id));

function readingHits({ house, speech }: LogSources): Worded[] {
  return current(house).flatMap((asset) =>
    readingsOfKind(asset.kind).map((code): Worded => {
      const { title } = aboutText({ ...speech, currency: house.home.currency }, code);
      return {
        kind: 'form',
        key: `reading ${asset.id} ${code}`,
        title,
        more: `${speech.t('note.kinds.reading')} · ${thingName(speech, asset, house.spaces)}`,
        draft: { kind: 'reading', thing: asset.id, measurement: code },
        words: [title, thingName(speech, asset, house.spaces)],
      };
    }),
  );
}

function problemHits({ house, practices, speech }: LogSources): Worded[] {
  return current(house).flatMap((asset) =>
    knownProblems(asset.kind, practices).map(({ trigger }): Worded => {
      const title = nameIn(speech, 'trigger', trigger);
      return {
        kind: 'form',
        key: `problem ${asset.id} ${trigger}`,
        title,
        more: `${speech.t('note.kinds.finding')} · ${thingName(speech, asset, house.spaces)}`,
        draft: { kind: 'finding', thing: asset.id, what: title },
        words: [title, thingName(speech, asset, house.spaces)],
      };
    }),
  );
}

/** Supplies that came or went, and what happened to the house. */
function listHits({ speech }: LogSources): Worded[] {
  const supplies = Object.keys(lists.supply).map((code): Worded => {
    const title = capital(nameIn(speech, 'supply', code));
    const draft: LogDraft = { kind: 'stock', supply: code };
    return {
      kind: 'form',
      key: `supply ${code}`,
      title,
      more: speech.t('note.kinds.stock'),
      draft,
      words: [title],
    };
  });
  const events = Object.keys(lists.trigger).map((code): Worded => {
    const title = nameIn(speech, 'trigger', code);
    const draft: LogDraft = { kind: 'event', trigger: code };
    return {
      kind: 'form',
      key: `event ${code}`,
      title,
      more: speech.t('note.kinds.event'),
      draft,
      words: [title],
    };
  });
  return [...supplies, ...events];
}

function seasonHits({ lines, house, speech }: LogSources): Worded[] {
  return lines.map((line): Worded => {
    const title = seasonName(speech, house, line);
    const more = speech.t(`log.season.${line.standing}`);
    const what = nameIn(speech, 'state', line.state);
    return {
      kind: 'season',
      key: `${line.asset} ${line.state}`,
      title,
      more,
      line,
      words: [title, what, more],
    };
  });
}
