import type { FactValue } from '../../basics/factValue.ts';
import type { CivilDate } from '../../calendar/civilDate.ts';
import type { Asset, Space } from '../../house/house.ts';
import type { Given } from '../reading.ts';

/** The last time one measure of one thing was read. */
export interface LastRead {
  readonly asset: string;
  readonly measure: string;
  readonly date: CivilDate;
  readonly given?: Given | undefined;
}

/** A task of the house and the last day it was done, if ever. */
export interface LastDone {
  readonly asset: string;
  readonly practice: string;
  readonly on: CivilDate | null;
}

/** All that is known of a house that a reading may be filled in from. */
export interface KnownForReading {
  readonly today: CivilDate;
  /** The things that stand in the house now. */
  readonly assets: readonly Asset[];
  readonly spaces: readonly Space[];
  /** The facts of a thing, with those of what it is part of. */
  readonly factsOf: (asset: string) => Readonly<Record<string, FactValue>>;
  readonly traits: Readonly<Record<string, FactValue>>;
  readonly lastRead: readonly LastRead[];
  readonly lastDone: readonly LastDone[];
  readonly stock: Readonly<Record<string, number>>;
  /** The lowest temperature forecast for the days ahead, °C; null where nobody knows. */
  readonly lowestAhead: number | null;
  /** The work it is read at, with its usual minutes; null where it is read by itself. */
  readonly work: { readonly practice: string; readonly minutes: number } | null;
}

/** Where something that was filled in comes from. */
export type FillSource =
  | { readonly kind: 'fact'; readonly asset: string }
  | { readonly kind: 'home' }
  | { readonly kind: 'record'; readonly date: CivilDate }
  | { readonly kind: 'forecast' }
  | { readonly kind: 'work' };

/** A field that is filled in, and from where. */
export interface FilledIn {
  readonly value: NonNullable<Given[string]>;
  readonly from: FillSource;
}

/** Fills one field for a thing; null where the house does not know. */
export type Filler = (asset: string, known: KnownForReading) => FilledIn | null;
