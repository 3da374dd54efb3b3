import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const garden = {
  pool: {
    title: 'Pool',
    says: 'Water half-way up the skimmer in summer; for winter below it, with the lines blown out and plugged.',
    shows:
      'A pool in section with its skimmer at the edge, and pump and filter beside it. A dashed line shows the level for winter.',
    labels: {
      skimmer: 'skimmer',
      pump: 'pump, filter',
      level: 'winter level',
      water: 'pool',
      test: 'pH 7.2 to 7.8',
      lines: 'lines empty and plugged for winter',
      cover: 'cover, fence, gate',
    },
  },
  'lawn-cut': {
    title: 'Last cut of the lawn',
    says: 'The last cut is short, {2 in|5 cm}; rake or mulch the leaves; feed and seed before the frost.',
    shows: 'Grass before and after the mower. The last cut of the year leaves it short.',
    labels: {
      before: '{3 in|8 cm}',
      after: '{2 in|5 cm}',
      last: 'last cut: short',
      leaves: 'leaves off or mulched',
      seed: 'feed, seed, water once',
      third: 'never more than a third at a time',
    },
  },
  bulbs: {
    title: 'Bulbs and tender plants',
    says: 'Three times as deep as the bulb is high, tip up. Tender plants come in before the first frost.',
    shows:
      'Two bulbs in the ground, the large one deeper than the small one. A tender plant stands under a cover.',
    labels: {
      deep: '3 times its height',
      small: 'small one',
      tip: 'tip up',
      cover: 'cover',
      mulch: 'mulch, fleece',
      pots: 'pots: off the ground',
      in: 'or bring it in',
    },
  },
} satisfies Record<string, DrawingText>;
