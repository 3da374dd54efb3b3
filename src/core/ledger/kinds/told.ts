import type { FactValue } from '../../basics/factValue.ts';
import type { Verdict } from '../../basics/verdict.ts';
import type { CivilDate } from '../../calendar/civilDate.ts';
import type { Terms } from '../../practice/terms.ts';

/** The subject of an entry: an id of the home, or a code that has a name. */
export type About =
  | { readonly what: 'duty' | 'asset'; readonly id: string }
  | { readonly what: 'trait' | 'trigger' | 'supply' | 'finding'; readonly code: string };

/** One thing an entry says besides its kind and day, as data: words are made of it elsewhere. */
export type Told = { readonly field: string } & (
  | { readonly as: 'text'; readonly text: string }
  | { readonly as: 'date'; readonly date: CivilDate }
  | { readonly as: 'days'; readonly days: number }
  | { readonly as: 'number'; readonly number: number }
  | { readonly as: 'minutes'; readonly minutes: number }
  | { readonly as: 'money'; readonly cost: number }
  | { readonly as: 'person'; readonly id: string }
  | { readonly as: 'asset'; readonly id: string }
  | { readonly as: 'state'; readonly code: string }
  | { readonly as: 'finding'; readonly what: string; readonly part?: string | undefined }
  | { readonly as: 'verdict'; readonly verdict: Verdict }
  | { readonly as: 'used'; readonly used: readonly { readonly supply: string; readonly quantity: number }[] }
  | { readonly as: 'terms'; readonly terms: Terms }
  | { readonly as: 'fact'; readonly asset: string; readonly fact: string; readonly value: FactValue }
  | { readonly as: 'trait'; readonly trait: string; readonly value: FactValue }
  | {
      readonly as: 'reading';
      readonly measure: string;
      readonly value: number;
      readonly unit: string;
      readonly part?: string | undefined;
      readonly before?: { readonly value: number; readonly unit: string } | undefined;
    }
);
