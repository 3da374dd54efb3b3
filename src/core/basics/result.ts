/** The outcome of something that can fail for a reason the caller must handle: errors are data, never thrown. */
export type Result<T, E> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

export const ok = <T>(value: T): Result<T, never> => ({ ok: true, value });
export const fail = <E>(error: E): Result<never, E> => ({ ok: false, error });

/** Marks a case the types say cannot happen; reaching it is a bug in this program, not a user's mistake. */
export function assertNever(value: never): never {
  throw new Error(`unreachable case: ${JSON.stringify(value)}`);
}
