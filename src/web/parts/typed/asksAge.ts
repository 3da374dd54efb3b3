import type { Occurrence } from '../../../core/schedule/occurrence.ts';

/** Whether an occurrence asks for the date on the thing, because nobody knows how old it is. */
export const asksAge = ({ reasons }: Pick<Occurrence, 'reasons'>): boolean =>
  reasons.some(({ kind }) => kind === 'ageUnknown');
