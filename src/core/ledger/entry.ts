import { z } from 'zod';
import { idSchema } from '../basics/id.ts';
import { civilDateSchema } from '../calendar/civilDate.ts';
import { KINDS, type EntryKind } from './kinds/index.ts';

type Schemas = (typeof KINDS)[EntryKind]['schema'];
const schemas = Object.values(KINDS).map(({ schema }) => schema) as [Schemas, ...Schemas[]];

/** The body of an entry, by kind. Dates of the entry stand on the entry itself. */
export const entryBodySchema = z.discriminatedUnion('kind', schemas).meta({ id: 'EntryBody' });

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
/** The body of one kind of entry. */
export type BodyOf<K extends EntryKind> = Extract<EntryBody, { kind: K }>;
export type Entry = z.infer<typeof entrySchema>;

export const ENTRY_KINDS = Object.keys(KINDS) as readonly EntryKind[];

/** The kinds that set the tool up or that the program writes itself. */
export const SETUP_KINDS = ENTRY_KINDS.filter((kind) => KINDS[kind].setup);

export type { EntryKind };
export type { Change } from './kinds/change.ts';
export { givenSchema } from './kinds/fields.ts';
export { judgedSchema } from './kinds/reading.ts';
