import { z } from 'zod';
import { zoneSchema } from '../calendar/zone.ts';
import { civilDateSchema } from '../calendar/civilDate.ts';
import { findPractice } from '../catalogue/catalogue.ts';
import { idSchema } from '../ledger/entry.ts';
import type { WindowTerms } from '../schedule/window.ts';
import { assetKindSchema } from './assetKind.ts';

const name = z.string().trim().min(1).max(120);

export const hemisphereSchema = z.enum(['north', 'south']);
export const unitSystemSchema = z.enum(['us', 'metric']);
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

/** What a home is: everything that decides how its dates, units and words are meant. */
export const homeFieldsSchema = z.strictObject({
  name,
  zone: zoneSchema,
  hemisphere: hemisphereSchema,
  units: unitSystemSchema,
  vocabulary: vocabularySchema,
  currency: currencySchema,
});
export const homeSchema = homeFieldsSchema.extend({ id: idSchema }).meta({ id: 'Home' });

/** Someone entries speak of: a member, a former member or a helper without an account. Entries know only the id. */
export const personSchema = z.strictObject({ id: idSchema, name }).meta({ id: 'Person' });

/** A part of the house. `storey`: 0 is the ground floor. `side`: of an outdoor space. */
export const spaceSchema = z
  .strictObject({
    id: idSchema,
    name,
    storey: z.int().min(-5).max(50).optional(),
    side: z.enum(['north', 'east', 'south', 'west']).optional(),
  })
  .meta({ id: 'Space' });

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
    facts: z
      .record(z.string().max(60), z.union([z.string().max(200), z.number(), z.boolean(), z.null()]))
      .optional(),
  })
  .meta({ id: 'Asset' });

/** What is done to an asset: a practice of the catalogue, or one in the home's own words. */
export const dutyPracticeSchema = z.discriminatedUnion('from', [
  z.strictObject({
    from: z.literal('catalogue'),
    code: z.string().refine((code) => findPractice(code) !== undefined, {
      params: { problem: 'practice-unknown' },
      message: 'must be the code of a practice in the catalogue',
    }),
  }),
  z.strictObject({
    from: z.literal('home'),
    title: name,
    lifeSafety: z.boolean(),
    earlyDays: z.int().min(0).max(365).optional(),
    graceDays: z.int().min(0).max(365).optional(),
  }),
]);

/** A practice applied to one asset. When it was adopted, and on what terms, the ledger says. */
export const dutySchema = z
  .strictObject({ id: idSchema, asset: idSchema, practice: dutyPracticeSchema })
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
  readonly spaces: readonly Space[];
  readonly assets: readonly Asset[];
  readonly duties: readonly Duty[];
}

/** What the practice of a duty says of its window. */
export function windowTermsOf(practice: DutyPractice): WindowTerms {
  if (practice.from === 'home') return practice;
  const found = findPractice(practice.code);
  // The schema lets no unknown code in, so a missing one means the catalogue lost a practice a home still keeps.
  if (!found) throw new Error(`practice ${practice.code} is not in the catalogue`);
  return found;
}

/** A duty outlives the thing it is done to: the unit now standing in its place, through every replacement. */
export function currentUnit(assets: readonly Asset[], assetId: string): Asset | undefined {
  const successor = assets.find((asset) => asset.succeeds === assetId);
  return successor ? currentUnit(assets, successor.id) : assets.find((asset) => asset.id === assetId);
}
