import { z } from 'zod';
import { text } from '../core/basics/text.ts';
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
import { houseFileShape } from '../core/formats/houseFileShape.ts';
import { factValueSchema } from '../core/basics/factValue.ts';
import { verdictSchema } from '../core/basics/verdict.ts';
import { entryBodySchema, entrySchema, givenSchema } from '../core/ledger/entry.ts';
import { walkStateSchema } from '../core/walkthrough/walkState.ts';
import { practiceSchema } from '../core/practice/practice.ts';
import { ANCHOR_KEYS } from '../core/climate/anchor.ts';
import { climateSchema } from '../core/climate/climateSchema.ts';
import { stationClimateSchema } from '../core/climate/stationClimate.ts';
import { weatherDaySchema } from '../core/climate/weather.ts';
import { reasonSchema, sleepSchema } from '../core/schedule/reason.ts';
import { codeSchema } from '../core/basics/code.ts';
import { knownSchema } from './known.ts';
import { termsSchema } from '../core/practice/terms.ts';
import { roleSchema } from './access.ts';
import { personName } from './accounts.ts';
import { revisionSchema, uuidSchema } from './basics.ts';

export const createHomeSchema = homeFieldsSchema.extend({ id: uuidSchema });
export const homeSummarySchema = homeSchema.extend({ role: roleSchema });
export type HomeSummary = z.infer<typeof homeSummarySchema>;

export const houseSchema = z.strictObject({
  home: homeSchema,
  role: roleSchema,
  /** Where it was before, for a home that came from a file and could not keep its id. */
  origin: houseFileShape.shape.origin,
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

/** The schedule of one duty, as rows hold it and the browser shows it. */
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
  saw: text().max(200).optional(),
});
export type NewEntry = z.infer<typeof newEntrySchema>;

export const newPersonSchema = z.strictObject({ id: uuidSchema, name: personName });
export const appendSchema = z.strictObject({
  entries: z.array(newEntrySchema).min(1).max(200),
  /** People without an account whom the entries name and the home does not know yet. */
  people: z.array(newPersonSchema).max(20).optional(),
});

const sequencedEntrySchema = entrySchema.extend({ seq: z.int() });
const correctedSchema = z.strictObject({
  /** Every correction made to it, in order. */
  corrections: z.array(sequencedEntrySchema),
  /** Its present content. */
  date: civilDateSchema,
  body: entryBodySchema,
  voidedBy: z.string().nullable(),
});
/** An entry as it stands. Most were never corrected and say what they said: on the way only those that were carry more. */
export const ledgerLineSchema = z
  .strictObject({ entry: sequencedEntrySchema, corrected: correctedSchema.optional() })
  .transform(({ entry, corrected }) => ({
    entry,
    ...(corrected ?? { corrections: [], date: entry.date, body: entry.body, voidedBy: null }),
  }));
export type LedgerLine = z.output<typeof ledgerLineSchema>;
export const ledgerPageSchema = z.strictObject({
  lines: z.array(ledgerLineSchema),
  next: z.string().nullable(),
});
export type LedgerPage = z.output<typeof ledgerPageSchema>;
/** A page as it is sent. */
export type SentLedgerPage = z.input<typeof ledgerPageSchema>;

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

/** A season state, closed, open or unknown: since when and by which entry; when the pair is next due, which is when an unknown one is asked for. */
export const standingLineSchema = z.strictObject({
  asset: uuidSchema,
  state: z.string(),
  standing: z.enum(['open', 'closed', 'unknown']),
  since: civilDateSchema.nullable(),
  entryId: uuidSchema.nullable(),
  nextOn: civilDateSchema.nullable(),
  reopens: z.strictObject({ dutyId: uuidSchema, on: civilDateSchema.nullable() }).nullable(),
});
/** Something found that is not yet put right. */
export const openFindingSchema = z.strictObject({
  entryId: uuidSchema,
  asset: uuidSchema,
  what: z.string(),
  verdict: z.enum(['watch', 'act', 'stop']),
  found: civilDateSchema,
  due: civilDateSchema,
  place: z.string().nullable(),
  photo: uuidSchema.nullable(),
  note: z.string().nullable(),
  look: z.string().nullable(),
  part: codeSchema.nullable(),
  given: givenSchema.nullable(),
  /** Work that answers it when it is done. */
  duties: z.array(uuidSchema),
  /** Practices that answer it and are kept as no task here. */
  repairs: z.array(z.string()),
});
export type OpenFindingBody = z.infer<typeof openFindingSchema>;
export const standingSchema = z.strictObject({
  on: civilDateSchema,
  lines: z.array(standingLineSchema),
  findings: z.array(openFindingSchema),
  /** Warranties and contracts that end soon, or have just ended. */
  covers: z.array(
    z.strictObject({ id: uuidSchema, asset: uuidSchema, title: z.string(), ends: civilDateSchema }),
  ),
  /** Where dampers and controls stand, by season. */
  marks: z.array(
    z.strictObject({ asset: uuidSchema, fact: z.string(), value: z.string(), since: civilDateSchema }),
  ),
});
export type StandingBody = z.infer<typeof standingSchema>;

/** Readings over time, and what the home settled about them since when: the school that applied then. */
export const seriesSchema = z.strictObject({
  on: civilDateSchema,
  series: z.array(
    z.strictObject({
      asset: uuidSchema,
      measure: z.string(),
      part: codeSchema.nullable(),
      points: z.array(
        z.strictObject({
          entryId: uuidSchema,
          date: civilDateSchema,
          value: z.number(),
          unit: z.string(),
          verdict: verdictSchema.nullable(),
          school: z.string().nullable(),
        }),
      ),
      restarts: z.array(civilDateSchema),
    }),
  ),
  settled: z.array(z.strictObject({ date: civilDateSchema, trait: z.string(), value: factValueSchema })),
});
export type SeriesBody = z.infer<typeof seriesSchema>;

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

const newSpaceSchema = spaceSchema.extend({ id: uuidSchema });

/** Duties taken on at once: more than the largest house has. */
const MOST_UNITS = 1_000;

/** Entries that may go with an addition: what the house is like, when a duty was last done, and which day it is first to be done. */
const addedEntrySchema = newEntrySchema.refine(
  ({ body: { kind } }) => ['trait', 'putOff', 'fact', 'done'].includes(kind),
  { path: ['body', 'kind'], params: { problem: 'not-with-addition' } },
);

/**
 * Assets to add, where they stand, and duties to adopt, on these or on assets already there, from the day `on`. A whole walk is added so
 * at once, with what it tells of the house; `finishesWalk` says that it is over.
 */
export const additionSchema = z
  .strictObject({
    batch: uuidSchema,
    on: civilDateSchema,
    space: newSpaceSchema.optional(),
    spaces: z.array(newSpaceSchema).max(100).optional(),
    entries: z.array(addedEntrySchema).max(400).optional(),
    finishesWalk: z.boolean().optional(),
    assets: z.array(newAssetSchema).max(200),
    duties: z
      .array(
        z.strictObject({
          practice: dutyPracticeSchema,
          terms: termsSchema,
          units: z.array(newUnitSchema).min(1).max(50),
        }),
      )
      .max(400),
  })
  .refine((request) => request.assets.length + request.duties.length > 0, {
    path: ['assets'],
    params: { problem: 'nothing-added' },
  })
  .refine(({ duties }) => duties.reduce((sum, { units }) => sum + units.length, 0) <= MOST_UNITS, {
    path: ['duties'],
    params: { problem: 'too-many-units' },
  });
export type Addition = z.infer<typeof additionSchema>;

export const saveSpaceSchema = z.strictObject({ space: newSpaceSchema });
/** The name, place and installation day of a thing; null: not known. */
export const placeAssetSchema = z.strictObject({
  name: assetSchema.shape.name,
  space: uuidSchema.nullable(),
  installed: civilDateSchema.nullable(),
  /** Entries about it in the same act. */
  entries: z.array(newEntrySchema).max(60).optional(),
});

export const walkSchema = z.strictObject({
  /** Counts the savings; 0 before the first. */
  revision: z.int(),
  state: walkStateSchema,
  finished: z.boolean(),
});
export type WalkBody = z.infer<typeof walkSchema>;
/** `saw`: the revision one started from; when another device has saved since, the answer is a conflict. */
export const saveWalkSchema = z.strictObject({ saw: revisionSchema, state: walkStateSchema });

const occurrenceSchema = scheduleRowSchema.shape.occurrence.unwrap();
export const proposalSchema = z.strictObject({
  days: z.int(),
  low: z.int(),
  high: z.int(),
  present: z.int(),
  looks: z.array(
    z.strictObject({ on: civilDateSchema, grade: z.number(), days: z.int(), boundOnly: z.boolean() }),
  ),
});
/** How each duty is kept, and what a good practitioner would keep besides. */
export const upkeepSchema = z.strictObject({
  on: civilDateSchema,
  known: knownSchema,
  kept: z.array(
    z.strictObject({
      dutyId: uuidSchema,
      terms: termsSchema,
      since: civilDateSchema,
      pausedSince: civilDateSchema.nullable(),
      retiredOn: civilDateSchema.nullable(),
      next: z.array(occurrenceSchema),
      proposal: proposalSchema.nullable(),
      /** Minutes one time takes: the middle of what this home has logged, else what the practice says; null where neither tells. */
      minutes: z.int().nullable(),
      minutesFrom: z.enum(['record', 'practice']).nullable(),
    }),
  ),
  /** Duties of the plan that are not kept here. */
  suggested: z.array(
    z.strictObject({
      practice: codeSchema,
      asset: uuidSchema,
      school: codeSchema,
      because: z.enum(['default', 'fits']),
    }),
  ),
  besides: z.array(z.strictObject({ practice: codeSchema, asset: uuidSchema })),
  leftOut: z.array(
    z.strictObject({
      practice: codeSchema,
      asset: uuidSchema,
      because: z.enum(['not-here', 'not-known', 'alternative', 'next', 'covered', 'offered', 'unwanted']),
      by: codeSchema.nullable(),
    }),
  ),
});
export type UpkeepBody = z.infer<typeof upkeepSchema>;

/** The effect of each school on one duty of this home. */
export const schoolsSchema = z.strictObject({
  schools: z.array(
    z.strictObject({
      school: codeSchema,
      terms: termsSchema,
      timesAYear: z.number(),
      minutesAYear: z.number(),
      next: civilDateSchema.nullable(),
      days: z.array(civilDateSchema),
      /** The cost of the times of a year, of what this home has paid for one; null where it has paid for none. In the currency’s smallest unit. */
      costAYear: z.number().nullable(),
      reasons: z.array(reasonSchema),
      byEvent: z.boolean(),
    }),
  ),
});
export type SchoolsBody = z.infer<typeof schoolsSchema>;

/** Entries that are only being considered; without a date as if written today. */
export const trialSchema = z.strictObject({
  entries: z
    .array(z.strictObject({ date: civilDateSchema.optional(), body: entryBodySchema }))
    .min(1)
    .max(400),
});
export const trialAnswerSchema = z.strictObject({
  moves: z.array(
    z.strictObject({
      dutyId: uuidSchema,
      from: civilDateSchema.nullable(),
      to: civilDateSchema.nullable(),
      days: z.int().nullable(),
      sleep: sleepSchema.nullable(),
    }),
  ),
  /** Work that would satisfy nothing, and the window that was outstanding on its day. */
  extras: z.array(z.strictObject({ dutyId: uuidSchema, stood: windowSchema.nullable() })),
});
export type TrialBody = z.infer<typeof trialAnswerSchema>;
