import type { Given } from '../given.ts';
import { isRemembered } from '../lastDone.ts';
import { when, type Thing } from '../thing.ts';

const OUT = { room: 'outside' } as const;

/** The roof and its water, the ground and the walls, where the drains go. */
export function outdoorThings(given: Given): Thing[] {
  const on = (option: string, ...things: Thing[]): Thing[] => when(given.has('ground', option), ...things);
  return [
    {
      id: 'roof',
      kind: 'roof',
      ...OUT,
      facts: { covering: given.choice('covering'), old: given.known('roof-old') },
    },
    ...when(given.yes('gutters'), { id: 'gutters', kind: 'gutter-run', ...OUT }),
    { id: 'walls', kind: 'walls', ...OUT },
    { id: 'vent-pipe', kind: 'vent-pipe', ...OUT },
    ...on('deck', { id: 'deck', kind: 'deck', ...OUT }),
    ...when(given.yes('generator'), { id: 'generator', kind: 'generator', ...OUT }),
    ...on('yard-outlet', { id: 'yard-outlet', kind: 'yard-outlet', ...OUT }),
    ...on('gully', { id: 'gully', kind: 'gully', ...OUT }),
    ...on('stairwell-drain', { id: 'stairwell-drain', kind: 'stairwell-drain', ...OUT }),
    ...on('new-concrete', { id: 'concrete', kind: 'concrete', ...OUT, facts: { made: null } }),
    ...on('air-bricks', { id: 'air-bricks', kind: 'air-bricks', ...OUT }),
    ...on('lawn', { id: 'lawn', kind: 'lawn', ...OUT }),
    ...on('garden', { id: 'garden', kind: 'garden', ...OUT }),
    ...on(
      'underbelly',
      { id: 'underbelly', kind: 'underbelly', ...OUT },
      { id: 'skirting', kind: 'skirting', ...OUT },
    ),
    ...when(!given.isOneOf('below', 'piers'), {
      id: 'foundation',
      kind: 'foundation',
      ...OUT,
      facts: { foundation: given.choice('below'), cracks: given.choice('cracks') },
    }),
    ...when(given.choice('walls') === 'masonry', { id: 'masonry', kind: 'masonry', ...OUT }),
    ...sewage(given),
  ];
}

/** The year something was last done; null where nobody knows, or it never was. */
const yearOf = (answer: string | null): string | null =>
  answer !== null && isRemembered(answer) && answer !== 'never' ? answer.slice(0, 4) : null;

function sewage(given: Given): Thing[] {
  const measured = given.known('measured');
  const pumped = yearOf(given.choice('last-pump-out'));
  switch (given.choice('sewage')) {
    case 'septic':
      return [{ id: 'septic', kind: 'septic-tank', ...OUT, facts: { measured, 'last-pumped': pumped } }];
    case 'aerobic':
      return [
        {
          id: 'treatment',
          kind: 'treatment-plant',
          ...OUT,
          facts: {
            measured,
            'last-pumped': pumped,
            'upflow-filter': given.known('upflow-filter'),
            chlorinator: given.known('chlorinator'),
            contract: given.known('contract'),
          },
        },
      ];
    default:
      return [{ id: 'clean-out', kind: 'clean-out', ...OUT, facts: { 'shutoff-place': null } }];
  }
}
