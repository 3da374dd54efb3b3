import { parseArgs } from 'node:util';
import { asPerson } from '../server/db/database.ts';
import { Failure } from '../server/services/failure.ts';
import { importHouse } from '../server/services/houseFiles/importHouse.ts';
import { problemText } from '../locales/problemText.ts';
import { asAccount } from './account.ts';
import { BadInput, runCommand, say } from './complain.ts';
import { withHouseFile } from './readHouseFile.ts';

const USAGE = 'usage: npm run import -- house.zip or house.json [--as e-mail]';

await runCommand(async () => {
  const { values, positionals } = parseArgs({ allowPositionals: true, options: { as: { type: 'string' } } });
  const [path] = positionals;
  if (path === undefined) throw new BadInput([USAGE]);
  await withHouseFile(path, async (file, files) => {
    try {
      const homeId = await asAccount(values.as, (db, personId) =>
        asPerson(db, personId, (tx) => importHouse(tx, file, { by: personId, now: Date.now() }, files)),
      );
      const kept = homeId === file.home.id ? ', as it was' : '';
      console.log(`${file.home.name} is now home ${homeId}${kept}`);
    } catch (error) {
      if (!(error instanceof Failure)) throw error;
      const problem = error.problem ? problemText(say, error.problem) : say(`error.${error.code}`);
      throw new BadInput([
        say('cli.fault', { file: path, path: error.field ?? '(the whole file)', problem }),
      ]);
    }
  });
});
