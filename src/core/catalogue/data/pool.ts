import type { Practice } from '../../practice/practice.ts';
import { every, practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('garden');
const FREEZES = { climate: 'freezes' } as const;

/** The pool: closed before frost, opened after it, its water read while it is open. */
export const pool: readonly Practice[] = [
  duty({
    code: 'pool-close',
    title: 'Close the pool',
    why: 'Water left in the pump and the lines freezes and bursts them.',
    appliesTo: ['pool'],
    when: FREEZES,
    minutes: 120,
    doers: ['self', 'trade'],
    lead: { days: 14 },
    freezeGuard: { atOrBelow: 0 },
    pair: { state: 'pool', half: 'closes' },
    steps: {
      work: [
        ['Balance and lower the water as the maker says. Blow out the lines and plug them.', 'frost-burst'],
        ['Drain the pump and the heater. Turn the power off.', 'shock'],
        ['Put the cover on and shut the fence.', 'drowning'],
      ],
      closeOut: ['Done: marked as closed.'],
      later: ['Open it when freezing is over.'],
    },
    judge: { sound: 'It is drained, covered and fenced.', act: 'Frost is forecast and it is not done.' },
    schools: [
      school(
        'before-frost',
        'Before the first freeze',
        'Usual trade knowledge.',
        'Always.',
        season('firstFreeze', -14),
      ),
    ],
    defaultSchool: 'before-frost',
    defaultBecause: 'It is some time before the frost.',
    triggers: ['hard-freeze'],
  }),
  duty({
    code: 'pool-open',
    title: 'Open the pool',
    why: 'Check the pump, the water and the fence before anyone swims.',
    appliesTo: ['pool'],
    when: FREEZES,
    minutes: 120,
    doers: ['self', 'trade'],
    lead: { days: 14 },
    pair: { state: 'pool', half: 'opens' },
    steps: {
      first: [['Check that the gate shuts by itself and that drain covers are whole and firm.', 'drowning']],
      work: [
        'Take the cover off and the plugs out. Fill it.',
        ['Turn the pump on. Look for leaks.', 'shock'],
      ],
      closeOut: [{ says: 'Test the water before the first swim.', reads: ['pool-ph', 'pool-chlorine'] }],
    },
    judge: {
      sound: 'The water is clear and in range, and fence and drains are whole.',
      stop: 'A drain cover or the gate is broken. Nobody swims.',
    },
    schools: [
      school(
        'freezing-over',
        'When freezing is over',
        'Usual trade knowledge.',
        'Always.',
        season('lastFreeze', 14),
      ),
    ],
    defaultSchool: 'freezing-over',
    defaultBecause: 'This is a usual starting value.',
  }),
  duty({
    code: 'pool-water',
    title: 'Test and correct the pool water',
    why: 'Water out of range makes people ill and damages the pool.',
    appliesTo: ['pool'],
    minutes: 15,
    gates: [{ kind: 'state', state: 'pool', standing: 'open' }],
    supplies: [{ supply: 'pool-chlorine', quantity: 1 }],
    steps: {
      work: [
        { says: 'Measure the pH and the free chlorine.', reads: ['pool-ph', 'pool-chlorine'] },
        ['Add one product at a time, as its label says. Never add two together.', 'mixed-chemicals'],
        ['Empty the baskets. Shut the gate.', 'drowning'],
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'The pH is 7.2 to 7.8 and the free chlorine 1 to 4 ppm.',
      act: 'It is outside that range. Nobody swims until it is back.',
    },
    schools: [
      school('weekly', 'Every week while it is open', 'Usual trade knowledge.', 'Always.', every(1, 'weeks')),
    ],
    defaultSchool: 'weekly',
    defaultBecause: 'This is a usual starting value.',
  }),
];
