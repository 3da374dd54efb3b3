import { toCivilDate, toDay, type CivilDate } from '../../src/core/calendar/civilDate.ts';
import type { HouseFile } from '../../src/core/formats/houseFileShape.ts';
import type { Entry, EntryBody } from '../../src/core/ledger/entry.ts';

/**
 * A home with so many entries more, spread evenly over the days up to `until`: each duty done in its turn, with something read or noted
 * between. The duties are kept from the first of those days on.
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
  const first = more[0]?.date ?? until;
  const own = file.entries
    .filter(({ date }) => date <= until)
    .map((entry): Entry => (entry.body.kind === 'adopted' ? { ...entry, date: first } : entry));
  const all = [...own, ...more];
  return { ...file, entries: all.sort((a, b) => (a.date < b.date ? -1 : Number(a.date > b.date))) };
}

/** One in twelve is work done; most of what makes a ledger long is read or noted. */
function bodyOf({ duties, assets }: HouseFile, index: number): EntryBody {
  const asset = assets[index % assets.length]?.id ?? '';
  if (index % 12 === 0) return { kind: 'done', duty: duties[(index / 12) % duties.length]?.id ?? '' };
  if (index % 3 === 1) return { kind: 'note', text: `Note ${index}`, asset };
  return { kind: 'reading', asset, measure: 'water-pressure', value: 50 + (index % 20), unit: 'psi' };
}
