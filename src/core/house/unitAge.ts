import { toDay, type DayNumber } from '../calendar/civilDate.ts';
import { partialDay } from '../calendar/partialDate.ts';
import type { Span } from '../calendar/span.ts';
import type { AssetKind } from '../basics/assetKind.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Asset } from './house.ts';

/** The known age of a unit: when it was made, else installed; and the life or the end printed on it. */
export interface UnitAge {
  readonly made: { readonly day: DayNumber; readonly from: 'made' | 'installed' } | null;
  readonly life: Span | null;
  readonly ends: DayNumber | null;
  /** It senses two things: the printed end is that of one of them, the life that of the other. */
  readonly sensesTwo: boolean;
}

/** Facts that tell how old a thing is and how long it lasts. */
const AGE_FACTS: readonly string[] = ['made', 'life', 'ends', 'senses-co'];

/** Alarms carry their life or their end printed on them. */
const PRINTED: readonly AssetKind[] = ['smoke-alarm', 'co-alarm', 'gas-detector'];

export const isAgeFact = (fact: string): boolean => AGE_FACTS.includes(fact);

/** The age of a thing by its facts. A life is whole years, 1 to 15; what is written otherwise says nothing. */
export function unitAgeOf({ kind, installed, facts = {} }: Asset): UnitAge {
  const printed = PRINTED.includes(kind);
  const { life } = facts;
  const isLife = typeof life === 'number' && Number.isInteger(life) && life >= 1 && life <= 15;
  return {
    made: madeOn(facts['made'], installed),
    life: printed && isLife ? { unit: 'years', count: life } : null,
    ends: printed ? dayOf(facts['ends']) : null,
    sensesTwo: printed && facts['senses-co'] === true,
  };
}

function madeOn(made: FactValue | undefined, installed: Asset['installed']): UnitAge['made'] {
  const day = dayOf(made);
  if (day !== null) return { day, from: 'made' };
  return installed ? { day: toDay(installed), from: 'installed' } : null;
}

const dayOf = (value: FactValue | undefined): number | null =>
  typeof value === 'string' ? partialDay(value) : null;
