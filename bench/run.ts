import { benchCorrections } from './corrections.ts';
import { benchDueDates } from './dueDates.ts';
import { benchDueRoute } from './dueRoute.ts';
import { benchInitialScript } from './initialScript.ts';
import { benchLedgerPage } from './ledgerPage.ts';
import { benchRebuild } from './rebuild.ts';
import { benchYearAhead } from './yearAhead.ts';

// npm run bench: ratios against a peer in the same run. Figures of single machines mean little; ratios travel.
console.table([
  ...benchDueDates(),
  ...benchYearAhead(),
  ...(await benchDueRoute()),
  ...(await benchLedgerPage()),
  ...(await benchCorrections()),
  ...(await benchInitialScript()),
  ...(await benchRebuild()),
]);
