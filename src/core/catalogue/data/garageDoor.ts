import type { Practice } from '../../practice/practice.ts';
import { every, first, practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('openings');

/** The garage door: what keeps it from crushing, and what keeps it running. */
export const garageDoor: readonly Practice[] = [
  duty({
    code: 'garage-door-reverse-test',
    title: 'Test that the garage door reverses',
    why: 'A door that does not reverse crushes.',
    appliesTo: ['garage-door'],
    when: { not: { fact: 'opener', is: false } },
    lifeSafety: true,
    minutes: 5,
    steps: {
      work: [
        [
          'A board {1½ in|40 mm} thick, flat on the floor under the door: it touches it and reverses.',
          'crushing',
        ],
        'Wave an object through the beam while it closes: it reverses.',
        [
          'Let go of by its cord, it stays half-way by itself. Springs and cables are never for oneself.',
          'spring-tension',
        ],
      ],
      closeOut: ['Cord back. Log.'],
    },
    judge: { sound: 'Both reverse.', stop: 'It does not: unplug the opener, a trade.' },
    schools: [
      school('monthly', 'Each month', 'Usual trade knowledge.', 'Wherever possible.', every(1, 'months')),
      school('quarterly', 'Each quarter', 'Usual trade knowledge.', 'As a minimum.', every(3, 'months')),
    ],
    defaultSchool: 'monthly',
    defaultBecause: 'A usual starting value where a life hangs on it.',
    handy: ['smoke-alarm-test'],
  }),
  duty({
    code: 'garage-door-lubricate',
    title: 'Lubricate the garage door',
    why: 'Dry rollers and hinges wear out and strain the opener, most of all in the cold.',
    appliesTo: ['garage-door'],
    minutes: 20,
    steps: {
      work: [
        ['Look at rollers, hinges and track; bolts snug.', 'crushing'],
        [
          'Spray made for doors on rollers and hinges, not on the tracks. Springs are only sprayed, never loosened.',
          'spring-tension',
        ],
      ],
      closeOut: ['Open and close it twice. Log.'],
    },
    judge: {
      sound: 'Runs quietly.',
      watch: 'Squeals again soon.',
      act: 'Jerks, or hangs to one side: a trade.',
    },
    schools: [
      school(
        'before-cold',
        'Yearly, before the cold',
        'Usual trade knowledge.',
        'Always.',
        first(season('lateSummer', 42), every(1, 'years')),
      ),
    ],
    defaultSchool: 'before-cold',
    defaultBecause: 'A usual starting value.',
    handy: ['garage-and-hatch-seal-check'],
    supplies: [{ supply: 'door-spray', quantity: 1 }],
  }),
];
