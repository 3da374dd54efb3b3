import type { Practice } from '../../practice/practice.ts';
import { air } from './air.ts';
import { alarms } from './alarms.ts';
import { appliances } from './appliances.ts';
import { cooling } from './cooling.ts';
import { evaporativeCooler } from './evaporativeCooler.ts';
import { fires } from './fires.ts';
import { garden } from './garden.ts';
import { ground } from './ground.ts';
import { heating } from './heating.ts';
import { household } from './household.ts';
import { humidity } from './humidity.ts';
import { manufactured } from './manufactured.ts';
import { openings } from './openings.ts';
import { roof } from './roof.ts';
import { sewage } from './sewage.ts';
import { water } from './water.ts';
import { withWorthUntil } from './worthUntil.ts';

/** Every practice, one data file per house system. */
export const PRACTICES: readonly Practice[] = [
  ...air,
  ...cooling,
  ...heating,
  ...humidity,
  ...alarms,
  ...water,
  ...evaporativeCooler,
  ...roof,
  ...ground,
  ...openings,
  ...fires,
  ...appliances,
  ...sewage,
  ...garden,
  ...manufactured,
  ...household,
].map(withWorthUntil);
