import { GATES } from './data/gates.ts';
import { NO_FLAME } from '../house/alarmCoverage.ts';
import type { Asset, Space } from '../house/house.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Hazard } from '../practice/lists.ts';

/** A thing worked on, as far as a caution asks for it. */
export interface GateThing {
  readonly asset: Asset;
  readonly facts: Readonly<Record<string, FactValue>>;
  readonly space: Space | undefined;
}

/** Whether a caution may stand at a thing: one is left out only where what is known rules it out. */
function standsAt(hazard: Hazard, { facts, space }: GateThing): boolean {
  switch (hazard) {
    case 'gas': {
      const fuel = facts['fuel'] ?? null;
      return fuel === null || fuel === 'gas';
    }
    case 'carbon-monoxide':
      return !NO_FLAME.includes(facts['fuel'] ?? null);
    case 'ceiling-fall':
      return space?.use === undefined || space.use === 'attic';
    default:
      return true;
  }
}

/** The cautions of a step that may really stand at one of its things, in their order; without a thing that is known all of them. */
export const hazardsAt = (cautions: readonly Hazard[], things: readonly GateThing[]): Hazard[] =>
  cautions.filter((hazard) => things.length === 0 || things.some((thing) => standsAt(hazard, thing)));

/** Whether a caution is a question that waits for an answer. */
export const isAsked = (hazard: Hazard): boolean => GATES[hazard] !== null;
