import { makeBody } from '../../../core/ledger/write/makeBody.ts';
import { partialDay } from '../../../core/calendar/partialDate.ts';
import { specOf } from '../../../core/house/factsOfKind.ts';
import type { Asset } from '../../../core/house/house.ts';
import type { EntryBody } from '../../../core/ledger/entry.ts';
import { readInteger } from './fields.ts';

/** The typed age of a thing. */
export interface AgeDraft {
  made: string;
  life: string;
  ends: string;
}

type FactBody = Extract<EntryBody, { kind: 'fact' }>;
export type ReadAge =
  | { readonly ok: true; readonly bodies: (asset: string) => FactBody[] }
  | { readonly ok: false; readonly field: keyof AgeDraft; readonly problem: string };

/** Whether a life and an end are printed on things of a kind. */
export const isPrinted = ({ kind }: Pick<Asset, 'kind'>): boolean => specOf(kind, 'ends') !== undefined;

/** The entries that tell what was read on a thing, or what is wrong with the first field that is. */
export function readAge({ made, life, ends }: AgeDraft): ReadAge {
  const facts: Pick<FactBody, 'fact' | 'value'>[] = [];
  for (const [field, said] of [['made', made.trim()] as const, ['ends', ends.trim()] as const]) {
    if (said === '') continue;
    if (partialDay(said) === null) return { ok: false, field, problem: 'problem.partial-date' };
    facts.push({ fact: field, value: said });
  }
  if (life.trim() !== '') {
    const years = readInteger(life, 1, 15, 'printed-life');
    if (!years.ok) return { ok: false, field: 'life', problem: 'problem.printed-life' };
    facts.push({ fact: 'life', value: years.value });
  }
  if (facts.length === 0) return { ok: false, field: 'made', problem: 'problem.missing' };
  return { ok: true, bodies: (asset) => facts.map((one) => makeBody('fact', { asset, ...one })) };
}
