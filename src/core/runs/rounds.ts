import {
  afterStorm,
  comingBack,
  firstYear,
  goingAway,
  monthly,
  movingIn,
  overflow,
  quarterly,
  yearly,
} from './data/rounds.ts';
import { autumnClosing, midwinter, springOpening } from './data/seasons.ts';
import type { RoundCode } from '../basics/roundCode.ts';
import type { Round } from './round.ts';

/** Every round, in the order they are offered. */
export const ROUNDS: readonly Round[] = [
  autumnClosing,
  springOpening,
  monthly,
  quarterly,
  yearly,
  midwinter,
  afterStorm,
  overflow,
  goingAway,
  comingBack,
  movingIn,
  firstYear,
];

export const roundOf = (code: string): Round | undefined =>
  ROUNDS.find((round) => round.code === (code as RoundCode));
