import { runCommand } from './complain.ts';
import { eachHome } from './homes/eachHome.ts';

// Recomputes every hash of every home's ledger; names the first broken entry of each home that has one and ends with exit code 1.
await runCommand(async () => {
  const { homes, failed, counted } = await eachHome('verify');
  console.log(`${homes} homes, ${counted} entries read, ${failed} homes not as they were written`);
});
