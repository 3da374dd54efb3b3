import type { Practice } from '../../practice/practice.ts';
import { act, clocks, every, first, look, practicesOf, school, sound } from './build.ts';

const { duty } = practicesOf('alarms');

/** Lifesavers besides alarms: extinguishers, ways out, radon, power from one's own generator. */
export const safety: readonly Practice[] = [
  duty({
    code: 'fire-extinguisher-look',
    title: 'Look at the fire extinguisher',
    why: 'One that has lost its pressure, or is past its date, is no help.',
    appliesTo: ['extinguisher'],
    lifeSafety: true,
    minutes: 2,
    steps: {
      work: [
        {
          says: 'Look at its gauge, its pin and seal, its hose and its place.',
          looks: [
            look(
              'ready',
              'Is it ready?',
              sound('ready', 'Needle in the green, pin and seal there, within reach'),
              act(
                'not-ready',
                7,
                'Needle outside the green, or pin or seal missing: have it serviced, or replace it',
              ),
            ),
          ],
        },
        {
          says: 'Read the date: a disposable one is usually replaced at 12 years.',
          looks: [
            look(
              'date',
              'Is it in date?',
              sound('in-date', 'In date'),
              act('past', 30, 'Past its date, or 12 years old'),
            ),
          ],
        },
      ],
      closeOut: ['Log.'],
    },
    judge: {
      sound: 'Green, sealed, in reach, in date.',
      act: 'Anything else: have it serviced, or replace it.',
    },
    schools: [
      school(
        'monthly',
        'A look each month',
        'Usual trade knowledge.',
        'Wherever possible.',
        every(1, 'months'),
      ),
      school(
        'with-the-clocks',
        'Twice a year, with the clock changes',
        'Usual trade knowledge: it goes with the alarms.',
        'As a minimum.',
        first(clocks('both'), every(6, 'months')),
      ),
    ],
    defaultSchool: 'monthly',
    defaultBecause: 'A usual starting value; it goes with the test of the alarms.',
    handy: ['smoke-alarm-test'],
  }),
  duty({
    code: 'escape-plan-drill',
    title: 'Rehearse the way out',
    why: 'In smoke and dark people do what they have practiced.',
    appliesTo: ['house'],
    minutes: 15,
    steps: {
      work: [
        'Two ways out of each bedroom; the windows open.',
        ['The meeting place; who carries whom. Nobody goes back in.', 'fire-load'],
      ],
      closeOut: ['Log.'],
    },
    judge: {
      sound: 'Everybody out in three minutes.',
      act: 'A window sticks, or someone does not know the way.',
    },
    schools: [
      school(
        'with-the-clocks',
        'Twice a year, with the clock changes',
        'Usual trade knowledge.',
        'Always.',
        first(clocks('both'), every(6, 'months')),
      ),
    ],
    defaultSchool: 'with-the-clocks',
    defaultBecause: 'It goes with the alarm batteries.',
    handy: ['smoke-alarm-test'],
  }),
  duty({
    code: 'radon-test',
    title: 'Test for radon',
    why: 'A gas from the ground that nobody smells; it is a cause of lung cancer.',
    appliesTo: ['house'],
    when: { all: [{ has: 'foundation' }, { climate: 'heats' }] },
    minutes: 20,
    supplies: [{ supply: 'radon-kit', quantity: 1 }],
    steps: {
      first: ['House closed up for half a day; heating season.'],
      work: [
        'Set the kit on the lowest level that is lived in, away from drafts and damp.',
        'Send it in as its leaflet says.',
        { says: 'Note the result.', reads: ['radon'] },
      ],
      closeOut: ['Log.'],
    },
    judge: {
      sound: 'Under {2.7 pCi/L|100 Bq/m³}.',
      watch: 'Up to {4 pCi/L|148 Bq/m³}.',
      act: 'Over it: a trade for radon. The local limit comes first.',
    },
    notes: ['Again after new openings in the ground floor.'],
    schools: [
      school(
        'two-years',
        'Every two years, in the heating season',
        'Usual trade knowledge.',
        'Always.',
        every(2, 'years'),
      ),
    ],
    defaultSchool: 'two-years',
    defaultBecause: 'A usual starting value.',
    gates: [{ kind: 'season', season: 'heating' }],
  }),
  duty({
    code: 'emergency-power-test',
    title: 'Run the generator under load',
    why: 'A generator that stands does not start.',
    appliesTo: ['generator'],
    lifeSafety: true,
    minutes: 20,
    steps: {
      first: [
        [
          'Outdoors only, {20 ft|6 m} from any opening. Never feed the house without a transfer switch.',
          'carbon-monoxide',
          'shock',
        ],
      ],
      work: ['Run it 15 minutes under load.', 'Look at oil and fuel; stale fuel out.'],
      closeOut: ['Log the hours.'],
    },
    judge: { sound: 'Starts and carries the load.', act: 'Hard to start, or drops the load.' },
    schools: [
      school(
        'monthly',
        'Each month, 15 minutes under load',
        'Usual trade knowledge.',
        'Always.',
        every(1, 'months'),
      ),
    ],
    defaultSchool: 'monthly',
    defaultBecause: 'A usual starting value; the oil goes yearly or by hours, as the maker says.',
  }),
];
