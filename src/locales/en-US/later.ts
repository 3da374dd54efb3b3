import { accounts } from './accounts.ts';
import { facts } from './facts.ts';
import { files } from './files.ts';
import { house } from './house.ts';
import { plan } from './plan.ts';
import { upkeep } from './upkeep.ts';
import { walk } from './walk.ts';
import { work } from './work.ts';

/** The sentences of the pages that are fetched when they are first gone to. */
export const later = { ...accounts, ...facts, ...files, ...house, ...walk, ...plan, ...upkeep, ...work };
