import { z } from 'zod';
import { text } from '../basics/text.ts';
import { assetKindSchema, type AssetKind } from '../basics/assetKind.ts';
import type { FactValue } from '../basics/factValue.ts';
import { codeSchema } from '../basics/code.ts';

/** Traits of a climate that matter to upkeep. */
export const climateTraitSchema = z.enum([
  'freezes',
  'heats',
  'cools',
  'humid-summer',
  'dry',
  'mild-wet',
  'cold-winter',
  'sheds-leaves',
]);
export type ClimateTrait = z.infer<typeof climateTraitSchema>;

const wanted = z.union([text().max(60), z.number(), z.boolean()]);

/** Something that may be so of an asset or a house. A fact nobody knows yet makes it undecided; `known` asks whether one is. */
export type Condition =
  | { fact: string; is: string | number | boolean | (string | number | boolean)[] }
  | { known: string }
  | { trait: string; is?: string | number | boolean | undefined }
  | { climate: ClimateTrait }
  | { has: AssetKind }
  | { all: Condition[] }
  | { any: Condition[] }
  | { not: Condition };

export const conditionSchema: z.ZodType<Condition> = z.lazy(() =>
  z.union([
    z.strictObject({ fact: codeSchema, is: z.union([wanted, z.array(wanted).min(1)]) }),
    z.strictObject({ known: codeSchema }),
    z.strictObject({ trait: codeSchema, is: wanted.optional() }),
    z.strictObject({ climate: climateTraitSchema }),
    z.strictObject({ has: assetKindSchema }),
    z.strictObject({ all: z.array(conditionSchema).min(1) }),
    z.strictObject({ any: z.array(conditionSchema).min(1) }),
    z.strictObject({ not: conditionSchema }),
  ]),
);

/** The facts at hand when a condition is judged. A trait never told of is undefined. */
export interface KnownFacts {
  readonly facts: Readonly<Record<string, FactValue>>;
  readonly traits: ReadonlyMap<string, FactValue>;
  readonly climate: ReadonlySet<ClimateTrait> | null;
  readonly kinds: ReadonlySet<AssetKind>;
}

export type Truth = 'yes' | 'no' | 'unknown';

/** Whether a condition holds. What is not known decides nothing by itself, and counts as not so where it is ruled out. */
export function holds(condition: Condition, known: KnownFacts): Truth {
  if ('fact' in condition) {
    const value = known.facts[condition.fact];
    if (value === undefined || value === null) return 'unknown';
    const list = Array.isArray(condition.is) ? condition.is : [condition.is];
    return list.includes(value) ? 'yes' : 'no';
  }
  if ('known' in condition) return (known.facts[condition.known] ?? null) === null ? 'no' : 'yes';
  if ('trait' in condition) {
    const value = known.traits.get(condition.trait);
    if (value === undefined || value === null) return 'unknown';
    const is =
      condition.is === undefined ? value !== false && value !== 0 && value !== '' : value === condition.is;
    return is ? 'yes' : 'no';
  }
  if ('climate' in condition) {
    if (!known.climate) return 'unknown';
    return known.climate.has(condition.climate) ? 'yes' : 'no';
  }
  if ('has' in condition) return known.kinds.has(condition.has) ? 'yes' : 'no';
  // A trait nobody has told is presumed to be false: an alarm not known to be monitored is tested.
  if ('not' in condition) return holds(condition.not, known) === 'yes' ? 'no' : 'yes';
  if ('all' in condition) return allOf(condition.all.map((part) => holds(part, known)));
  return anyOf(condition.any.map((part) => holds(part, known)));
}

function allOf(truths: readonly Truth[]): Truth {
  if (truths.includes('no')) return 'no';
  return truths.includes('unknown') ? 'unknown' : 'yes';
}

function anyOf(truths: readonly Truth[]): Truth {
  if (truths.includes('yes')) return 'yes';
  return truths.includes('unknown') ? 'unknown' : 'no';
}
