import { z } from 'zod';
import { keptPaperSchema, PAPER_KINDS, PAPER_TYPES } from '../core/formats/attachments.ts';
import { text } from '../core/basics/text.ts';
import { civilDateSchema, isCivilDate } from '../core/calendar/civilDate.ts';
import { verdictSchema } from '../core/basics/verdict.ts';
import { ENTRY_KINDS } from '../core/ledger/entry.ts';
import { TOTALS_BY } from '../core/ledger/totals.ts';
import { uuidSchema } from './basics.ts';
import { newEntrySchema } from './schemas.ts';

/** Ids in an address, a comma between. */
const ids = z
  .string()
  .max(12_000)
  .transform((text) => text.split(',').filter((id) => id !== ''))
  .pipe(z.array(uuidSchema).max(300));

/** Where a page of the record ends: the day its last line counts for, and its number, with a point between. */
export const recordCursorSchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}\.[1-9]\d{0,8}$/)
  .refine((cursor) => isCivilDate(cursor.slice(0, 10)));

/**
 * Which entries are wanted; what is left out does not matter. `named`: duties and things whose names hold the words of `text`;
 * `setup`: without the lines that set the tool up or that the program wrote itself.
 */
export const ledgerQuerySchema = z.strictObject({
  before: recordCursorSchema.optional(),
  setup: z.literal('hidden').optional(),
  limit: z.coerce.number().int().min(1).max(1_000).default(50),
  text: text().trim().max(100).optional(),
  named: ids.optional(),
  kind: z.enum(ENTRY_KINDS as [string, ...string[]]).optional(),
  assets: ids.optional(),
  duties: ids.optional(),
  person: uuidSchema.optional(),
  verdict: verdictSchema.optional(),
  from: civilDateSchema.optional(),
  to: civilDateSchema.optional(),
  leastCost: z.coerce.number().int().min(0).max(1_000_000_000).optional(),
});

export const totalsQuerySchema = z.strictObject({ by: z.enum(TOTALS_BY).default('system') });
/** Totals of each year by system, month or person; `part` is a code of the system, a month from 01 to 12, or a person; or `other`. */
export const totalsSchema = z.strictObject({
  totals: z.array(
    z.strictObject({
      year: z.int(),
      part: z.string(),
      done: z.int(),
      minutes: z.int(),
      cost: z.int(),
      trades: z.int(),
      missed: z.int(),
    }),
  ),
});
export type TotalsBody = z.infer<typeof totalsSchema>;

/** Entries read from a table: written all together, or none. Those already there are left as they are. */
export const importSchema = z.strictObject({ entries: z.array(newEntrySchema).min(1).max(20_000) });
export const importedSchema = z.strictObject({ written: z.int(), known: z.int() });

export const DOCUMENT_KINDS = PAPER_KINDS;
/** Files that are kept as they are. */
export const DOCUMENT_TYPES = PAPER_TYPES;
/** Bytes of one document in base 64: eight million and a third. */
const MOST_DOCUMENT_TEXT = 11_000_000;
/** A paper as it is sent: as a house file has it, with its content in place of its hash. */
export const newDocumentSchema = keptPaperSchema
  .omit({ id: true, by: true, addedAt: true })
  .extend({ asset: uuidSchema, file: z.base64().min(1).max(MOST_DOCUMENT_TEXT) });
export const documentSchema = newDocumentSchema.omit({ file: true }).extend({
  id: uuidSchema,
  bytes: z.int(),
  by: uuidSchema,
  addedAt: z.iso.datetime(),
});
export type DocumentBody = z.infer<typeof documentSchema>;
