import type { Practice } from '../../practice/practice.ts';
import { act, after, every, first, look, practicesOf, school, season, sound, stop, watch } from './build.ts';

const { duty } = practicesOf('ground');

/** Trees, walls and decks, and what eats wood. */
export const outdoors: readonly Practice[] = [
  duty({
    code: 'tree-near-house-look',
    title: 'Look at the trees near the house',
    why: 'Dead branches fall on roofs and power lines. Roots fill drains.',
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
              watch('small', 'A small dead branch away from the house'),
              act('dead', 14, 'A dead branch over the roof: a tree company'),
              act('leans', 7, 'It leans more than before, or fungus grows at its foot: a tree company'),
              stop('line', 'A branch near a power line: keep away, call the power company'),
            ),
          ],
        },
        'Look for roots near the drains.',
      ],
      closeOut: ['Take a photo. Log it.'],
    },
    judge: {
      sound: 'They are whole and upright, and away from the roof.',
      watch: 'There is a small dead branch away from the house.',
      act: 'There is a dead branch over the roof: call a tree company. Near a power line, call the power company.',
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
    defaultBecause: 'Without leaves you see the branches.',
    triggers: ['windstorm'],
    handy: ['gutter-clean'],
  }),
  duty({
    code: 'siding-paint-look',
    title: 'Check the outside walls',
    why: 'Bare wood and open joints let water in.',
    appliesTo: ['walls'],
    minutes: 30,
    steps: {
      work: [
        [
          'On wood, look for bad paint and open joints. It must be at least {6 in|150 mm} above the ground. Paint from before 1978 may contain lead: never sand it dry.',
          'old-paint',
        ],
        ['Look for loose {siding}. On brick and stone, look at joints and cracks.', 'rot'],
        'Wash it gently with low pressure.',
      ],
      closeOut: ['Take photos. Log it.'],
    },
    judge: {
      sound: 'It is whole and above the ground.',
      watch: 'The paint is chalky.',
      act: 'There is bare wood. Prime and paint it within sixty days, in dry weather.',
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
    defaultBecause: 'You see the winter’s damage, and dry weather for repairs is ahead.',
    handy: ['deck-and-rail-look'],
    tools: ['camera'],
  }),
  duty({
    code: 'deck-and-rail-look',
    title: 'Inspect the deck, its rails and stairs',
    why: 'Decks and rails break where they meet the house, and people fall.',
    appliesTo: ['deck'],
    lifeSafety: true,
    minutes: 30,
    steps: {
      work: [
        {
          says: 'Look at the bolts where it meets the house. Press an awl into the wood.',
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
          says: 'Lean on each rail. Step on each stair.',
          cautions: ['falls'],
          looks: [
            look(
              'rails',
              'How are the rails and stairs?',
              sound('firm', 'Firm everywhere'),
              stop('gives', 'One gives way: nobody uses it until it is repaired'),
            ),
          ],
        },
        'Every two or three years, clean it and seal it again.',
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'It is firm and hard.',
      act: 'There is soft wood or a loose bolt.',
      stop: 'A rail gives way. Nobody uses it until it is repaired.',
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
    defaultBecause: 'It is before you use it.',
    tools: ['screwdriver'],
  }),
  duty({
    code: 'termite-look',
    title: 'Have the house inspected for termites',
    why: 'Termites eat the wood from the ground up, and nobody sees them.',
    appliesTo: ['house'],
    when: {
      all: [{ has: 'foundation' }, { any: [{ climate: 'humid-summer' }, { not: { climate: 'freezes' } }] }],
    },
    minutes: 30,
    doers: ['trade'],
    lead: { days: 21 },
    steps: {
      work: [
        ['Hire a licensed inspector.', 'rot'],
        'Each spring, look yourself for mud tubes, swarms and soft wood.',
      ],
      closeOut: ['Keep the report.'],
    },
    judge: { sound: 'There are no tubes and no soft wood.', act: 'There are tubes, wings or soft wood.' },
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
    defaultBecause: 'This is a usual starting value. Swarms come in spring.',
  }),
];
