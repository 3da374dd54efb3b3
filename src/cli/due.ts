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
  readonly on: CivilDate;
  readonly format: 'text' | 'json';
}

function readWish(args: string[]): Wish {
  const { values, positionals } = parse(args);
  const [file, extra] = positionals;
  if (file === undefined || extra !== undefined) throw new BadInput([say('cli.usage')]);
  const { on = '', format = 'text' } = values;
  if (!isCivilDate(on)) throw new BadInput([say('cli.dateNeeded', { value: on })]);
  if (format !== 'text' && format !== 'json')
    throw new BadInput([say('cli.formatNeeded', { value: format })]);
  return { file, on, format };
}

function parse(args: string[]) {
  try {
    return parseArgs({
      args,
      allowPositionals: true,
      options: { on: { type: 'string' }, format: { type: 'string' } },
    });
  } catch (error) {
    throw new BadInput([error instanceof Error ? error.message : String(error), say('cli.usage')]);
  }
}

await runCommand(() => {
  const { file, on, format } = readWish(process.argv.slice(2));
  const house = readHouseFile(file);
  const find = finderWith(house.practices ?? []);
  const weather = house.weather ?? stationWeather(house.home, on);
  const items = dueReport(house, house.entries, on, { find, weather });
  const later = house.entries.filter(({ date }) => date > on).length;
  if (later > 0) console.error(say('cli.future', { n: later, on }, later));
  console.log(format === 'json' ? JSON.stringify(items, null, 2) : dueText(house, items, { on, find }));
});
