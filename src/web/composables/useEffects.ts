import { ref } from 'vue';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Duty, House } from '../../core/house/house.ts';
import type { Entry, EntryBody } from '../../core/ledger/entry.ts';
import { project, type DutyProjection } from '../../core/schedule/project.ts';
import type { Weather } from '../../core/climate/weather.ts';
import { call } from '../api/client.ts';
import { useHome } from '../stores/home.ts';

/** The id an entry has that is only being considered. */
const CONSIDERED = 'considered';

/** What a duty's date would become if an entry were written: worked out here, by the same code as on the server. */
export function useEffects() {
  const home = useHome();
  const histories = ref(new Map<string, { entries: Entry[]; weather: Weather }>());

  /** Fetches what is known of some duties. Without a connection nothing can be foretold, and nothing is. */
  async function study(duties: readonly Pick<Duty, 'id'>[]): Promise<void> {
    const homeId = home.house?.home.id ?? '';
    const read = await Promise.allSettled(
      duties.map(
        async ({ id }) => [id, await call('dutyHistory', { params: { homeId, dutyId: id } })] as const,
      ),
    );
    histories.value = new Map(read.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : [])));
  }

  /** The projection with one more entry; null when the duty's history is not at hand. */
  function foretell(duty: Duty, date: CivilDate, body: EntryBody): DutyProjection | null {
    const known = histories.value.get(duty.id);
    if (!home.house || !home.on || !known) return null;
    const house: House = home.house;
    const considered: Entry = {
      id: CONSIDERED,
      date,
      stampedAt: new Date().toISOString(),
      by: CONSIDERED,
      body,
    };
    const around = { find: home.find, weather: known.weather };
    const { duties } = project(house, [...known.entries, considered], home.on, around);
    return duties.find(({ dutyId }) => dutyId === duty.id) ?? null;
  }

  /** Whether the considered entry would satisfy nothing, being before its window. */
  const isExtra = (projection: DutyProjection): boolean =>
    projection.extras.some(({ entryId }) => entryId === CONSIDERED);

  return { study, foretell, isExtra };
}
