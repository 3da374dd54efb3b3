import { z } from 'zod';
import { civilDateSchema } from '../core/calendar/civilDate.ts';
import {
  assetSchema,
  dutyPracticeSchema,
  homeFieldsSchema,
  homeSchema,
  personSchema,
  spaceSchema,
  dutySchema,
} from '../core/house/house.ts';
import { entryBodySchema, entrySchema } from '../core/ledger/entry.ts';
import { practiceSchema } from '../core/catalogue/practice.ts';
import { ANCHOR_KEYS } from '../core/climate/anchor.ts';
import { climateSchema } from '../core/climate/climate.ts';
import { stationClimateSchema } from '../core/climate/stationClimate.ts';
import { weatherDaySchema, weatherSchema } from '../core/climate/weather.ts';
import { reasonSchema, sleepSchema } from '../core/schedule/reason.ts';
import { codeSchema } from '../core/schedule/rule.ts';
import { termsSchema } from '../core/schedule/terms.ts';
import { roleSchema } from './access.ts';

/** Identifiers made by clients and the database. */
export const uuidSchema = z.uuid();

const email = z
  .string()
  .trim()
  .toLowerCase()
  .pipe(z.email())
  .refine((text) => text.length <= 254, { params: { problem: 'email' } });
const password = z.string().min(10).max(200);
const personName = z.string().trim().min(1).max(120);

export const signUpSchema = z.strictObject({ name: personName, email, password });
export const signInSchema = z.strictObject({ email, password: z.string().min(1).max(200) });
export const meSchema = z.strictObject({
  personId: uuidSchema,
  name: z.string(),
  email: z.string(),
  demo: z.boolean(),
});
export type Me = z.infer<typeof meSchema>;

export const installationSchema = z.strictObject({
  demo: z.strictObject({ email: z.string(), password: z.string() }).nullable(),
});

export const createHomeSchema = homeFieldsSchema.extend({ id: uuidSchema });
export const homeSummarySchema = homeSchema.extend({ role: roleSchema });
export type HomeSummary = z.infer<typeof homeSummarySchema>;

export const houseSchema = z.strictObject({
  home: homeSchema,
  role: roleSchema,
  spaces: z.array(spaceSchema),
  assets: z.array(assetSchema),
  duties: z.array(dutySchema),
  practices: z.array(practiceSchema).optional(),
  hidden: z.array(codeSchema).optional(),
  people: z.array(personSchema),
});
export type HouseBody = z.infer<typeof houseSchema>;

export const windowSchema = z.strictObject({
  earliest: civilDateSchema,
  due: civilDateSchema,
  latest: civilDateSchema,
});
export const missedSchema = z.strictObject({
  key: z.string(),
  due: civilDateSchema,
  closedOn: civilDateSchema,
});
export const extraSchema = z.strictObject({ entryId: z.string(), on: civilDateSchema });

/** What stands for one duty, as rows hold it and the browser shows it. */
export const scheduleRowSchema = z.strictObject({
  dutyId: uuidSchema,
  occurrence: z
    .strictObject({
      key: z.string(),
      window: windowSchema,
      baseline: z.boolean(),
      asks: z.enum(['work', 'look']),
      bookBy: civilDateSchema.nullable(),
      orderBy: civilDateSchema.nullable(),
      reasons: z.array(reasonSchema),
    })
    .nullable(),
  sleep: sleepSchema.nullable(),
  retired: z.boolean(),
  missed: z.array(missedSchema),
  extras: z.array(extraSchema),
  changesOn: civilDateSchema.nullable(),
});
export type ScheduleRow = z.infer<typeof scheduleRowSchema>;

export const todaySchema = z.strictObject({ on: civilDateSchema, rows: z.array(scheduleRowSchema) });
export type TodayBody = z.infer<typeof todaySchema>;

/**
 * An entry as the browser sends it. `saw`: the occurrence (or, for a correction, the last correction) it was looking
 * at; when that has changed since, the answer is a conflict instead of an entry. Leave it out to write regardless.
 */
export const newEntrySchema = z.strictObject({
  id: uuidSchema,
  date: civilDateSchema,
  batch: uuidSchema.optional(),
  body: entryBodySchema.refine(({ kind }) => kind !== 'adopted' && kind !== 'replaced', {
    path: ['kind'],
    params: { problem: 'written-by-addition' },
  }),
  saw: z.string().max(200).optional(),
});
export type NewEntry = z.infer<typeof newEntrySchema>;

export const appendSchema = z.strictObject({ entries: z.array(newEntrySchema).min(1).max(200) });
export const writtenSchema = z.strictObject({
  entries: z.array(entrySchema.extend({ seq: z.int() })),
  rows: z.array(scheduleRowSchema),
});
export type Written = z.infer<typeof writtenSchema>;

export const ledgerQuerySchema = z.strictObject({
  before: z.coerce.number().int().min(1).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(50),
  duty: uuidSchema.optional(),
});
const sequencedEntrySchema = entrySchema.extend({ seq: z.int() });
/** An entry, every correction made to it in order, and what it says now. */
export const ledgerLineSchema = z.strictObject({
  entry: sequencedEntrySchema,
  corrections: z.array(sequencedEntrySchema),
  date: civilDateSchema,
  body: entryBodySchema,
  voidedBy: z.string().nullable(),
});
export type LedgerLine = z.infer<typeof ledgerLineSchema>;
export const ledgerPageSchema = z.strictObject({
  lines: z.array(ledgerLineSchema),
  next: z.int().nullable(),
});
export type LedgerPage = z.infer<typeof ledgerPageSchema>;

/** What concerns one duty and those it goes with, in sequence, and the weather: enough for the browser to work out what a new entry would change. */
export const dutyHistorySchema = z.strictObject({
  on: civilDateSchema,
  entries: z.array(entrySchema),
  weather: weatherSchema,
});

/** The season dates of a home, the figures they rest on, and what the almanac tells. */
export const climateViewSchema = z.strictObject({
  on: civilDateSchema,
  seasons: z.array(
    z.strictObject({
      key: z.enum(ANCHOR_KEYS as [string, ...string[]]),
      on: z.string().nullable(),
      basis: z.enum(['set', 'station', 'imported', 'convention', 'none', 'unknown']),
    }),
  ),
  figures: stationClimateSchema.nullable(),
  passed: z.array(weatherDaySchema),
  outlook: z.array(weatherDaySchema),
});
export type ClimateView = z.infer<typeof climateViewSchema>;
export const setClimateSchema = z.strictObject({ climate: climateSchema.nullable() });

/** What stands shut or open, or nobody knows: since when and by which entry; when the pair is next due, which is when an unknown one is asked for. */
export const standingLineSchema = z.strictObject({
  asset: uuidSchema,
  state: z.string(),
  standing: z.enum(['open', 'closed', 'unknown']),
  since: civilDateSchema.nullable(),
  entryId: uuidSchema.nullable(),
  nextOn: civilDateSchema.nullable(),
});
export const standingSchema = z.strictObject({ on: civilDateSchema, lines: z.array(standingLineSchema) });
export type StandingBody = z.infer<typeof standingSchema>;

export const savePracticeSchema = z.strictObject({ practice: practiceSchema });
export const hidePracticeSchema = z.strictObject({ hidden: z.boolean() });

const newAssetSchema = assetSchema
  .safeExtend({
    id: uuidSchema,
    space: uuidSchema.optional(),
    partOf: uuidSchema.optional(),
    serves: z.array(uuidSchema).max(50).optional(),
    succeeds: uuidSchema.optional(),
    /** The id of the ledger entry that tells of the replacement. */
    replacement: uuidSchema.optional(),
  })
  .refine((asset) => (asset.succeeds === undefined) === (asset.replacement === undefined), {
    path: ['replacement'],
    params: { problem: 'with-succeeds' },
  });

/** One duty on one asset: the asset, and the ids of the duty and of the entry that adopts it. */
const newUnitSchema = z.strictObject({ asset: uuidSchema, duty: uuidSchema, entry: uuidSchema });

/** Assets to add, where they stand, and duties to adopt, on these or on assets already there, from the day `on`. */
export const additionSchema = z
  .strictObject({
    batch: uuidSchema,
    on: civilDateSchema,
    space: spaceSchema.extend({ id: uuidSchema }).optional(),
    assets: z.array(newAssetSchema).max(50),
    duties: z
      .array(
        z.strictObject({
          practice: dutyPracticeSchema,
          terms: termsSchema,
          units: z.array(newUnitSchema).min(1).max(50),
        }),
      )
      .max(20),
  })
  .refine((request) => request.assets.length + request.duties.length > 0, {
    path: ['assets'],
    params: { problem: 'nothing-added' },
  });
export type Addition = z.infer<typeof additionSchema>;

export const newPersonSchema = z.strictObject({ id: uuidSchema, name: personName });
export const memberSchema = z.strictObject({ personId: uuidSchema, name: z.string(), role: roleSchema });
export const setMemberSchema = z.strictObject({ email, role: roleSchema });
export const eraseHomeSchema = z.strictObject({ name: z.string() });
