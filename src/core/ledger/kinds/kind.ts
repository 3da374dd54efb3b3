import { z } from 'zod';
import type { Change } from './change.ts';
import type { About, Told } from './told.ts';

/** A reference in an entry, by the sort of thing; `field` is where in the body the id stands. */
export interface Reference {
  readonly field: string;
  readonly to: 'duty' | 'asset' | 'person' | 'entry';
  readonly id: string;
}

/** All that is said of one kind of entry, in one place. */
export interface Kind<S extends z.ZodType> {
  readonly schema: S;
  /** Every id its body holds. */
  references(body: z.infer<S>): readonly Reference[];
  /** Its subject and its content. */
  about(body: z.infer<S>): About | null;
  tells(body: z.infer<S>): readonly Told[];
  /** The fields, besides the date, that an amendment may change; a kind without any stands as written. */
  readonly amendable: readonly (keyof Change)[];
  /** Whether it can be struck out; what other records hang on is ended by an entry of its own instead. */
  readonly voidable: boolean;
  /** Whether it sets the tool up or is written by the program itself; the record shows it only when asked. */
  readonly setup: boolean;
}

/** The schema of a body of a kind. Dates of an entry stand on the entry itself. */
export const body = <K extends string, S extends z.core.$ZodLooseShape>(kind: K, shape: S) =>
  z.strictObject({ kind: z.literal(kind), ...shape });

/** A kind of entry: it can be struck out and not amended, is about nothing, says nothing more and is no setup, unless it says so. */
export const kindOf = <S extends z.ZodType>(
  schema: S,
  {
    references = () => [],
    about = () => null,
    tells = () => [],
    amendable = [],
    voidable = true,
    setup = false,
  }: Partial<Omit<Kind<S>, 'schema'>>,
): Kind<S> => ({ schema, references, about, tells, amendable, voidable, setup });

export const toDuty = (id: string): Reference => ({ field: 'duty', to: 'duty', id });
export const toAsset = (id: string, field = 'asset'): Reference => ({ field, to: 'asset', id });
export const toPerson = (id: string | undefined): Reference[] =>
  id === undefined ? [] : [{ field: 'who', to: 'person', id }];
export const toEntry = (field: string, id: string): Reference => ({ field, to: 'entry', id });
