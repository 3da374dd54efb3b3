import type { BodyOf } from '../entry.ts';
import { makeBody } from './makeBody.ts';

/** The occurrence of a task that was outstanding, as far as the reasons for its window are given. */
interface Outstanding {
  readonly key: string;
  readonly reasons: readonly { readonly kind: string }[];
}

/** Done, for an occurrence whose window frost or a companion has opened early: named, so that it stays answered when they have passed. */
export function doneFor(duty: string, { key, reasons }: Outstanding): BodyOf<'done'> {
  const openedEarly = reasons.some(({ kind }) => kind === 'pull' || kind === 'bound');
  return makeBody('done', { duty, ...(openedEarly && { occurrence: key }) });
}
