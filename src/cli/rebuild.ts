import { runCommand } from './complain.ts';
import { eachHome } from './homes/eachHome.ts';

// Projects every home's schedule anew from its ledger. The ledger is the truth; the schedule is a cache of it.
await runCommand(async () => {
  const { homes, failed, counted } = await eachHome('rebuild');
  console.log(`${homes - failed} homes, ${counted} duties projected anew`);
});
