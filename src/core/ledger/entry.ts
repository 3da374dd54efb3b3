import { verdictSchema } from '../basics/verdict.ts';
import { z } from 'zod';
import { text } from '../basics/text.ts';
import { civilDateSchema } from '../calendar/civilDate.ts';
import { partialDay } from '../calendar/partialDate.ts';
import { factValueSchema as factValue } from '../basics/factValue.ts';
import { codeSchema } from '../basics/code.ts';
import { termsSchema } from '../practice/terms.ts';
import { idSchema } from '../basics/id.ts';

const shortText = text().trim().min(1).max(200);
const longText = text().trim().min(1).max(4_000);

/** What may be noted of a piece of work, done or corrected later. Cost is in the smallest unit of the home's currency. */
const workFields = {
  who: idSchema.optional(),
  minutes: z.int().min(0).max(10_000).optional(),
  cost: z.int().min(0).max(1_000_000_000).optional(),
  note: longText.optional(),
};

/** What one piece of work took from the stock; left out, what the practice says it takes. */
const usedSchema = z.strictObject({ supply: codeSchema, quantity: z.number().min(0).max(100_000) });

/** What a reading was judged to be when it was read, and by which school: what is judged otherwise later does not change it. */
export const judgedSchema = z.strictObject({
  reading: codeSchema,
  verdict: verdictSchema,
  school: codeSchema.optional(),
  days: z.int().min(0).max(400).optional(),
});

/** All that was put in for a reading, by field: quantities as they were entered. */
export const givenSchema = z.record(
  codeSchema,
  z.union([
    z.strictObject({ value: z.number(), unit: text().min(1).max(20) }),
    z.number(),
    text().max(60),
    z.boolean(),
  ]),
);

const body = <K extends string, S extends z.core.$ZodLooseShape>(kind: K, shape: S) =>
  z.strictObject({ kind: z.literal(kind), ...shape });

/** What an amendment may change; null clears an optional field. */
export const changeSchema = z
  .strictObject({
    date: civilDateSchema.optional(),
    who: idSchema.nullable().optional(),
    minutes: z.int().min(0).max(10_000).nullable().optional(),
    cost: z.int().min(0).max(1_000_000_000).nullable().optional(),
    note: longText.nullable().optional(),
    why: shortText.optional(),
    text: longText.optional(),
  })
  .refine((change) => Object.values(change).some((value) => value !== undefined), {
    params: { problem: 'nothing-changed' },
    message: 'must change at least one thing',
  });

/** What an entry says, by kind. Dates of the entry stand on the entry itself. */
export const entryBodySchema = z
  .discriminatedUnion('kind', [
    body('adopted', { duty: idSchema, terms: termsSchema }),
    body('retired', { duty: idSchema, why: shortText.optional() }),
    body('terms', { duty: idSchema, terms: termsSchema, why: shortText.optional() }),
    body('fact', { asset: idSchema, fact: shortText, value: factValue }).refine(
      ({ fact, value }) =>
        fact !== 'made' || value === null || (typeof value === 'string' && partialDay(value) !== null),
      {
        path: ['value'],
        params: { problem: 'partial-date' },
        message: 'must be a year, month or day written YYYY, YYYY-MM or YYYY-MM-DD',
      },
    ),
    body('trait', {
      trait: shortText,
      value: factValue,
    }),
    body('done', {
      duty: idSchema,
      ...workFields,
      occurrence: text().min(1).max(200).optional(),
      used: z.array(usedSchema).max(12).optional(),
    }),
    body('skipped', { duty: idSchema, why: shortText }),
    body('putOff', {
      duty: idSchema,
      occurrence: text().min(1).max(200),
      to: civilDateSchema,
      why: shortText,
      acknowledged: z.boolean().optional(),
    }),
    body('paused', { duty: idSchema, why: shortText.optional() }),
    body('resumed', { duty: idSchema }),
    body('dismissed', { duty: idSchema, days: z.int().min(1).max(40_000), why: shortText.optional() }),
    body('reading', {
      asset: idSchema,
      measure: shortText,
      value: z.number(),
      unit: text().min(1).max(20),
      judged: judgedSchema.optional(),
      given: givenSchema.optional(),
      note: longText.optional(),
    }),
    body('finding', {
      asset: idSchema,
      what: shortText,
      duty: idSchema.optional(),
      verdict: verdictSchema.optional(),
      /** Where on the thing or near it. */
      place: shortText.optional(),
      photo: idSchema.optional(),
      /** Within how many days it is to be put right; with it the finding is work of its own until it is closed. */
      days: z.int().min(0).max(400).optional(),
      /** Practices that answer it: their work done later, or in the same run, closes it. */
      answeredBy: z.array(codeSchema).min(1).max(5).optional(),
      /** The reading that led to it. */
      reading: idSchema.optional(),
      note: longText.optional(),
    }),
    body('findingClosed', {
      finding: idSchema,
      /** What it said, so that the record reads without looking it up. */
      what: shortText.optional(),
      ...workFields,
    }),
    body('opened', { asset: idSchema, state: codeSchema.optional(), note: longText.optional() }),
    body('shut', { asset: idSchema, state: codeSchema.optional(), note: longText.optional() }),
    body('event', { trigger: shortText, note: longText.optional() }),
    body('replaced', { asset: idSchema, successor: idSchema, note: longText.optional() }),
    body('removed', { asset: idSchema, why: shortText.optional() }),
    body('stockMoved', { supply: shortText, change: z.int().min(-100_000).max(100_000) }),
    body('bought', {
      supply: shortText,
      quantity: z.int().min(1).max(100_000),
      cost: z.int().min(0).optional(),
    }),
    body('note', { text: longText, asset: idSchema.optional() }),
    body('amends', { target: idSchema, change: changeSchema, why: shortText.optional() }),
    body('voids', { target: idSchema, why: shortText.optional() }),
  ])
  .meta({ id: 'EntryBody' });

/** One line of the ledger: what happened, on which civil day, and when and by whom it was written down. */
export const entrySchema = z
  .strictObject({
    id: idSchema,
    date: civilDateSchema,
    stampedAt: z.iso.datetime({ precision: 3 }).refine((at) => /^(19|2\d)/.test(at), {
      params: { problem: 'years' },
      message: 'must be from 1900 to 2999',
    }),
    by: idSchema,
    batch: idSchema.optional(),
    body: entryBodySchema,
  })
  .meta({ id: 'Entry', description: 'One line of the ledger; the order of entries is their sequence' });

export type EntryBody = z.infer<typeof entryBodySchema>;
export type EntryKind = EntryBody['kind'];
export type Change = z.infer<typeof changeSchema>;
export type Entry = z.infer<typeof entrySchema>;

export const ENTRY_KINDS: readonly EntryKind[] = entryBodySchema.options.map(
  (option) => option.shape.kind.value,
);
