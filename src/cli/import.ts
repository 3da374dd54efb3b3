import { parseArgs } from 'node:util';
import { asPerson } from '../server/db/database.ts';
import { Failure } from '../server/services/failure.ts';
import { importHouse } from '../server/services/houseFile.ts';
import { problemText } from '../locales/problemText.ts';
import { asAccount } from './account.ts';
import { BadInput, runCommand, say } from './complain.ts';
import { readHouseFile } from './readHouseFile.ts';

const USAGE = 'usage: npm run import -- house.json [--as e-mail]   (makes a new home of it)';

await runCommand(async () => {
  const { values, positionals } = parseArgs({ allowPositionals: true, options: { as: { type: 'string' } } });
  const [path] = positionals;
  if (path === undefined) throw new BadInput([USAGE]);
  const file = readHouseFile(path);
  try {
    const homeId = await asAccount(values.as, (db, personId) =>
      asPerson(db, personId, (tx) => importHouse(tx, file, { by: personId, now: Date.now() })),
    );
    console.log(`${file.home.name} is now home ${homeId}`);
  } catch (error) {
    if (!(error instanceof Failure)) throw error;
    const problem = error.problem ? problemText(say, error.problem) : say(`error.${error.code}`);
    throw new BadInput([say('cli.fault', { file: path, path: error.field ?? '(the whole file)', problem })]);
  }
});
