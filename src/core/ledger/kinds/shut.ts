import { seasonTurn } from './seasonTurn.ts';

/** Something was shut for the season. */
export const shut = seasonTurn('shut');
