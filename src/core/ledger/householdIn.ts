import type { FactValue } from '../basics/factValue.ts';
import { usualHousehold, type Household } from '../house/household.ts';
import type { StandingEntry } from './corrections.ts';

/** How the household works: as it was told last, else as the house file says, else the hours its walk told of, on Saturday and Sunday. */
export function householdIn(
  told: readonly StandingEntry[],
  traits: ReadonlyMap<string, FactValue>,
  { inFile, usualHours }: { readonly inFile?: Household | undefined; readonly usualHours: number },
): Household {
  const last = told.findLast(({ body }) => body.kind === 'household')?.body;
  if (last?.kind === 'household') return last.household;
  if (inFile) return inFile;
  const hours = traits.get('hours-a-week');
  return usualHousehold(typeof hours === 'number' && hours > 0 ? hours : usualHours);
}
