import type { AssetKind } from '../../basics/assetKind.ts';
import type { SpaceUse } from '../house.ts';

/** Where something is drawn, in the units of the drawing: x to the right, y downward, from the upper left corner. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The part of the drawing a group of things is in. `loose`: nobody has said where they are. */
export type Zone = 'room' | 'attic' | 'roof' | 'crawl' | 'outdoors' | 'soil' | 'loose';

/** One place for a thing; `folded`: one place for the rest of a room, where there are too many to show one by one. */
export interface PlacedThing {
  readonly assets: readonly string[];
  readonly folded: boolean;
  readonly box: Box;
}

/** A room, or another group of things that stand together. `spaces`: the rooms it stands for; none where it is no room. */
export interface PlacedRoom {
  readonly zone: Zone;
  readonly spaces: readonly string[];
  readonly names: readonly string[];
  readonly box: Box;
  readonly things: readonly PlacedThing[];
}

export type RoofShape = 'gable' | 'steep' | 'low' | 'flat';

/** How a house is built, as far as a section through it shows. */
export interface HouseForm {
  readonly roof: RoofShape;
  /** Under the ground floor, where no room says more. */
  readonly below: 'slab' | 'crawl' | 'skirting';
  /** Other homes at both sides, or above and below. */
  readonly joined: 'none' | 'sides' | 'floors';
}

/** A section through a house: the walls, the roof over them, the rooms by storey, and what stands outdoors and in the ground. */
export interface HouseSection {
  readonly width: number;
  readonly height: number;
  /** The height of the ground outdoors. */
  readonly ground: number;
  /** How far down the ground is drawn. */
  readonly bottom: number;
  readonly form: HouseForm;
  readonly walls: Box;
  /** The corners of the roof, from the left eaves over the top to the right. */
  readonly roof: readonly (readonly [number, number])[];
  /** The floors of the storeys, the lowest last. */
  readonly storeys: readonly { readonly storey: number; readonly box: Box }[];
  readonly rooms: readonly PlacedRoom[];
}

export interface SectionSpace {
  readonly id: string;
  readonly name: string;
  readonly use?: SpaceUse | undefined;
  readonly storey?: number | undefined;
  readonly side?: 'north' | 'east' | 'south' | 'west' | undefined;
}

export interface SectionThing {
  readonly id: string;
  readonly kind: AssetKind;
  readonly name: string;
  readonly space?: string | undefined;
}

export interface SectionInput {
  readonly spaces: readonly SectionSpace[];
  readonly things: readonly SectionThing[];
  readonly form: HouseForm;
  /** How many things stand side by side in the house at most: fewer on a narrow screen. */
  readonly across: number;
}

/** The room one thing takes, its label included; and the height of the name of a room. */
export const CELL = { width: 84, height: 74 } as const;
export const NAME_HEIGHT = 20;
/** A room shows at most so many things one by one. */
export const MOST = 12;
