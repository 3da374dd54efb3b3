import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { asPerson } from '../server/db/database.ts';
import { exportHouse } from '../server/services/houseFile.ts';
import { asAccount, findHome } from './account.ts';
import { BadInput, runCommand } from './complain.ts';

const USAGE = 'usage: npm run export -- "Name or id of a home" [--to house.json] [--as e-mail]';

await runCommand(async () => {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: { to: { type: 'string' }, as: { type: 'string' } },
  });
  const [wanted] = positionals;
  if (wanted === undefined) throw new BadInput([USAGE]);
  const file = await asAccount(values.as, async (db, personId) => {
    const home = await findHome(db, personId, wanted);
    return asPerson(db, personId, (tx) => exportHouse(tx, home));
  });
  const text = `${JSON.stringify(file, null, 2)}\n`;
  if (values.to === undefined) process.stdout.write(text);
  else writeFileSync(values.to, text);
});
