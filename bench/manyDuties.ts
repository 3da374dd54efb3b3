import { readFileSync } from 'node:fs';
import { houseFileSchema } from '../src/core/formats/houseFile.ts';
import type { HouseFile } from '../src/core/formats/houseFileShape.ts';

/** A house with so many duties of every kind of rule: the example that has them all, over and over, each copy with its record. */
export function manyDuties(count: number): HouseFile {
  const file = houseFileSchema.parse(JSON.parse(readFileSync('examples/every-rule.json', 'utf8')));
  const { weather: _weather, ...example } = file;
  const copies = Array.from({ length: Math.ceil(count / file.duties.length) }, (_, copy) =>
    copyOf(file, copy),
  );
  const duties = copies.flatMap((one) => one.duties).slice(0, count);
  const kept = new Set(duties.map(({ id }) => id));
  const entries = copies
    .flatMap((one) => one.entries)
    .filter(({ body }) => !('duty' in body) || body.duty === undefined || kept.has(body.duty))
    .sort((a, b) => (a.date < b.date ? -1 : Number(a.date > b.date)));
  return {
    ...example,
    assets: copies.flatMap((one) => one.assets),
    duties: duties.map((duty) => ({
      ...duty,
      companions: duty.companions && {
        bound: duty.companions.bound?.filter((id) => kept.has(id)) ?? [],
        handy: duty.companions.handy?.filter((id) => kept.has(id)) ?? [],
      },
    })),
    entries,
  };
}

/** The things, duties and record of the example with every id of theirs marked by the copy. */
function copyOf(file: HouseFile, copy: number): Pick<HouseFile, 'assets' | 'duties' | 'entries'> {
  const own = new Set([...file.assets, ...file.duties, ...file.entries].map(({ id }) => id));
  const text = JSON.stringify([file.assets, file.duties, file.entries], (_key, value: unknown) =>
    typeof value === 'string' && own.has(value) ? `${value}-${copy}` : value,
  );
  const [assets, duties, entries] = JSON.parse(text) as [
    HouseFile['assets'],
    HouseFile['duties'],
    HouseFile['entries'],
  ];
  return { assets, duties, entries };
}
