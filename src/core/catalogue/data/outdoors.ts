import type { Practice } from '../../practice/practice.ts';
import { act, after, every, first, look, practicesOf, school, season, sound, stop, watch } from './build.ts';

const { duty } = practicesOf('ground');

/** Trees, walls and decks, and what eats wood. */
export const outdoors: readonly Practice[] = [
  duty({
    code: 'tree-near-house-look',
    title: 'Look at the trees near the house',
    why: 'Dead limbs fall on roofs and lines; roots fill drains.',
    appliesTo: ['house'],
    when: { any: [{ trait: 'trees' }, { trait: 'pine-needles' }] },
    minutes: 20,
    steps: {
      work: [
        {
          says: 'Look from the ground at every tree that can reach the house or a line.',
          cautions: ['falls'],
          looks: [
            look(
              'limbs',
              'What do you see?',
              sound('whole', 'Whole, upright, clear of the roof'),
              watch('small', 'A small dead limb away from the house'),
              act('dead', 14, 'A dead limb over the roof: a tree trade'),
              act('leans', 7, 'It leans anew, or fungus grows at its foot: a tree trade'),
              stop('line', 'A limb near a power line: keep away, call the power company'),
            ),
          ],
        },
        'Look for roots near the drains.',
      ],
      closeOut: ['A photo. Log.'],
    },
    judge: {
      sound: 'Whole, upright, clear of the roof.',
      watch: 'A small dead limb away from the house.',
      act: 'A dead limb over the roof: a tree trade. Near a power line: the utility.',
    },
    schools: [
      school(
        'after-leaf-fall',
        'Yearly after the leaves are down, and after a windstorm',
        'Usual trade knowledge.',
        'Always.',
        first(season('leafFall', 35), after(7, 'windstorm')),
      ),
    ],
    defaultSchool: 'after-leaf-fall',
    defaultBecause: 'Bare trees show their limbs.',
    triggers: ['windstorm'],
    handy: ['gutter-clean'],
  }),
  duty({
    code: 'siding-paint-look',
    title: 'Look over the outside walls',
    why: 'Bare wood and open joints let water in.',
    appliesTo: ['walls'],
    minutes: 30,
    steps: {
      work: [
        [
          'Wood: paint that fails, open joints, at least {6 in|150 mm} clear of the ground. Before 1978, or unknown: the paint may hold lead; no dry sanding.',
          'old-paint',
        ],
        ['Loose {siding}. Masonry: joints and cracks.', 'rot'],
        'Wash gently, low pressure.',
      ],
      closeOut: ['Photos. Log.'],
    },
    judge: {
      sound: 'Whole and clear of the ground.',
      watch: 'Chalky paint.',
      act: 'Bare wood: prime and paint within sixty days, in the dry season.',
    },
    schools: [
      school('spring', 'Yearly in spring', 'Usual trade knowledge.', 'Always.', season('lastFreeze', 21), {
        climate: 'freezes',
      }),
      school(
        'yearly',
        'Once a year',
        'Usual trade knowledge.',
        'Where it never freezes.',
        every(1, 'years'),
        {
          not: { climate: 'freezes' },
        },
      ),
    ],
    defaultSchool: 'spring',
    defaultBecause: 'Winter shows; the dry season for repairs is ahead.',
    handy: ['deck-and-rail-look'],
    tools: ['camera'],
  }),
  duty({
    code: 'deck-and-rail-look',
    title: 'Inspect the deck, its rails and stairs',
    why: 'Decks and rails give way where they meet the house, and people fall.',
    appliesTo: ['deck'],
    lifeSafety: true,
    minutes: 30,
    steps: {
      work: [
        {
          says: 'Look at the bolts where it meets the house; press an awl into the wood.',
          cautions: ['rot'],
          looks: [
            look(
              'bolts',
              'How are the bolts?',
              sound('firm', 'Firm, and free of rust'),
              act('loose', 7, 'A bolt is loose, rusted through or missing'),
            ),
            look(
              'wood',
              'How is the wood?',
              sound('hard', 'Hard: the awl hardly goes in'),
              act('soft', 14, 'Soft in some place'),
            ),
          ],
        },
        {
          says: 'Lean on each rail; walk each stair.',
          cautions: ['falls'],
          looks: [
            look(
              'rails',
              'How are the rails and stairs?',
              sound('firm', 'Firm everywhere'),
              stop('gives', 'One gives way: nobody uses it until it is mended'),
            ),
          ],
        },
        'Every two or three years clean and reseal it.',
      ],
      closeOut: ['Log.'],
    },
    judge: {
      sound: 'Firm and hard.',
      act: 'Soft wood or a loose bolt.',
      stop: 'A rail that gives: nobody uses it until it is mended.',
    },
    schools: [
      school('spring', 'Yearly in spring', 'Usual trade knowledge.', 'Always.', season('lastFreeze', 21), {
        climate: 'freezes',
      }),
      school(
        'yearly',
        'Once a year',
        'Usual trade knowledge.',
        'Where it never freezes.',
        every(1, 'years'),
        {
          not: { climate: 'freezes' },
        },
      ),
    ],
    defaultSchool: 'spring',
    defaultBecause: 'Before it is used.',
    tools: ['screwdriver'],
  }),
  duty({
    code: 'termite-look',
    title: 'Have the house inspected for termites',
    why: 'They eat unseen from the ground up.',
    appliesTo: ['house'],
    when: {
      all: [{ has: 'foundation' }, { any: [{ climate: 'humid-summer' }, { not: { climate: 'freezes' } }] }],
    },
    minutes: 30,
    doers: ['trade'],
    lead: { days: 21 },
    steps: {
      work: [
        ['A licensed inspector.', 'rot'],
        'Each spring a look of one’s own: mud tubes, swarms, soft wood.',
      ],
      closeOut: ['The report kept.'],
    },
    judge: { sound: 'No tubes, no soft wood.', act: 'Tubes, wings, or soft wood.' },
    schools: [
      school(
        'yearly',
        'Yearly, in spring',
        'Usual trade knowledge.',
        'Warm climates.',
        season('lateWinter', 45),
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'A usual starting value; swarms come in spring.',
  }),
];
