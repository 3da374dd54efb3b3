import type { CivilDate } from '../calendar/civilDate.ts';
import { standingOn, type Window } from '../schedule/window.ts';
import { currentUnit, type Asset, type Duty } from '../house/house.ts';

/** How a thing stands in the drawing; of several the first. `quiet`: nothing is due. */
export const THING_STATES = ['late', 'open', 'shut', 'quiet'] as const;
export type ThingState = (typeof THING_STATES)[number];

interface Told {
  readonly assets: readonly Asset[];
  readonly duties: readonly Duty[];
  readonly rows: readonly {
    readonly dutyId: string;
    readonly occurrence: { readonly window: Window } | null;
  }[];
  readonly seasons: readonly { readonly asset: string; readonly standing: 'closed' | 'open' | 'unknown' }[];
  readonly on: CivilDate;
}

/** The state of every thing that has one: overdue work first, then work that can be done now, then shut off for the season. */
export function thingStates({ assets, duties, rows, seasons, on }: Told): Map<string, ThingState> {
  const states = new Map<string, ThingState>();
  const note = (asset: string, state: ThingState): void => {
    const unit = currentUnit(assets, asset)?.id ?? asset;
    const known = states.get(unit) ?? 'quiet';
    if (THING_STATES.indexOf(state) < THING_STATES.indexOf(known)) states.set(unit, state);
  };
  const assetOf = new Map(duties.map(({ id, asset }) => [id, asset]));
  for (const { dutyId, occurrence } of rows) {
    const asset = assetOf.get(dutyId);
    if (asset === undefined || !occurrence) continue;
    const standing = standingOn(occurrence.window, on);
    if (standing !== 'ahead') note(asset, standing === 'open' ? 'open' : 'late');
  }
  for (const { asset, standing } of seasons) if (standing === 'closed') note(asset, 'shut');
  return states;
}
