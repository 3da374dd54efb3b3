import type { Costs } from './costs.ts';

/** Cost of the minutes of one week against what the household gives to it. */
export function loadCost(minutes: number, budget: number, costs: Costs): number {
  const nearFull = minutes - costs.nearFullFrom * budget;
  if (nearFull <= 0) return 0;
  const full = Math.max(0, minutes - budget);
  const over = Math.max(0, full - costs.overBy);
  return costs.nearFull * nearFull + costs.full * full + costs.over * over;
}
