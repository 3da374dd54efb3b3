import type { Practice } from '../../practice/practice.ts';
import { every, first, practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('openings');

/** The garage door: what keeps it from crushing, and what keeps it running. */
export const garageDoor: readonly Practice[] = [
  duty({
    code: 'garage-door-reverse-test',
    title: 'Test that the garage door reverses',
    why: 'A door that does not reverse can crush someone.',
    appliesTo: ['garage-door'],
    when: { not: { fact: 'opener', is: false } },
    lifeSafety: true,
    minutes: 5,
    steps: {
      work: [
        [
          'Put a board {1½ in|40 mm} thick flat on the floor under the door. The door must touch it and reverse.',
          'crushing',
        ],
        'Move an object through the beam while it closes. It must reverse.',
        [
          'Pull its cord and let the door stand half-way: it must stay there. Never touch springs or cables.',
          'spring-tension',
        ],
      ],
      closeOut: ['Put the cord back. Log it.'],
    },
    judge: {
      sound: 'It reverses both times.',
      stop: 'It does not reverse. Unplug the opener and call a technician.',
    },
    schools: [
      school('monthly', 'Each month', 'Usual trade knowledge.', 'Wherever possible.', every(1, 'months')),
      school(
        'quarterly',
        'Every three months',
        'Usual trade knowledge.',
        'The very least.',
        every(3, 'months'),
      ),
    ],
    defaultSchool: 'monthly',
    defaultBecause: 'This is a usual starting value where safety depends on it.',
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
        ['Look at the rollers, hinges and track. Tighten the bolts.', 'crushing'],
        [
          'Put garage door spray on the rollers and hinges, not on the tracks. Spray the springs, but never loosen them.',
          'spring-tension',
        ],
      ],
      closeOut: ['Open and close it twice. Log it.'],
    },
    judge: {
      sound: 'It runs quietly.',
      watch: 'It soon squeals again.',
      act: 'It jerks, or hangs to one side. Call a technician.',
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
    defaultBecause: 'This is a usual starting value.',
    handy: ['garage-and-hatch-seal-check'],
    supplies: [{ supply: 'door-spray', quantity: 1 }],
  }),
];
