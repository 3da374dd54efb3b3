import { parseArgs } from 'node:util';
import { resolve } from 'node:path';
import { checkBackup, openBackup } from '../cluster/backup.ts';
import { checkedText, checkHomes } from './checkHomes.ts';
import { runCommand } from './complain.ts';
import { eachHome } from './homes/eachHome.ts';

// Recomputes every hash of every home's ledger, photos and papers; names what is first wrong in each home that has something wrong and ends
// with exit code 1. With --backup it does so for a backup, restored into a cluster that nothing outlives.
await runCommand(async () => {
  const { values } = parseArgs({ options: { backup: { type: 'string' } } });
  if (values.backup !== undefined) {
    console.log(checkedText(await checkBackup(await openBackup(resolve(values.backup)), checkHomes)));
    return;
  }
  const { homes, failed, counted } = await eachHome('verify');
  console.log(`${homes} homes, ${counted} entries read, ${failed} homes not as they were written`);
});
