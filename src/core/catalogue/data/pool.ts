import type { Practice } from '../../practice/practice.ts';
import { every, practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('garden');
const FREEZES = { climate: 'freezes' } as const;

/** The pool: closed before frost, opened after it, its water read while it is open. */
export const pool: readonly Practice[] = [
  duty({
    code: 'pool-close',
    title: 'Close the pool',
    why: 'Water left in pump and lines freezes and bursts them.',
    appliesTo: ['pool'],
    when: FREEZES,
    minutes: 120,
    doers: ['self', 'trade'],
    lead: { days: 14 },
    freezeGuard: { atOrBelow: 0 },
    pair: { state: 'pool', half: 'closes' },
    steps: {
      work: [
        ['Water balanced and lowered as the maker says; lines blown out and plugged.', 'frost-burst'],
        ['Pump and heater drained; power off.', 'shock'],
        ['Cover on, fence shut.', 'drowning'],
      ],
      closeOut: ['Done: marked as closed.'],
      later: ['Opened when freezing is over.'],
    },
    judge: { sound: 'Drained, covered, fenced.', act: 'Frost forecast and not done.' },
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
    defaultBecause: 'A margin before frost.',
    triggers: ['hard-freeze'],
  }),
  duty({
    code: 'pool-open',
    title: 'Open the pool',
    why: 'Pump, water and fence are looked at before anyone swims.',
    appliesTo: ['pool'],
    when: FREEZES,
    minutes: 120,
    doers: ['self', 'trade'],
    lead: { days: 14 },
    pair: { state: 'pool', half: 'opens' },
    steps: {
      first: [['Fence and gate shut by themselves; drain covers whole and firm.', 'drowning']],
      work: ['Cover off, plugs out, filled.', ['Pump on, look for leaks.', 'shock']],
      closeOut: [{ says: 'Water read before the first swim.', reads: ['pool-ph', 'pool-chlorine'] }],
    },
    judge: {
      sound: 'Clear, in range, fence and drains whole.',
      stop: 'A broken drain cover or gate: nobody swims.',
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
    defaultBecause: 'A usual starting value.',
  }),
  duty({
    code: 'pool-water',
    title: 'Read and correct the pool water',
    why: 'Water out of range makes people ill and eats the lining.',
    appliesTo: ['pool'],
    minutes: 15,
    gates: [{ kind: 'state', state: 'pool', standing: 'open' }],
    supplies: [{ supply: 'pool-chlorine', quantity: 1 }],
    steps: {
      work: [
        { says: 'Read pH and free chlorine.', reads: ['pool-ph', 'pool-chlorine'] },
        ['Add one product at a time, by its label, never two together.', 'mixed-chemicals'],
        ['Empty the baskets. Gate shut.', 'drowning'],
      ],
      closeOut: ['Log.'],
    },
    judge: {
      sound: 'pH 7.2 to 7.8, free chlorine 1 to 4 ppm.',
      act: 'Outside it: nobody swims until it is back.',
    },
    schools: [
      school('weekly', 'Every week while it is open', 'Usual trade knowledge.', 'Always.', every(1, 'weeks')),
    ],
    defaultSchool: 'weekly',
    defaultBecause: 'A usual starting value.',
  }),
];
