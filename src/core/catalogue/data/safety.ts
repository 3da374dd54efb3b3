import type { Practice } from '../../practice/practice.ts';
import { act, clocks, every, first, look, practicesOf, school, sound } from './build.ts';

const { duty } = practicesOf('alarms');

/** Lifesavers besides alarms: extinguishers, ways out, radon, power from one's own generator. */
export const safety: readonly Practice[] = [
  duty({
    code: 'fire-extinguisher-look',
    title: 'Look at the fire extinguisher',
    why: 'One that has lost its pressure or is too old does not help.',
    appliesTo: ['extinguisher'],
    lifeSafety: true,
    minutes: 2,
    steps: {
      work: [
        {
          says: 'Look at its gauge, its pin and seal, its hose and where it is.',
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
          says: 'Read the date. A disposable one is usually replaced after 12 years.',
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
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'The needle is in the green. It is sealed, within reach and in date.',
      act: 'Something is not right. Have it serviced, or replace it.',
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
        'The very least.',
        first(clocks('both'), every(6, 'months')),
      ),
    ],
    defaultSchool: 'monthly',
    defaultBecause: 'This is a usual starting value, together with the alarms.',
    handy: ['smoke-alarm-test'],
  }),
  duty({
    code: 'escape-plan-drill',
    title: 'Rehearse getting out of the house',
    why: 'In smoke and darkness people do what they have rehearsed.',
    appliesTo: ['house'],
    minutes: 15,
    steps: {
      work: [
        'Find two ways out of each bedroom. Check that the windows open.',
        ['Agree where you meet and who carries whom. Nobody goes back in.', 'fire-load'],
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'Everybody is out in three minutes.',
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
    defaultBecause: 'It is done together with the alarm batteries.',
    handy: ['smoke-alarm-test'],
  }),
  duty({
    code: 'radon-test',
    title: 'Test for radon',
    why: 'Radon is a gas from the ground that nobody smells. It is a cause of lung cancer.',
    appliesTo: ['house'],
    when: { all: [{ has: 'foundation' }, { climate: 'heats' }] },
    minutes: 20,
    supplies: [{ supply: 'radon-kit', quantity: 1 }],
    steps: {
      first: ['Do it in the heating season. Keep windows and doors shut for half a day.'],
      work: [
        'Put the kit on the lowest floor that people live on, away from {drafts} and damp.',
        'Send it in as its leaflet says.',
        { says: 'Note the result.', reads: ['radon'] },
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'It is under {2.7 pCi/L|100 Bq/m³}.',
      watch: 'It is up to {4 pCi/L|148 Bq/m³}.',
      act: 'It is over that. Call a radon company. The local limit comes first.',
    },
    notes: ['Test again after new openings in the lowest floor.'],
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
    defaultBecause: 'This is a usual starting value.',
    gates: [{ kind: 'season', season: 'heating' }],
  }),
  duty({
    code: 'emergency-power-test',
    title: 'Run the generator under load',
    why: 'A generator that never runs does not start.',
    appliesTo: ['generator'],
    lifeSafety: true,
    minutes: 20,
    steps: {
      first: [
        [
          'Run it outdoors only, {20 ft|6 m} from any opening. Never connect it to the house without a transfer switch.',
          'carbon-monoxide',
          'shock',
        ],
      ],
      work: ['Run it 15 minutes under load.', 'Check the oil and the fuel. Take old fuel out.'],
      closeOut: ['Log the hours.'],
    },
    judge: {
      sound: 'It starts and carries the load.',
      act: 'It starts badly, or it does not carry the load.',
    },
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
    defaultBecause: 'This is a usual starting value. Change the oil as the maker says.',
  }),
];
