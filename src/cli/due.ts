import { parseArgs } from 'node:util';
import { isCivilDate, type CivilDate } from '../core/calendar/civilDate.ts';
import { finderWith } from '../core/catalogue/catalogue.ts';
import { stationWeather } from '../core/climate/stationWeather.ts';
import { dueReport } from '../core/formats/dueReport.ts';
import { BadInput, runCommand, say } from './complain.ts';
import { dueText } from './dueText.ts';
import { readHouseFile } from './readHouseFile.ts';

interface Wish {
  readonly file: string;
  readonly days: readonly CivilDate[];
  readonly format: 'text' | 'json';
}

function readWish(args: string[]): Wish {
  const { values, positionals } = parse(args);
  const [file, extra] = positionals;
  if (file === undefined || extra !== undefined) throw new BadInput([say('cli.usage')]);
  const { on = [''], format = 'text' } = values;
  const days = on.map((value) => {
    if (!isCivilDate(value)) throw new BadInput([say('cli.dateNeeded', { value })]);
    return value;
  });
  if (format !== 'text' && format !== 'json')
    throw new BadInput([say('cli.formatNeeded', { value: format })]);
  return { file, days, format };
}

function parse(args: string[]) {
  try {
    return parseArgs({
      args,
      allowPositionals: true,
      options: { on: { type: 'string', multiple: true }, format: { type: 'string' } },
    });
  } catch (error) {
    throw new BadInput([error instanceof Error ? error.message : String(error), say('cli.usage')]);
  }
}

await runCommand(async () => {
  const { file, days, format } = readWish(process.argv.slice(2));
  const house = await readHouseFile(file);
  const find = finderWith(house.practices ?? []);
  const lists = days.map((on) => {
    const weather = house.weather ?? stationWeather(house.home, on);
    const later = house.entries.filter(({ date }) => date > on).length;
    if (later > 0) console.error(say('cli.future', { n: later, on }, later));
    return { on, items: dueReport(house, house.entries, on, { find, weather }) };
  });
  const [first] = lists;
  if (format === 'text') for (const { on, items } of lists) console.log(dueText(house, items, { on, find }));
  // One day is a plain list; of several each says which it is.
  else console.log(JSON.stringify(lists.length === 1 ? first?.items : lists, null, 2));
});
