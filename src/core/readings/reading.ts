import type { AssetKind } from '../basics/assetKind.ts';
import type { Fit } from './trend.ts';
import type { Quantity } from '../units/quantity.ts';
import { convert, dimensionOf, isUnit, nearly, tidy, unitIn, type UnitCode } from '../units/units.ts';
import { gradeAt, withEdges, type Scale } from './scale.ts';
import type { Verdict } from '../basics/verdict.ts';
import type { Figure, Outcome, Part } from './verdict.ts';

/** One thing a reading asks for. `otherwise`: what stands where it is left out; without it and not `optional`, it must be given. */
export type Field =
  | {
      readonly kind: 'quantity';
      readonly unit: UnitCode;
      readonly min?: number;
      readonly max?: number;
      readonly optional?: true;
      readonly otherwise?: number;
    }
  | {
      readonly kind: 'number';
      readonly min?: number;
      readonly max?: number;
      readonly optional?: true;
      readonly otherwise?: number;
    }
  | { readonly kind: 'choice'; readonly options: readonly string[]; readonly otherwise?: string }
  | { readonly kind: 'yesNo'; readonly otherwise?: boolean };

export type Fields = Readonly<Record<string, Field>>;

/** The value of a field once it is read: a quantity in the field's own unit. */
type ValueOf<F extends Field> = F extends { kind: 'choice'; options: readonly (infer O)[] }
  ? O
  : F extends { kind: 'yesNo' }
    ? boolean
    : F extends { optional: true }
      ? number | undefined
      : number;
export type Values<F extends Fields> = { readonly [K in keyof F]: ValueOf<F[K]> };

/** The input, by field: a quantity with its unit, a plain number, a choice or yes and no. */
export type Given = Readonly<Record<string, Quantity | number | string | boolean | undefined>>;

/** A home's settings for a reading: its school, and edges of its own by school or band. */
export interface Settled {
  readonly school?: string;
  readonly edges?: Readonly<Record<string, readonly number[]>>;
}

/** The context of a judge. */
export interface Judging<F extends Fields> {
  readonly values: Values<F>;
  /** The school the home or the user chose; null: whichever is the default here. */
  readonly school: string | null;
  /** A band as the home has it. */
  readonly band: (code: string) => Scale;
  /** Whether a quantity was entered in metric units. */
  readonly metric: (field: keyof F & string) => boolean;
}

/** How a measure that repeats is carried forward. `restarts`: practices after which it begins again at nothing. */
export interface Forward {
  readonly fit: Fit;
  readonly restarts: readonly string[];
  /** The edge it runs towards, in the unit of its band. */
  readonly limit: number;
  /** Value at a restart; none where it does not restart. */
  readonly origin?: number;
}

/** The entries a reading writes: of which things it is read, and which of its fields or figures is which measure. */
export interface Recorded {
  readonly of: readonly AssetKind[];
  /** The field that says at which part of the thing it was read: each part has a series and findings of its own. */
  readonly part?: string;
  /** Each measure with the field or figure that holds its value (a field is kept as it was entered), and its unit (empty: a grade). */
  readonly measures: Readonly<Record<string, { readonly from: string; readonly unit: string }>>;
  /** The measure shown over time, the band it is shown against (of a school, or one for all), and how it is carried forward. */
  readonly chart?: { readonly measure: string; readonly band: string | null; readonly forward?: Forward };
}

/** A measurement with its verdict, or a sum without one. */
export interface Reading {
  readonly code: string;
  readonly system: ReadingSystem;
  readonly fields: Fields;
  /** Schools one can choose, the default first; a band of the same code is its scale. */
  readonly schools: readonly string[];
  /** Usual edges, by school or by what they band, with the unit they are written in. */
  readonly bands: Readonly<Record<string, Scale>>;
  readonly bandUnit: string;
  /** Left out where it is worked out and never recorded. */
  readonly recorded?: Recorded;
  readonly judge: (judging: Judging<Fields>) => Outcome;
}

/** Under what the readings stand on the Bench. */
export const READING_SYSTEMS = ['air', 'water', 'sewage', 'shell', 'alarms', 'household', 'money'] as const;
export type ReadingSystem = (typeof READING_SYSTEMS)[number];

interface Spec<F extends Fields> {
  readonly code: string;
  readonly system: ReadingSystem;
  readonly fields: F;
  readonly schools?: readonly string[];
  readonly bands?: Readonly<Record<string, Scale>>;
  readonly bandUnit?: string;
  readonly recorded?: Recorded;
  readonly judge: (judging: Judging<F>) => Outcome;
}

/** A reading from its parts; what is left out is none. */
export const reading = <const F extends Fields>(spec: Spec<F>): Reading => ({
  schools: [],
  bands: {},
  bandUnit: '',
  ...spec,
  // Values are read by the very fields they are typed by: `take` is the only way in.
  judge: spec.judge as unknown as Reading['judge'],
});

/** The fault of an input. */
export interface FieldProblem {
  readonly field: string;
  readonly problem: 'missing' | 'number' | 'too-small' | 'too-large' | 'option' | 'yes-no' | 'unit';
  readonly limit?: number;
}

/** Judges what was put in. Anything that cannot be read is told by field, all at once. */
export function judge(
  reading: Reading,
  given: Given,
  settled: Settled = {},
): { readonly outcome: Outcome } | { readonly problems: readonly FieldProblem[] } {
  const values: Record<string, unknown> = {};
  const problems: FieldProblem[] = [];
  for (const [code, field] of Object.entries(reading.fields)) {
    const read = take(field, given[code]);
    if ('problem' in read) problems.push({ field: code, ...read });
    else values[code] = read.value;
  }
  if (problems.length > 0) return { problems };
  const school =
    settled.school !== undefined && reading.schools.includes(settled.school) ? settled.school : null;
  return {
    outcome: reading.judge({
      values: values as Values<Fields>,
      school,
      band: (code) => bandOf(reading, code, settled),
      metric: (code) => enteredMetric(given[code]),
    }),
  };
}

/** A band of a reading as a home has it, or as it usually is. Throws for a band the reading has not. */
export function bandOf(reading: Reading, code: string, settled: Settled = {}): Scale {
  const usual = reading.bands[code];
  if (!usual) throw new Error(`${reading.code} has no band ${code}`);
  const own = settled.edges?.[code];
  return (own && withEdges(usual, own)) ?? usual;
}

type Taken = { readonly value: unknown } | Omit<FieldProblem, 'field'>;

function take(field: Field, given: Given[string]): Taken {
  if (given === undefined || given === '') {
    if (field.otherwise !== undefined) return { value: field.otherwise };
    return 'optional' in field && field.optional ? { value: undefined } : { problem: 'missing' };
  }
  switch (field.kind) {
    case 'choice':
      return typeof given === 'string' && field.options.includes(given)
        ? { value: given }
        : { problem: 'option' };
    case 'yesNo':
      return typeof given === 'boolean' ? { value: given } : { problem: 'yes-no' };
    case 'number':
      return typeof given === 'number' ? within(field, given) : { problem: 'number' };
    case 'quantity':
      return takeQuantity(field, given);
  }
}

function takeQuantity(field: Extract<Field, { kind: 'quantity' }>, given: NonNullable<Given[string]>): Taken {
  if (typeof given !== 'object') return { problem: 'number' };
  const unit = unitFor(field.unit, given.unit);
  return unit === null ? { problem: 'unit' } : within(field, convert(given.value, unit, field.unit));
}

/** The unit meant: F of a difference is the difference, as older entries have it. */
function unitFor(wanted: UnitCode, written: string): UnitCode | null {
  const named = dimensionOf(wanted) === 'difference' ? (DIFFERENCES[written] ?? written) : written;
  return isUnit(named) && dimensionOf(named) === dimensionOf(wanted) ? named : null;
}

const DIFFERENCES: Readonly<Record<string, string>> = { F: 'dF', C: 'K' };

function within({ min, max }: { readonly min?: number; readonly max?: number }, value: number): Taken {
  if (!Number.isFinite(value)) return { problem: 'number' };
  if (min !== undefined && nearly(value) < min) return { problem: 'too-small', limit: min };
  if (max !== undefined && nearly(value) > max) return { problem: 'too-large', limit: max };
  return { value };
}

function enteredMetric(given: Given[string]): boolean {
  return typeof given === 'object' && isUnit(given.unit) && unitIn(given.unit, 'metric') === given.unit;
}

/** One part judged by a band: the grade of the value, and the stretch it lies in as the reason. */
export function byBand(band: Scale, figure: Figure, code = 'band'): Part {
  const { verdict, days, over, under } = gradeAt(band, tidy(figure.value));
  return {
    verdict,
    ...(days !== undefined && { days }),
    because: { code, figure, over, under },
    scale: band,
  };
}

/** A part judged by something seen. */
export const seen = (verdict: Verdict, code: string, days?: number): Part => ({
  verdict,
  ...(days !== undefined && { days }),
  because: { code },
});

/** The parts of a condition, none where it is not so. */
export const when = (so: boolean, ...parts: readonly Part[]): readonly Part[] => (so ? parts : []);
