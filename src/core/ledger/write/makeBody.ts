import type { BodyOf, EntryKind } from '../entry.ts';

type Fields<B> = { [F in keyof B]: undefined extends B[F] ? B[F] | undefined : B[F] };

/**
 * Makes what an entry of a kind says; entries are made nowhere else. What is not said is left out: a field that says nothing is not there.
 */
export function makeBody<K extends EntryKind>(kind: K, fields: Fields<Omit<BodyOf<K>, 'kind'>>): BodyOf<K> {
  const said = Object.entries(fields).filter(([, value]) => value !== undefined);
  // The fields are those of the kind, less the optional ones that say nothing.
  return { kind, ...Object.fromEntries(said) } as BodyOf<K>;
}
