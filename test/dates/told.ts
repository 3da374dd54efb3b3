import { civil } from '../../src/core/calendar/civilDate.ts';
import { project, type DutyProjection } from '../../src/core/schedule/project.ts';
import { standingOf } from '../support/seasonStates.ts';
import { standingOn } from '../../src/core/schedule/window.ts';
import { NO_PRACTICES } from '../support/oneDuty.ts';
import { ASSET, asHouse, type AsHouse } from './asHouse.ts';
import type { Expected, NeutralCase, NeutralDuty } from './neutralCase.ts';

/** The schedule this program gives for each duty of a case, in the words of the case, as far as the case tells it. */
export function told(from: NeutralCase): Record<string, Partial<Expected>> {
  const as = asHouse(from);
  const on = civil(from.today);
  const { duties } = project(as.house, as.entries, on, { find: NO_PRACTICES, weather: as.weather });
  return Object.fromEntries(
    from.duties.flatMap((duty): [string, Partial<Expected>][] => {
      const expected = from.expected[duty.id];
      const projection = duties.find(({ dutyId }) => dutyId === duty.id);
      if (!expected || !projection) return [];
      const all = { ...ofDuty(projection, from), ...ofPair(duty, from, as) };
      return [
        [duty.id, Object.fromEntries(Object.keys(expected).map((key) => [key, all[key as keyof Expected]]))],
      ];
    }),
  );
}

function ofDuty(projection: DutyProjection, { entries, today }: NeutralCase): Partial<Expected> {
  const { occurrence, sleep, missed, extras } = projection;
  const window = occurrence?.window ?? { earliest: null, due: null, latest: null };
  const { bookBy = null, orderBy = null } = occurrence ?? {};
  const putOff = entries.findLast(({ kind }) => kind === 'putOff');
  return {
    ...window,
    standing: occurrence
      ? standingOn(occurrence.window, civil(today))
      : sleep?.kind === 'paused'
        ? 'paused'
        : null,
    baseline: occurrence?.baseline ?? false,
    missed: missed.map(({ key }) => key.slice(key.indexOf(':') + 1)),
    extras: extras.map(({ on }) => on),
    bookBy,
    bookShown: bookBy !== null && today >= bookBy,
    orderBy,
    orderShown: orderBy !== null && today >= orderBy,
    lesserDue: (occurrence?.reasons ?? []).flatMap((reason) =>
      reason.kind === 'lesser' ? [reason.due] : [],
    ),
    askAcknowledgement: putOff !== undefined,
  };
}

function ofPair(
  duty: NeutralDuty,
  from: NeutralCase,
  { house, entries, weather }: AsHouse,
): Partial<Expected> {
  if (!duty.pair) return {};
  const lines = standingOf(house, entries, civil(from.today), { find: NO_PRACTICES, weather });
  const line = lines.find(({ asset }) => asset === ASSET);
  return { state: line?.standing, lookAt: line?.nextOn ?? null };
}
