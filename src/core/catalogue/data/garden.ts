import type { Practice } from '../../practice/practice.ts';
import { every, practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('garden');

/** Garden. */
export const garden: readonly Practice[] = [
  duty({
    code: 'lawn-autumn-programme',
    title: 'Ready the lawn for winter',
    why: 'Cool weather strengthens grass for a good spring; leaves left on it smother.',
    appliesTo: ['lawn'],
    minutes: 240,
    doers: ['self', 'trade'],
    steps: {
      work: [
        'Disease and pests.',
        'Soil pH.',
        'Dethatch?',
        'Aerate?',
        'Leaves off.',
        'Fertilize; weeds.',
        'Reseed bare spots.',
        'Overseed.',
        'Top dress.',
      ],
      closeOut: ['A tick for each.'],
    },
    judge: { sound: 'Dense, leaf-free.', act: 'Thatch, compaction, bare areas.' },
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
        'Gardeners where no autumn comes.',
        'Warm-season grass.',
        every(1, 'years'),
        {
          not: { climate: 'sheds-leaves' },
        },
      ),
    ],
    defaultSchool: 'autumn',
    defaultBecause: 'Cool but not frozen.',
    handy: ['autumn-plant-and-shelter'],
    tools: ['shovel', 'broom'],
  }),
  duty({
    code: 'autumn-plant-and-shelter',
    title: 'Plant bulbs, shelter the tender',
    why: 'Tender plants die in the cold.',
    appliesTo: ['garden'],
    when: { climate: 'freezes' },
    minutes: 120,
    freezeGuard: { atOrBelow: 0 },
    steps: {
      work: [
        'Rake out dead leaves.',
        'Plant bulbs.',
        ['Porch flowers in before the first freeze.', 'frost-burst'],
        'Feed and aerate the grass.',
        'Trim bushes.',
      ],
      closeOut: ['A tick for each.'],
    },
    judge: { sound: 'Pots in.', act: 'Frost forecast and pots outside.' },
    schools: [
      school('before-freeze', 'Before the first freeze', 'Gardeners.', 'Always.', season('firstFreeze', -10)),
    ],
    defaultSchool: 'before-freeze',
    defaultBecause: 'One night is enough to lose them.',
    handy: ['shrub-wall-clearance', 'lawn-autumn-programme'],
    tools: ['shovel', 'gloves'],
    triggers: ['hard-freeze'],
  }),
];
