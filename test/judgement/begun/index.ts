import type { BegunHouse } from './begunHouse.ts';
import { frost } from './frost.ts';
import { gulfSummer } from './gulfSummer.ts';
import { marineSpring } from './marineSpring.ts';
import { southWinter } from './southWinter.ts';
import { uplandSummer } from './uplandSummer.ts';
import { woodsAutumn } from './woodsAutumn.ts';

/** Six houses begun in every season, north and south, by people new to it and by people who do everything. */
export const BEGUN: Readonly<Record<string, BegunHouse>> = {
  frost,
  marineSpring,
  gulfSummer,
  woodsAutumn,
  southWinter,
  uplandSummer,
};
