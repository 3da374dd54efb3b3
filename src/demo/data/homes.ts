import type { DemoHome } from '../demoHome.ts';
import { canebrakeCourt } from './canebrakeCourt.ts';
import { juniperBend } from './juniperBend.ts';
import { kowhaiTerrace } from './kowhaiTerrace.ts';
import { mesaRow } from './mesaRow.ts';
import { sledLake } from './sledLake.ts';
import { weirLane } from './weirLane.ts';

/** The demo homes, very different ones, in one made-up county and beyond. Every place, price and reading is invented. */
export const DEMO_HOMES: readonly DemoHome[] = [
  juniperBend,
  weirLane,
  mesaRow,
  canebrakeCourt,
  sledLake,
  kowhaiTerrace,
];
