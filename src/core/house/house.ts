import { unitSystemSchema } from '../basics/unitSystem.ts';
import { z } from 'zod';
import { text } from '../basics/text.ts';
import { zoneSchema } from '../calendar/zone.ts';
import { civilDateSchema } from '../calendar/civilDate.ts';
import type { Practice } from '../practice/practice.ts';
import { partialDay } from '../calendar/partialDate.ts';
import { climateSchema } from '../climate/climateSchema.ts';
import { idSchema } from '../basics/id.ts';
import { codeSchema } from '../basics/code.ts';
import { timingShape, timingSchema } from '../practice/timing.ts';
import { assetKindSchema } from '../basics/assetKind.ts';
import { factValueSchema, type FactValue } from '../basics/factValue.ts';

const name = text().trim().min(1).max(120);

export const hemisphereSchema = z.enum(['north', 'south']);
export const vocabularySchema = z.enum(['en-US', 'en-GB']);

/** A currency by its three capital letters. */
const CURRENCY = /^[A-Z]{3}$/;
export const currencySchema = z
  .string()
  .refine((text) => CURRENCY.test(text), {
    params: { problem: 'currency' },
    message: 'must be three capital letters, such as USD',
  })
  .meta({ pattern: CURRENCY.source });

/** A home: everything that decides how its dates, units and words are meant. */
export const homeFieldsSchema = z.strictObject({
  name,
  zone: zoneSchema,
  hemisphere: hemisphereSchema,
  units: unitSystemSchema,
  vocabulary: vocabularySchema,
  currency: currencySchema,
  climate: climateSchema.optional(),
});
export const homeSchema = homeFieldsSchema.extend({ id: idSchema }).meta({ id: 'Home' });

/** Someone entries speak of: a member, a former member or a helper without an account. Entries know only the id. */
export const personSchema = z.strictObject({ id: idSchema, name }).meta({ id: 'Person' });

export const sideSchema = z.enum(['north', 'east', 'south', 'west']);

/** The use of a part of a house: where people sleep decides where alarms belong. */
export const spaceUseSchema = z.enum([
  'bedroom',
  'hall',
  'living',
  'kitchen',
  'bathroom',
  'utility',
  'plant',
  'garage',
  'attic',
  'crawl-space',
  'outdoors',
  'other',
]);
export type SpaceUse = z.infer<typeof spaceUseSchema>;

/** A part of the house. `storey`: 0 is the ground floor. `side`: of an outdoor space. */
export const spaceSchema = z
  .strictObject({
    id: idSchema,
    name,
    use: spaceUseSchema.optional(),
    storey: z.int().min(-5).max(50).optional(),
    side: sideSchema.optional(),
  })
  .meta({ id: 'Space' });

/** Whether a value can be a fact of that name: `made`, the date of manufacture, must be a date known at least to the year. */
export function factFits(fact: string, value: FactValue): boolean {
  if (fact !== 'made' || value === null) return true;
  return typeof value === 'string' && partialDay(value) !== null;
}

/** A thing that is kept. `partOf` one asset; may `serve` several; `succeeds` the one it replaced. Facts may be null: not known yet. */
export const assetSchema = z
  .strictObject({
    id: idSchema,
    kind: assetKindSchema,
    name,
    space: idSchema.optional(),
    partOf: idSchema.optional(),
    serves: z.array(idSchema).max(50).optional(),
    succeeds: idSchema.optional(),
    installed: civilDateSchema.nullable().optional(),
    facts: z.record(text().max(60), factValueSchema).optional(),
  })
  .refine(({ facts }) => facts?.['made'] === undefined || factFits('made', facts['made']), {
    path: ['facts', 'made'],
    params: { problem: 'partial-date' },
    message: 'must be a year, month or day written YYYY, YYYY-MM or YYYY-MM-DD',
  })
  .meta({ id: 'Asset' });

/** The work on an asset: a practice of the catalogue (or one the home added to it), or one in the home's own words. */
export const dutyPracticeSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('catalogue'), code: codeSchema }),
  z.strictObject({
    from: z.literal('home'),
    title: name,
    ...timingShape,
    needs: timingSchema.shape.needs,
  }),
]);

/** Duties that go with one: `bound` share every date, `handy` ones are worth doing on the same trip. */
const companionIdsSchema = z.strictObject({
  bound: z.array(idSchema).max(20).optional(),
  handy: z.array(idSchema).max(50).optional(),
});

/** A practice applied to one asset. When it was adopted, and on what terms, the ledger says. */
export const dutySchema = z
  .strictObject({
    id: idSchema,
    asset: idSchema,
    practice: dutyPracticeSchema,
    companions: companionIdsSchema.optional(),
  })
  .meta({ id: 'Duty' });

export type Home = z.infer<typeof homeSchema>;
export type Person = z.infer<typeof personSchema>;
export type Space = z.infer<typeof spaceSchema>;
export type Asset = z.infer<typeof assetSchema>;
export type DutyPractice = z.infer<typeof dutyPracticeSchema>;
export type Duty = z.infer<typeof dutySchema>;
export type Vocabulary = z.infer<typeof vocabularySchema>;

/** A house without its ledger. */
export interface House {
  readonly home: Home;
  /** Practices the home has added to the catalogue, and codes it hides there. */
  readonly practices?: readonly Practice[] | undefined;
  readonly hidden?: readonly string[] | undefined;
  readonly spaces: readonly Space[];
  readonly assets: readonly Asset[];
  readonly duties: readonly Duty[];
}

/** A duty outlives the thing it is done to: the unit now standing in its place, through every replacement. */
export function currentUnit(assets: readonly Asset[], assetId: string): Asset | undefined {
  const successors = new Map(
    assets.flatMap(({ id, succeeds }): [string, string][] =>
      succeeds === undefined ? [] : [[succeeds, id]],
    ),
  );
  let current = assetId;
  for (let next = successors.get(current); next !== undefined; next = successors.get(current)) current = next;
  return assets.find(({ id }) => id === current);
}

/** For each asset the first unit of its line of replacements: what stands in one place through time is one thing. */
export function rootsOf(assets: readonly Asset[]): Map<string, string> {
  const predecessors = new Map(assets.map(({ id, succeeds }) => [id, succeeds]));
  const roots = new Map<string, string>();
  for (const { id } of assets) {
    // Back to one whose root is known; everything passed on the way has that root too.
    const passed: string[] = [];
    let at = id;
    for (; !roots.has(at); at = predecessors.get(at) ?? at) {
      passed.push(at);
      if (predecessors.get(at) === undefined) roots.set(at, at);
    }
    const root = roots.get(at) ?? at;
    for (const one of passed) roots.set(one, root);
  }
  return roots;
}

/** A thing with everything that stood in its place before and after. */
export function unitsOfLine(assets: readonly Asset[], assetId: string): string[] {
  const roots = rootsOf(assets);
  const root = roots.get(assetId) ?? assetId;
  return assets.filter(({ id }) => (roots.get(id) ?? id) === root).map(({ id }) => id);
}
