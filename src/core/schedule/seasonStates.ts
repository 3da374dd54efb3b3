import type { CivilDate } from '../calendar/civilDate.ts';
import { rootsOf, type House } from '../house/house.ts';
import { timingOf, type FindPractice } from '../house/timingOf.ts';
import { stateKey } from './replay/history.ts';
import type { HouseProjection } from './project.ts';
import { stateAtEnd, type SeasonState } from './replay/seasonState.ts';

/** How one thing that is shut and opened with the seasons stands. */
export interface SeasonStateLine {
  /** The first unit of its line of replacements. */
  readonly asset: string;
  readonly state: string;
  readonly standing: SeasonState;
  readonly since: CivilDate | null;
  readonly entryId: string | null;
  /** When either half is next due; of an unknown one, when it is to be looked at. */
  readonly nextOn: CivilDate | null;
  /** The duty that opens it again, and when that is due. */
  readonly reopens: { readonly dutyId: string; readonly on: CivilDate | null } | null;
}

/** Every pair of a house with how it stands on the day it was projected for: closed ones first, then unknown, then open. */
export function seasonStates(
  house: House,
  { duties, states, looks }: HouseProjection,
  find: FindPractice,
): SeasonStateLine[] {
  const roots = rootsOf(house.assets);
  const lines = new Map<string, SeasonStateLine>();
  for (const { dutyId, occurrence, retired } of duties) {
    const duty = house.duties.find(({ id }) => id === dutyId);
    const asset = duty && house.assets.find(({ id }) => id === duty.asset);
    const { pair } = (duty && timingOf(duty, asset, find)) ?? {};
    if (!duty || !pair || retired) continue;
    const root = roots.get(duty.asset) ?? duty.asset;
    const key = stateKey(root, pair.state);
    const known = lines.get(key);
    const due = occurrence?.window.due ?? null;
    const other = known?.nextOn ?? null;
    const standing = stateAtEnd(states.get(key) ?? []);
    const next = other !== null && (due === null || other < due) ? other : due;
    const look = standing.standing === 'unknown' ? looks.get(key) : undefined;
    const reopens = pair.half === 'opens' ? { dutyId, on: due } : (known?.reopens ?? null);
    lines.set(key, { asset: root, state: pair.state, ...standing, nextOn: look ?? next, reopens });
  }
  return [...lines.values()].sort((a, b) => ORDER[a.standing] - ORDER[b.standing]);
}

const ORDER: Record<SeasonState, number> = { closed: 0, unknown: 1, open: 2 };
