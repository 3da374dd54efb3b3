import { seasonTurn } from './seasonTurn.ts';

/** Something that is shut with the seasons was opened. */
export const opened = seasonTurn('opened');
