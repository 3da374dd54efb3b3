import type { Practice } from '../../practice/practice.ts';
import { every, practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('garden');

/** Garden. */
export const garden: readonly Practice[] = [
  duty({
    code: 'lawn-autumn-programme',
    title: 'Yearly lawn care',
    why: 'In cool weather grass grows strong for spring. Leaves left on it kill it.',
    appliesTo: ['lawn'],
    minutes: 240,
    doers: ['self', 'trade'],
    steps: {
      work: [
        'Look for disease and pests.',
        'Measure the pH of the soil.',
        'Remove old grass if needed.',
        'Aerate it if needed.',
        'Rake the leaves off.',
        'Fertilize it and remove weeds.',
        'Sow seed on bare places.',
        'Sow seed over the whole lawn.',
        'Spread a thin layer of compost.',
      ],
      closeOut: ['Log each one.'],
    },
    judge: {
      sound: 'It is thick and free of leaves.',
      act: 'There is old grass, hard soil or a bare place.',
    },
    notes: ['Product: area × the rate on the bag.'],
    schools: [
      school(
        'autumn',
        'Each autumn while it is cool',
        'Gardeners.',
        'Cool-season grass.',
        season('leafFall', -21),
      ),
      school(
        'no-autumn',
        'Yearly',
        'Gardeners where there is no autumn.',
        'Warm-season grass.',
        every(1, 'years'),
        {
          not: { climate: 'sheds-leaves' },
        },
      ),
    ],
    defaultSchool: 'autumn',
    defaultBecause: 'It is cool but not frozen.',
    handy: ['autumn-plant-and-shelter'],
    tools: ['shovel', 'broom'],
  }),
  duty({
    code: 'autumn-plant-and-shelter',
    title: 'Plant bulbs and protect tender plants',
    why: 'Tender plants die in the cold.',
    appliesTo: ['garden'],
    when: { climate: 'freezes' },
    minutes: 120,
    freezeGuard: { atOrBelow: 0 },
    steps: {
      work: [
        'Rake out dead leaves.',
        'Plant bulbs.',
        ['Bring porch flowers in before the first freeze.', 'frost-burst'],
        'Feed and aerate the grass.',
        'Trim the bushes.',
      ],
      closeOut: ['Log each one.'],
    },
    judge: { sound: 'The pots are inside.', act: 'Frost is forecast and pots are outside.' },
    schools: [
      school('before-freeze', 'Before the first freeze', 'Gardeners.', 'Always.', season('firstFreeze', -10)),
    ],
    defaultSchool: 'before-freeze',
    defaultBecause: 'One cold night can kill them.',
    handy: ['shrub-wall-clearance', 'lawn-autumn-programme'],
    tools: ['shovel', 'gloves'],
    triggers: ['hard-freeze'],
  }),
];
