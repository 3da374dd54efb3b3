import type { HouseBody } from '../../../contract/schemas.ts';
import { isCivilDate } from '../../../core/calendar/civilDate.ts';
import { unitsOfLine } from '../../../core/house/house.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import type { Speech } from '../../../locales/speech.ts';
import { isFault, readCost } from '../../parts/typed/fields.ts';

/** The filters of the ledger as they stand in its form and in its address. */
export const FILTER_FIELDS = [
  'text',
  'kind',
  'asset',
  'task',
  'person',
  'verdict',
  'from',
  'to',
  'cost',
  'setup',
] as const;
export type FilterField = (typeof FILTER_FIELDS)[number];
export type FilterDraft = Record<FilterField, string>;

export const NO_FILTER: FilterDraft = {
  text: '',
  kind: '',
  asset: '',
  task: '',
  person: '',
  verdict: '',
  from: '',
  to: '',
  cost: '',
  setup: '',
};

export const isFiltered = (draft: FilterDraft): boolean =>
  FILTER_FIELDS.some((field) => draft[field].trim() !== '');

/** The tasks of a house by their name, for choosing. */
export const tasksOf = (house: HouseBody, speech: Speech): string[] =>
  [...new Set(house.duties.map(({ practice }) => practiceTitle(speech, practice)))].sort((a, b) =>
    a.localeCompare(b),
  );

/** The query for the server, or the first field that is wrong. Names are looked up in the words on screen. */
export function filterQuery(
  draft: FilterDraft,
  house: HouseBody,
  speech: Speech,
  digits: number,
): { readonly query: Record<string, string | number> } | { readonly wrong: FilterField } {
  for (const field of ['from', 'to'] as const)
    if (draft[field] !== '' && !isCivilDate(draft[field])) return { wrong: field };
  const cost = readCost(draft.cost, digits);
  if (isFault(cost)) return { wrong: 'cost' };
  const titled = (fits: (title: string) => boolean): string[] =>
    house.duties.filter(({ practice }) => fits(practiceTitle(speech, practice))).map(({ id }) => id);
  const text = draft.text.trim();
  const words = text.toLowerCase();
  const named =
    text === ''
      ? []
      : [
          ...titled((title) => title.toLowerCase().includes(words)),
          ...house.assets.filter(({ name }) => name.toLowerCase().includes(words)).map(({ id }) => id),
        ];
  const things = draft.asset === '' ? [] : unitsOfLine(house.assets, draft.asset);
  const duties = house.duties
    .filter(({ asset }) => things.length === 0 || things.includes(asset))
    .filter(({ practice }) => draft.task === '' || practiceTitle(speech, practice) === draft.task)
    .map(({ id }) => id);
  return {
    query: {
      ...(text !== '' && { text }),
      ...(named.length > 0 && { named: named.slice(0, 300).join() }),
      ...(draft.kind !== '' && { kind: draft.kind }),
      ...(things.length > 0 && draft.task === '' && { assets: things.join() }),
      ...((draft.task !== '' || things.length > 0) && { duties: duties.join() }),
      ...(draft.person !== '' && { person: draft.person }),
      ...(draft.verdict !== '' && { verdict: draft.verdict }),
      ...(draft.from !== '' && { from: draft.from }),
      ...(draft.to !== '' && { to: draft.to }),
      ...(cost !== null && { leastCost: cost }),
      // A kind that is asked for is shown, whatever it is.
      ...(draft.setup === '' && draft.kind === '' && { setup: 'hidden' }),
    },
  };
}
