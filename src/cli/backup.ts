import { parseArgs } from 'node:util';
import { dropOldBackups, makeBackup } from '../cluster/backup.ts';
import { openInstallation, readyServer } from '../cluster/installation.ts';
import { checkedText, checkHomes } from './checkHomes.ts';
import { BadInput, runCommand } from './complain.ts';

const USAGE = 'usage: npm run backup -- --to folder [--keep how many]';

// Backs the installation up, while it runs: the database and its secrets, restored once aside and checked.
await runCommand(async () => {
  const { values } = parseArgs({ options: { to: { type: 'string' }, keep: { type: 'string' } } });
  const { to, keep } = values;
  if (to === undefined) throw new BadInput([USAGE]);
  if (keep !== undefined && !/^[1-9]\d{0,3}$/.test(keep))
    throw new BadInput([`--keep must be a number from 1 to 9999, not "${keep}"`]);
  const installation = openInstallation();
  const { adminUrl, release } = await readyServer(installation);
  try {
    const { folder, checked } = await makeBackup(installation, adminUrl, to, Date.now(), checkHomes);
    console.log(`${folder}: ${checkedText(checked)}`);
  } finally {
    await release();
  }
  if (keep !== undefined)
    for (const name of dropOldBackups(to, Number(keep))) console.log(`deleted the old backup ${name}`);
});
