import type { DrawingName } from '../../core/catalogue/drawings/names.ts';
import { air } from './air.ts';
import { cooling } from './cooling.ts';
import { heating } from './heating.ts';
import { humidity } from './humidity.ts';
import { alarms } from './alarms.ts';
import { water } from './water.ts';
import { evaporativeCooler } from './evaporativeCooler.ts';
import { roof } from './roof.ts';
import { ground } from './ground.ts';
import { openings } from './openings.ts';
import { fires } from './fires.ts';
import { appliances } from './appliances.ts';
import { sewage } from './sewage.ts';
import { garden } from './garden.ts';
import { manufactured } from './manufactured.ts';
import { household } from './household.ts';
import type { DrawingText } from './text.ts';

/** The words of every drawing. */
export const DRAWING_TEXTS: Readonly<Record<DrawingName, DrawingText>> = {
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
};
