import { ref } from 'vue';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { Duty, House } from '../../core/house/house.ts';
import type { Entry, EntryBody } from '../../core/ledger/entry.ts';
import type { Occurrence } from '../../core/schedule/occurrence.ts';
import { project, type DutyProjection } from '../../core/schedule/project.ts';
import type { Weather } from '../../core/climate/weather.ts';
import { ask } from '../device/ask.ts';
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
        async ({ id }) => [id, await ask('dutyHistory', { params: { homeId, dutyId: id } })] as const,
      ),
    );
    histories.value = new Map(read.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : [])));
  }

  /** The projection with some more entries; null when the duty's history is not at hand. */
  function afterwards(duty: Duty, date: CivilDate, bodies: readonly EntryBody[]): DutyProjection | null {
    const known = histories.value.get(duty.id);
    if (!home.house || !home.on || !known) return null;
    const house: House = home.house;
    const considered = bodies.map((body, index): Entry => ({
      id: index === 0 ? CONSIDERED : `${CONSIDERED}-${index}`,
      date,
      stampedAt: new Date().toISOString(),
      by: CONSIDERED,
      body,
    }));
    const around = { find: home.find, weather: known.weather };
    const { duties } = project(house, [...known.entries, ...considered], home.on, around);
    return duties.find(({ dutyId }) => dutyId === duty.id) ?? null;
  }

  /** What stood outstanding on a day, as far as it was known then; null where nothing did or nobody can say. */
  function stoodOn(duty: Duty, date: CivilDate): Occurrence | null {
    const known = histories.value.get(duty.id);
    if (!home.house || !known) return null;
    const around = { find: home.find, weather: known.weather };
    const { duties } = project(home.house, known.entries, date, around);
    return duties.find(({ dutyId }) => dutyId === duty.id)?.occurrence ?? null;
  }

  /** Whether the considered entry would satisfy nothing. */
  const isExtra = (projection: DutyProjection): boolean =>
    projection.extras.some(({ entryId }) => entryId === CONSIDERED);

  return { study, afterwards, isExtra, stoodOn };
}
