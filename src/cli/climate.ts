import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { readStationFile } from '../adapters/stationSeries.ts';
import { stationFaultLines } from '../locales/stationFaultText.ts';
import { BadInput, runCommand, say } from './complain.ts';

/** Works out the climate a daily station file tells of, as a house file holds it under `home.climate.imported`. */
await runCommand(() => {
  const { values, positionals } = parse(process.argv.slice(2));
  const [file, extra] = positionals;
  const { hemisphere } = values;
  if (file === undefined || extra !== undefined || (hemisphere !== 'north' && hemisphere !== 'south'))
    throw new BadInput([say('cli.climateUsage')]);
  const read = readStationFile(readText(file), hemisphere);
  if (!read.ok) throw new BadInput(stationFaultLines(say, read.error).map((line) => `${file}: ${line}`));
  if (read.value.flagged > 0)
    console.error(say('cli.flagged', { n: read.value.flagged }, read.value.flagged));
  console.log(JSON.stringify(read.value.climate, null, 2));
});

function parse(args: string[]) {
  try {
    return parseArgs({
      args,
      allowPositionals: true,
      options: { hemisphere: { type: 'string', default: 'north' } },
    });
  } catch (error) {
    throw new BadInput([error instanceof Error ? error.message : String(error), say('cli.climateUsage')]);
  }
}

function readText(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new BadInput([say('cli.fileMissing', { file, why })]);
  }
}
