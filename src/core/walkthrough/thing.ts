import type { AssetKind } from '../basics/assetKind.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Given } from './given.ts';

/** Something the walk finds. `room` is a room's code; `partOf` the id of another thing of the walk. */
export interface Thing {
  readonly id: string;
  readonly kind: AssetKind;
  readonly room?: string;
  readonly partOf?: string;
  readonly facts?: Record<string, FactValue>;
  readonly calledByRoom?: boolean;
}

/** A thing where something is so, else none: for lists written as they are walked. */
export const when = (holds: boolean, ...things: Thing[]): Thing[] => (holds ? things : []);

/** So many like things, numbered from 1. */
export const times = (count: number, make: (number: number) => Thing): Thing[] => numbers(count).map(make);

/** 1 to so many. */
export const numbers = (count: number): number[] => Array.from({ length: count }, (_, index) => index + 1);

/** The room that a place of plant means: `closet` and `indoors` are the utility room. */
export const roomAt = (given: Given, code: string): string => {
  switch (given.choice(code)) {
    case 'basement':
      return 'basement';
    case 'garage':
      return 'garage';
    case 'attic':
      return 'attic';
    case 'outdoors':
      return 'outside';
    default:
      return 'utility';
  }
};
