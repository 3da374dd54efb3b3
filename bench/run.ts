import { benchCorrections } from './corrections.ts';
import { benchDoneOnToday } from './doneOnToday.ts';
import { benchDueDates } from './dueDates.ts';
import { benchDueRoute } from './dueRoute.ts';
import { benchInitialScript } from './initialScript.ts';
import { benchLedgerPage } from './ledgerPage.ts';
import type { Ratio } from './ratio.ts';
import { benchPlans } from './planning/plans.ts';
import { computeReference } from './planning/reference.ts';
import { benchRebuild } from './rebuild.ts';
import { benchYearAhead } from './yearAhead.ts';

// npm run bench: ratios against a peer in the same run. Figures of single machines mean little; ratios travel.
// npm run bench -- dates scripts: only these.
const BENCHES: Readonly<Record<string, () => readonly Ratio[] | Promise<readonly Ratio[]>>> = {
  dates: benchDueDates,
  year: benchYearAhead,
  due: benchDueRoute,
  page: benchLedgerPage,
  corrections: benchCorrections,
  done: benchDoneOnToday,
  scripts: benchInitialScript,
  rebuild: benchRebuild,
  plans: benchPlans,
};
// npm run bench -- --reference: only computes anew, in about an hour, the results of a solver that plans are held against.
const wanted = process.argv.slice(2);
if (wanted.includes('--reference')) {
  await computeReference();
  process.exit();
}
const unknown = wanted.filter((name) => !(name in BENCHES));
if (unknown.length > 0)
  throw new Error(
    `no benchmark is called ${unknown.join(', ')}; there are ${Object.keys(BENCHES).join(', ')}`,
  );
const ratios: Ratio[] = [];
for (const [name, bench] of Object.entries(BENCHES))
  if (wanted.length === 0 || wanted.includes(name)) ratios.push(...(await bench()));
console.table(ratios);
