import { z } from 'zod';
import { factValueSchema } from '../../basics/factValue.ts';
import { civilDateSchema, type CivilDate } from '../../calendar/civilDate.ts';
import { standingAsOf } from '../../ledger/asOf.ts';
import type { StandingEntry } from '../../ledger/corrections.ts';
import { entryBodySchema, entrySchema, type Entry, type EntryKind } from '../../ledger/entry.ts';
import type { Stock } from '../../ledger/stock.ts';
import { correctedBy, type Threads } from '../../ledger/threads.ts';
import { termsSchema } from '../../practice/terms.ts';
import { lookSchema, unitAgeSchema } from '../rules/ruleMemory.ts';
import { dutyMemorySchema, putOffSchema } from './dutyMemory.ts';
import { wearSchema } from './wear.ts';

const day = z.int();
const id = z.string();

/** Something that happened to a duty, kept as it was. What stands shut or open is kept for the home, not here. */
const eventSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('completion'),
    entryId: id,
    day,
    how: z.enum(['done', 'skipped', 'looked']),
    occurrence: z.string().nullable(),
  }),
  lookSchema,
  z.strictObject({
    kind: z.literal('renewal'),
    entryId: id,
    day,
    how: z.enum(['replaced', 'told']),
    unit: unitAgeSchema,
  }),
  z.strictObject({ kind: z.enum(['paused', 'resumed']), day }),
  putOffSchema,
]);

/** One duty: how it is kept, what its replay remembers, and what is to be replayed still. */
const dutySchema = z.strictObject({
  id,
  adoption: z.strictObject({ entryId: id, day }).nullable(),
  /** Each with the day it began; null: those of the adoption, which hold for all time before. */
  terms: z.array(z.strictObject({ start: day.nullable(), terms: termsSchema })),
  retiredOn: day.nullable(),
  dismissedAt: z.int().nullable(),
  wear: wearSchema,
  /** Where its replay goes on from; null: from the beginning. */
  memory: dutyMemorySchema.nullable(),
  /** The events after that. */
  events: z.array(z.strictObject({ order: z.int(), event: eventSchema })),
});
export type CheckpointDuty = z.infer<typeof dutySchema>;

const standingEntrySchema = z.strictObject({
  entry: entrySchema,
  sequence: z.int(),
  date: civilDateSchema,
  body: entryBodySchema,
  amendedBy: z.array(id).readonly(),
  voidedBy: id.nullable(),
});

/**
 * A home's past up to the end of a day, folded: from here a projection goes on with what happened after that day alone. A cache of the
 * ledger, made anew whenever something is written that reaches back behind it.
 */
export const checkpointSchema = z.strictObject({
  upTo: civilDateSchema,
  /** The day it was made: what an earlier day knew is not in it. */
  madeOn: civilDateSchema,
  /** How many entries are folded into it; the place of the first one after. */
  count: z.int(),
  duties: z.array(dutySchema),
  /** The facts as last told, replacements, and open findings. */
  kept: z.array(standingEntrySchema),
  traits: z.array(
    z.strictObject({
      code: z.string(),
      changes: z.array(z.strictObject({ day, value: factValueSchema })),
    }),
  ),
  /** By the first unit's asset and the state's code: how it has stood. */
  states: z.array(
    z.strictObject({
      key: z.string(),
      line: z.array(
        z.strictObject({ day, order: z.number(), standing: z.enum(['open', 'closed']), entryId: id }),
      ),
    }),
  ),
  triggers: z.array(
    z.strictObject({ code: z.string(), day, source: z.literal('logged'), entryId: id.nullable() }),
  ),
  /** Meters that something hangs on, by the first unit's asset. */
  meters: z.array(
    z.strictObject({
      root: id,
      measure: z.string(),
      readings: z.array(z.strictObject({ day, value: z.number() })),
    }),
  ),
  stock: z.array(z.strictObject({ supply: z.string(), quantity: z.number() })),
});
export type Checkpoint = z.infer<typeof checkpointSchema>;

/** A home's past as of a day: what is folded already, and what happened after that, in order. */
export interface Past {
  readonly start: Checkpoint | null;
  readonly recent: readonly StandingEntry[];
}

/** The past as of a day. `entries`: those dated after `start`; without one, the whole ledger in sequence. */
export const pastAsOf = (start: Checkpoint | null, entries: readonly Entry[], on: CivilDate): Past => ({
  start,
  recent: standingAsOf(entries, on),
});

/** The stock of each supply at the end of what is folded. */
export const stockOf = (start: Checkpoint | null): Stock =>
  new Map(start?.stock.map(({ supply, quantity }) => [supply, quantity]));

/** A past one entry at a time: the memory of the time before, then the events after it. */
export const toldOf = ({ start, recent }: Past): readonly StandingEntry[] =>
  start ? [...start.kept, ...recent] : recent;

/** Kinds that say how the past is to be read: the whole of it is folded again. */
const READS_ALL: readonly EntryKind[] = ['adopted', 'terms', 'fact', 'replaced', 'amends', 'voids'];

/**
 * Whether an entry reaches back behind a checkpoint: what it says, corrects or names is of that time, or it changes how that time is
 * read. `threads`: the entries dated after the checkpoint.
 */
export function reachesBehind(
  { upTo, kept }: Pick<Checkpoint, 'upTo' | 'kept'>,
  threads: Threads,
  entry: Entry,
): boolean {
  const { body, date } = entry;
  if (date <= upTo) return true;
  if (correctedBy(entry) !== null) {
    const root = threads.rootOf(entry);
    const moved = body.kind === 'amends' ? body.change.date : undefined;
    return READS_ALL.includes(root.body.kind) || (moved !== undefined && moved <= upTo);
  }
  const named = 'finding' in body ? body.finding : body.kind === 'finding' ? body.reading : undefined;
  const isKnown = (id: string): boolean =>
    threads.find(id) !== undefined || kept.some((one) => one.entry.id === id);
  return READS_ALL.includes(body.kind) || (named !== undefined && !isKnown(named));
}
