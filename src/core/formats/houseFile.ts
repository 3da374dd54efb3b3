import { z } from 'zod';
import { practiceSchema } from '../catalogue/practice.ts';
import { weatherSchema } from '../climate/weather.ts';
import type { FindPractice } from '../house/timingOf.ts';
import { codeSchema } from '../schedule/rule.ts';
import { assetSchema, dutySchema, homeSchema, personSchema, spaceSchema } from '../house/house.ts';
import { entrySchema } from '../ledger/entry.ts';
import { referencesOf, type Reference } from '../ledger/references.ts';

/** The format's name and version, first in the file. */
export const HOUSE_FILE_FORMAT = 'salt-ledger-house';
export const HOUSE_FILE_VERSION = 1;

const shapeSchema = z.strictObject({
  format: z.literal(HOUSE_FILE_FORMAT),
  version: z.literal(HOUSE_FILE_VERSION),
  home: homeSchema,
  people: z.array(personSchema),
  spaces: z.array(spaceSchema),
  assets: z.array(assetSchema),
  duties: z.array(dutySchema),
  practices: z
    .array(practiceSchema)
    .max(500)
    .optional()
    .meta({ description: 'Practices the home has added to the catalogue' }),
  hidden: z.array(codeSchema).max(1_000).optional().meta({ description: 'Codes of practices it hides' }),
  weather: weatherSchema
    .optional()
    .meta({ description: 'What the almanac tells; without it the home’s own station is asked' }),
  entries: z.array(entrySchema).meta({ description: 'The ledger, in the order it was written' }),
});

/** One house with its whole ledger. Besides the shape, every id must be unique and every reference must lead somewhere. */
export const houseFileSchema = shapeSchema
  .superRefine((file, context) => {
    for (const { path, problem } of findFaults(file))
      context.addIssue({ code: 'custom', path, params: { problem }, message: FAULTS[problem] });
  })
  .meta({ id: 'HouseFile', title: 'Salt Ledger house file, version 1' });
export type HouseFile = z.infer<typeof shapeSchema>;

/** What can be wrong between the parts of a file, and what would be right. */
const FAULTS = {
  'practice-unknown': 'must be the code of a practice in the catalogue, or of one in the file',
  'duplicate-id': 'must be an id that nothing else of its kind in the file has',
  'reference-unknown': 'must be the id of something in the file',
  'reference-later': 'must be the id of an entry further up: the ledger is in the order it was written',
  cycle: 'must not lead back to itself',
  'adopted-twice': 'must be a duty that no earlier entry adopts',
  'not-adopted': 'must have an entry of kind "adopted", which says since when and on what terms',
  'two-successors': 'must be an asset that no other asset succeeds',
} as const;

export interface Fault {
  readonly path: (string | number)[];
  readonly problem: keyof typeof FAULTS;
}

/** Duties whose practice neither the catalogue nor the file itself has. */
export function unknownPractices(file: Pick<HouseFile, 'duties'>, find: FindPractice): Fault[] {
  return file.duties.flatMap(({ practice }, index): Fault[] =>
    practice.from === 'catalogue' && !find(practice.code)
      ? [{ path: ['duties', index, 'practice', 'code'], problem: 'practice-unknown' }]
      : [],
  );
}

function findFaults(file: HouseFile): Fault[] {
  return [...duplicateIds(file), ...houseFaults(file), ...ledgerFaults(file)];
}

function duplicateIds(file: HouseFile): Fault[] {
  const faults: Fault[] = [];
  for (const list of ['people', 'spaces', 'assets', 'duties', 'entries'] as const) {
    const seen = new Set<string>();
    file[list].forEach(({ id }, index) => {
      if (seen.has(id)) faults.push({ path: [list, index, 'id'], problem: 'duplicate-id' });
      seen.add(id);
    });
  }
  return faults;
}

function houseFaults(file: HouseFile): Fault[] {
  const faults: Fault[] = [];
  const spaces = new Set(file.spaces.map(({ id }) => id));
  const assets = new Map(file.assets.map((asset) => [asset.id, asset]));
  const succeeded = new Set<string>();
  file.assets.forEach((asset, index) => {
    const at = (field: string, problem: Fault['problem']) =>
      faults.push({ path: ['assets', index, field], problem });
    if (asset.space !== undefined && !spaces.has(asset.space)) at('space', 'reference-unknown');
    for (const field of ['partOf', 'succeeds'] as const) {
      const id = asset[field];
      if (id === undefined) continue;
      if (!assets.has(id)) at(field, 'reference-unknown');
      else if (leadsBack(asset.id, (from) => assets.get(from)?.[field])) at(field, 'cycle');
    }
    if (asset.serves?.some((id) => !assets.has(id))) at('serves', 'reference-unknown');
    if (asset.succeeds !== undefined) {
      if (succeeded.has(asset.succeeds)) at('succeeds', 'two-successors');
      succeeded.add(asset.succeeds);
    }
  });
  const duties = new Set(file.duties.map(({ id }) => id));
  file.duties.forEach(({ asset, companions }, index) => {
    if (!assets.has(asset)) faults.push({ path: ['duties', index, 'asset'], problem: 'reference-unknown' });
    for (const kind of ['bound', 'handy'] as const)
      if (companions?.[kind]?.some((id) => !duties.has(id)))
        faults.push({ path: ['duties', index, 'companions', kind], problem: 'reference-unknown' });
  });
  return faults;
}

function leadsBack(start: string, next: (id: string) => string | undefined): boolean {
  const seen = new Set<string>();
  for (let id = next(start); id !== undefined && !seen.has(id); id = next(id)) {
    if (id === start) return true;
    seen.add(id);
  }
  return false;
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
  const adopted = new Set<string>();
  file.entries.forEach((entry, index) => {
    if (!known.person.has(entry.by))
      faults.push({ path: ['entries', index, 'by'], problem: 'reference-unknown' });
    for (const reference of referencesOf(entry.body)) {
      if (known[reference.to].has(reference.id)) continue;
      const problem =
        reference.to === 'entry' && all.has(reference.id) ? 'reference-later' : 'reference-unknown';
      faults.push({ path: ['entries', index, 'body', ...fieldPath(reference)], problem });
    }
    if (entry.body.kind === 'adopted') {
      if (adopted.has(entry.body.duty))
        faults.push({ path: ['entries', index, 'body', 'duty'], problem: 'adopted-twice' });
      adopted.add(entry.body.duty);
    }
    known.entry.add(entry.id);
  });
  file.duties.forEach(({ id }, index) => {
    if (!adopted.has(id)) faults.push({ path: ['duties', index, 'id'], problem: 'not-adopted' });
  });
  return faults;
}

const fieldPath = ({ field }: Reference): string[] => field.split('.');
