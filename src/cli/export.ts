import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { asPerson } from '../server/db/database.ts';
import { exportHouse } from '../server/services/houseFiles/exportHouse.ts';
import { packHouse } from '../server/services/houseFiles/packHouse.ts';
import { asAccount, findHome } from './account.ts';
import { BadInput, runCommand } from './complain.ts';

const USAGE = 'usage: npm run export -- "Name or id of a home" [--to house.zip or house.json] [--as e-mail]';

await runCommand(async () => {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: { to: { type: 'string' }, as: { type: 'string' } },
  });
  const [wanted] = positionals;
  if (wanted === undefined) throw new BadInput([USAGE]);
  const { to } = values;
  await asAccount(values.as, async (db, personId) => {
    const home = await findHome(db, personId, wanted);
    await asPerson(db, personId, async (tx) => {
      if (to?.endsWith('.zip')) {
        await packHouse(tx, home, to);
        return;
      }
      const text = `${JSON.stringify(await exportHouse(tx, home), null, 2)}\n`;
      if (to === undefined) process.stdout.write(text);
      else writeFileSync(to, text);
    });
  });
});
