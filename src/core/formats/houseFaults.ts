import type { CivilDate } from '../calendar/civilDate.ts';
import type { FindPractice } from '../house/timingOf.ts';
import { fitsSpec } from '../house/factSpec.ts';
import { specOf } from '../house/factsOfKind.ts';
import type { Asset } from '../house/house.ts';
import { traitFits } from '../house/traitSpec.ts';
import { checkCorrection } from '../ledger/corrections.ts';
import type { Entry } from '../ledger/entry.ts';
import type { Reference } from '../ledger/kinds/kind.ts';
import { referencesOf } from '../ledger/references.ts';
import { Threads } from '../ledger/threads.ts';
import type { HouseFile } from './houseFileShape.ts';
import { idsOnCircles } from './idsOnCircles.ts';

/** Faults between the parts of a file, and the right values. */
export const FAULTS = {
  'practice-unknown': 'must be the code of a practice in the catalogue, or of one in the file',
  'practice-taken': 'must be a code that the catalogue does not have',
  'duplicate-id': 'must be an id that nothing else of its kind in the file has',
  'used-twice': 'must not be given twice',
  'reference-unknown': 'must be the id of something in the file',
  'reference-later': 'must be the id of an entry further up: the ledger is in the order it was written',
  cycle: 'must not lead back to itself',
  'adopted-twice': 'must be a duty that no earlier entry adopts',
  'not-adopted': 'must have an entry of kind "adopted", which says since when and on what terms',
  'two-successors': 'must be an asset that no other asset succeeds',
  'target-not-correctable': 'must be an entry of a kind that can be corrected so',
  'target-voided': 'must be an entry that still stands',
  'field-not-in-kind': 'must be a part that an entry of that kind has',
  'date-after-correction': 'must not be later than the date of the correction itself',
  'fact-value': 'must be a value that this fact of this kind of asset can have',
  'trait-value': 'must be a value this trait can have',
} as const;

export interface Fault {
  readonly path: (string | number)[];
  readonly problem: keyof typeof FAULTS;
}

/** Duties whose practice neither the catalogue nor the file itself has, and practices of the file that stand in the catalogue's place. */
export function practiceFaults(
  { duties, practices = [] }: Pick<HouseFile, 'duties' | 'practices'>,
  find: FindPractice,
): Fault[] {
  const own = new Set(practices.map(({ code }) => code));
  return [
    ...practices.flatMap(({ code }, index): Fault[] =>
      find(code) ? [{ path: ['practices', index, 'code'], problem: 'practice-taken' }] : [],
    ),
    ...duties.flatMap(({ practice }, index): Fault[] =>
      practice.from === 'catalogue' && !own.has(practice.code) && !find(practice.code)
        ? [{ path: ['duties', index, 'practice', 'code'], problem: 'practice-unknown' }]
        : [],
    ),
  ];
}

/** Everything that does not fit together in a file, each by its path. */
export function findFaults(file: HouseFile): Fault[] {
  return [
    ...duplicateIds(file),
    ...assetFaults(file),
    ...dutyFaults(file),
    ...attachmentFaults(file),
    ...ledgerFaults(file),
  ];
}

function duplicateIds(file: HouseFile): Fault[] {
  const faults: Fault[] = [];
  for (const list of ['people', 'spaces', 'assets', 'duties', 'entries'] as const)
    for (const index of repeated(file[list].map(({ id }) => id)))
      faults.push({ path: [list, index, 'id'], problem: 'duplicate-id' });
  for (const list of ['photos', 'papers', 'checklists'] as const)
    for (const index of repeated((file[list] ?? []).map(({ id }) => id)))
      faults.push({ path: [list, index, 'id'], problem: 'duplicate-id' });
  for (const index of repeated((file.practices ?? []).map(({ code }) => code)))
    faults.push({ path: ['practices', index, 'code'], problem: 'duplicate-id' });
  return faults;
}

/** The places of what stood further up already. */
function repeated(ids: readonly string[]): number[] {
  const seen = new Set<string>();
  return ids.flatMap((id, index) => {
    if (seen.has(id)) return [index];
    seen.add(id);
    return [];
  });
}

function assetFaults(file: HouseFile): Fault[] {
  const faults: Fault[] = [];
  const spaces = new Set(file.spaces.map(({ id }) => id));
  const assets = new Set(file.assets.map(({ id }) => id));
  const circles = {
    partOf: idsOnCircles(file.assets, ({ partOf }) => partOf),
    succeeds: idsOnCircles(file.assets, ({ succeeds }) => succeeds),
  };
  const succeeded = new Set<string>();
  file.assets.forEach((asset, index) => {
    const at = (field: string, problem: Fault['problem'], ...more: number[]) =>
      faults.push({ path: ['assets', index, field, ...more], problem });
    if (asset.space !== undefined && !spaces.has(asset.space)) at('space', 'reference-unknown');
    for (const field of ['partOf', 'succeeds'] as const) {
      const id = asset[field];
      if (id === undefined) continue;
      if (!assets.has(id)) at(field, 'reference-unknown');
      else if (circles[field].has(asset.id)) at(field, 'cycle');
    }
    const { serves = [] } = asset;
    if (serves.some((id) => !assets.has(id))) at('serves', 'reference-unknown');
    serves.forEach((id, place) => {
      if (id === asset.id) at('serves', 'cycle', place);
    });
    for (const place of repeated(serves)) at('serves', 'used-twice', place);
    if (asset.succeeds !== undefined) {
      if (succeeded.has(asset.succeeds)) at('succeeds', 'two-successors');
      succeeded.add(asset.succeeds);
    }
  });
  return faults;
}

function dutyFaults(file: HouseFile): Fault[] {
  const assets = new Set(file.assets.map(({ id }) => id));
  const duties = new Set(file.duties.map(({ id }) => id));
  return file.duties.flatMap(({ asset, companions }, index): Fault[] => {
    const faults: Fault[] = [];
    if (!assets.has(asset)) faults.push({ path: ['duties', index, 'asset'], problem: 'reference-unknown' });
    for (const kind of ['bound', 'handy'] as const)
      if (companions?.[kind]?.some((one) => !duties.has(one)))
        faults.push({ path: ['duties', index, 'companions', kind], problem: 'reference-unknown' });
    return faults;
  });
}

/** Photos and papers of things and by people that the file does not have. */
function attachmentFaults({ assets, people, photos = [], papers = [] }: HouseFile): Fault[] {
  const things = new Set(assets.map(({ id }) => id));
  const known = new Set(people.map(({ id }) => id));
  return Object.entries({ photos, papers }).flatMap(([list, some]) =>
    some.flatMap(({ asset, by }, index): Fault[] => [
      ...(asset !== undefined && !things.has(asset)
        ? [{ path: [list, index, 'asset'], problem: 'reference-unknown' as const }]
        : []),
      ...(known.has(by) ? [] : [{ path: [list, index, 'by'], problem: 'reference-unknown' as const }]),
    ]),
  );
}

function ledgerFaults(file: HouseFile): Fault[] {
  const faults: Fault[] = [];
  const known = {
    duty: new Set(file.duties.map(({ id }) => id)),
    asset: new Set(file.assets.map(({ id }) => id)),
    person: new Set(file.people.map(({ id }) => id)),
    entry: new Set<string>(),
  };
  const all = new Set(file.entries.map(({ id }) => id));
  const assets = new Map(file.assets.map((asset) => [asset.id, asset]));
  const adopted = new Set<string>();
  const threads = new Threads([]);
  file.entries.forEach((entry, index) => {
    const at = (problem: Fault['problem'], ...path: string[]) =>
      faults.push({ path: ['entries', index, ...path], problem });
    if (!known.person.has(entry.by)) at('reference-unknown', 'by');
    const lost = referencesOf(entry.body).filter(({ to, id }) => !known[to].has(id));
    for (const reference of lost) {
      const isLater = reference.to === 'entry' && all.has(reference.id);
      at(isLater ? 'reference-later' : 'reference-unknown', 'body', ...fieldPath(reference));
    }
    if (entry.body.kind === 'adopted') {
      if (adopted.has(entry.body.duty)) at('adopted-twice', 'body', 'duty');
      adopted.add(entry.body.duty);
    }
    known.entry.add(entry.id);
    // A correction of nothing, or of a later entry, corrects nothing.
    if (lost.length > 0) return;
    for (const { field, problem } of bodyFaults(entry, threads, assets)) at(problem, 'body', ...field);
    threads.add(entry);
  });
  file.duties.forEach(({ id }, index) => {
    if (!adopted.has(id)) faults.push({ path: ['duties', index, 'id'], problem: 'not-adopted' });
  });
  return faults;
}

interface BodyFault {
  readonly field: readonly string[];
  readonly problem: keyof typeof FAULTS;
}

/** Refusals of a single entry: the same words, whichever way it comes in. */
function bodyFaults(
  { body, date }: Entry,
  threads: Threads,
  assets: ReadonlyMap<string, Asset>,
): readonly BodyFault[] {
  switch (body.kind) {
    case 'amends':
    case 'voids':
      return correctionFaults(body, date, threads);
    case 'replaced':
      return body.asset === body.successor ? [{ field: ['successor'], problem: 'cycle' }] : [];
    case 'fact': {
      const kind = assets.get(body.asset)?.kind;
      const spec = kind && specOf(kind, body.fact);
      return spec && !fitsSpec(spec, body.value) ? [{ field: ['value'], problem: 'fact-value' }] : [];
    }
    case 'trait':
      return traitFits(body.trait, body.value) ? [] : [{ field: ['value'], problem: 'trait-value' }];
    default:
      return [];
  }
}

function correctionFaults(
  body: Extract<Entry['body'], { kind: 'amends' | 'voids' }>,
  dated: CivilDate,
  threads: Threads,
): BodyFault[] {
  const checked = checkCorrection(threads, body, dated);
  if (checked.ok) return [];
  const { code, field } = checked.error;
  // The entry it refers to is known to exist.
  if (code === 'target-unknown') return [];
  return [{ field: field === 'target' ? ['target'] : ['change', field], problem: code }];
}

const fieldPath = ({ field }: Reference): string[] => field.split('.');
