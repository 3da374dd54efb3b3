import type { Practice } from '../../practice/practice.ts';
import { air } from './air.ts';
import { alarms } from './alarms.ts';
import { appliances } from './appliances.ts';
import { cooling } from './cooling.ts';
import { evaporativeCooler } from './evaporativeCooler.ts';
import { fires } from './fires.ts';
import { garden } from './garden.ts';
import { garageDoor } from './garageDoor.ts';
import { ground } from './ground.ts';
import { heating } from './heating.ts';
import { household } from './household.ts';
import { humidity } from './humidity.ts';
import { manufactured } from './manufactured.ts';
import { openings } from './openings.ts';
import { outdoors } from './outdoors.ts';
import { plumbing } from './plumbing.ts';
import { pool } from './pool.ts';
import { roof } from './roof.ts';
import { safety } from './safety.ts';
import { sewage } from './sewage.ts';
import { water } from './water.ts';
import { waterHeater } from './waterHeater.ts';
import { withPlanning } from './planning.ts';
import { withWorthUntil } from './worthUntil.ts';

/** Every practice, one data file per house system. */
export const PRACTICES: readonly Practice[] = [
  ...air,
  ...cooling,
  ...heating,
  ...humidity,
  ...alarms,
  ...safety,
  ...water,
  ...waterHeater,
  ...plumbing,
  ...evaporativeCooler,
  ...roof,
  ...ground,
  ...outdoors,
  ...openings,
  ...garageDoor,
  ...fires,
  ...appliances,
  ...sewage,
  ...garden,
  ...pool,
  ...manufactured,
  ...household,
]
  .map(withWorthUntil)
  .map(withPlanning);
