import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { openBackup, restoreBackup } from '../cluster/backup.ts';
import { checkedText, checkHomes } from './checkHomes.ts';
import { BadInput, runCommand } from './complain.ts';

const USAGE = 'usage: npm run restore -- backup-folder --into new-data-folder';

// Restores a backup into a data folder that is not there yet, and checks every home.
await runCommand(async () => {
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: { into: { type: 'string' } },
  });
  const [from] = positionals;
  if (from === undefined || values.into === undefined) throw new BadInput([USAGE]);
  const { installation, checked } = await restoreBackup(
    await openBackup(resolve(from)),
    values.into,
    checkHomes,
  );
  const { folder } = installation;
  console.log(`${folder}: ${checkedText(checked)}`);
  console.log(`To work with it: DATA_DIR=${folder} npm start`);
});
