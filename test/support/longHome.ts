import { toCivilDate, toDay, type CivilDate } from '../../src/core/calendar/civilDate.ts';
import type { HouseFile } from '../../src/core/formats/houseFileShape.ts';
import type { Entry, EntryBody } from '../../src/core/ledger/entry.ts';

/**
 * A home with so many entries more, spread evenly over the days up to `until`: each duty done in its turn, with something read, bought or
 * noted between. The days before the home's own first entry count as its history.
 */
export function longHome(file: HouseFile, entries: number, until: CivilDate): HouseFile {
  const [person] = file.people;
  if (!person || file.duties.length === 0) throw new Error('a home with a person and duties is wanted');
  const last = toDay(until);
  const days = Math.max(entries / 4, 400);
  const more = Array.from({ length: entries }, (_, index): Entry => {
    const date = toCivilDate(last - Math.floor(((entries - 1 - index) * days) / entries));
    const id = `long-${index}`;
    return { id, date, stampedAt: `${date}T12:00:00.000Z`, by: person.id, body: bodyOf(file, index) };
  });
  const all = [...file.entries.filter(({ date }) => date <= until), ...more];
  return { ...file, entries: all.sort((a, b) => (a.date < b.date ? -1 : Number(a.date > b.date))) };
}

function bodyOf({ duties, assets }: HouseFile, index: number): EntryBody {
  const duty = duties[index % duties.length]?.id ?? '';
  const asset = assets[index % assets.length]?.id ?? '';
  if (index % 7 === 3) return { kind: 'reading', asset, measure: 'loads', value: index, unit: 'loads' };
  if (index % 7 === 5) return { kind: 'note', text: `Note ${index}`, asset };
  return { kind: 'done', duty };
}
