import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const household = {
  'emergency-stock': {
    title: 'Emergency stock',
    says: '{1 gal|4 L} of water for each person and day, for three days and more. Look at the dates twice a year.',
    shows: 'A shelf with water, a flashlight, batteries, food and a first-aid kit.',
    labels: {
      water: 'water',
      light: 'light, radio',
      cells: 'batteries',
      food: 'food, opener',
      kit: 'first aid, medicine',
      each: '{1 gal|4 L} a person and day',
      dates: 'write the dates on the front',
    },
  },
  'defect-photo': {
    title: 'A photo that proves something',
    says: 'A ruler or a coin beside it, one picture near, one from far, the date on it.',
    shows: 'A crack in a wall with a ruler held beside it, and a camera.',
    labels: {
      ruler: 'ruler',
      photo: 'one near, one far,',
      near: 'same place next time',
      date: 'date and room in writing',
      crack: 'crack',
    },
  },
} satisfies Record<string, DrawingText>;
