import { readInteger, type NumberFault } from '../typed/fields.ts';

/** The fields of a finding, as typed. */
export interface FindingDraft {
  what: string;
  verdict: 'sound' | 'watch' | 'act' | 'stop';
  place: string;
  days: string;
  photo: string | null;
  /** The work that puts it right, where it is a problem that has a name. */
  repairs: readonly string[];
}

/** Days a finding is answered within where nothing else is said; what is sound needs nothing. */
export const USUAL_DAYS = { sound: null, watch: 30, act: 7, stop: 0 } as const;

const MOST_DAYS = 400;

/** The finding, as an entry holds it; `days` is left out where nothing has to follow. */
export interface Finding<V extends FindingDraft['verdict']> {
  readonly what: string;
  readonly verdict: V;
  readonly place?: string;
  readonly days?: number;
  readonly photo?: string;
  readonly answeredBy?: string[];
}

/** The finding the fields stand for, or the first of them that is not right and what would be. */
export function readFinding<V extends FindingDraft['verdict']>(
  draft: FindingDraft & { verdict: V },
): { readonly finding: Finding<V> } | ({ readonly field: 'what' | 'days' } & NumberFault) {
  const what = draft.what.trim();
  if (what === '') return { field: 'what', problem: 'missing' };
  const usual = USUAL_DAYS[draft.verdict];
  const typed = draft.days.trim() === '' || usual === null ? null : readInteger(draft.days, 0, MOST_DAYS);
  if (typed && !typed.ok) return { field: 'days', ...typed.fault };
  const days = typed ? typed.value : usual;
  const place = draft.place.trim();
  return {
    finding: {
      what,
      verdict: draft.verdict,
      ...(place !== '' && { place }),
      ...(days !== null && { days }),
      ...(draft.photo !== null && { photo: draft.photo }),
      ...(days !== null && draft.repairs.length > 0 && { answeredBy: [...draft.repairs] }),
    },
  };
}
