import type { Practice } from '../../practice/practice.ts';
import { age, every, practicesOf, school } from './build.ts';

const { duty, fact } = practicesOf('water');

const TANK = { fact: 'heater', is: 'tank' } as const;

/** The tank that holds hot water: sediment, rod, safety valve and age. */
export const waterHeater: readonly Practice[] = [
  duty({
    code: 'tank-heater-flush',
    title: 'Flush the water heater',
    why: 'Sediment wastes energy, rumbles and shortens the life of the heater.',
    appliesTo: ['water-heater'],
    // Loosened scale may open a leak in an old tank that was never flushed.
    when: {
      all: [
        TANK,
        {
          any: [
            { fact: 'old', is: false },
            { fact: 'flushed', is: true },
          ],
        },
      ],
    },
    minutes: 25,
    doers: ['self', 'trade'],
    setUps: ['power-off', 'water-off'],
    steps: {
      first: [
        [
          'Set the gas to pilot. For an electric heater, turn the power off at the {breaker panel} and test that it is off.',
          'gas',
          'shock',
        ],
        ['Shut the cold water. Let it cool: the water scalds.', 'scald'],
      ],
      work: [
        'Put a hose on the drain valve, to a floor drain or outside.',
        'Open a hot {faucet}, then the drain. Let it run until it is clear. Short bursts of cold water stir the sediment up.',
        'Close the drain and fill until the open {faucet} runs without air.',
        'Only then turn the gas or the power on: without water the element burns out.',
      ],
      closeOut: ['Look for drips at the drain valve.'],
    },
    judge: {
      sound: 'It is clear within five minutes.',
      watch: 'Dirt comes for a long time. Do it again in six months.',
      act: 'The valve does not close. Call a plumber.',
    },
    mistakes: ['Turning the power on before the tank is full.', 'Touching the outlet of the relief valve.'],
    schools: [
      school('yearly', 'Once a year', 'Usual trade knowledge.', 'Most water.', every(1, 'years')),
      school(
        'half-yearly',
        'Twice a year',
        'Usual trade knowledge: hard water builds scale faster.',
        'Hard water without a softener.',
        every(6, 'months'),
        { all: [{ trait: 'hard-water' }, { not: { has: 'softener' } }] },
        ['hard-water'],
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'This is a usual starting value. A lot of dirt makes it sooner.',
    factors: [{ code: 'hard-water', value: 0.5 }],
    handy: ['water-heater-temperature-set'],
    tools: ['hose', 'gloves', 'bucket'],
  }),
  duty({
    code: 'tank-heater-anode',
    title: 'Have the water heater’s anode rod checked',
    why: 'The rod rusts instead of the tank.',
    appliesTo: ['water-heater'],
    when: { all: [TANK, { fact: 'old', is: false }] },
    minutes: 20,
    doers: ['trade', 'self'],
    lead: { days: 14 },
    setUps: ['water-off', 'power-off'],
    steps: {
      first: [
        ['Turn the gas or the power off. Shut the cold water. Drain some water.', 'gas', 'shock', 'scald'],
      ],
      work: ['Unscrew the rod and look at it.', 'Replace it when you see its wire.'],
      closeOut: ['Fill the tank, look for drips and note the date.'],
    },
    judge: { sound: 'More than half its thickness is left.', act: 'You see the wire.' },
    schools: [
      school(
        'three-years',
        'At three years of age, then every three',
        'Usual trade knowledge.',
        'Most water.',
        age(3),
      ),
      school(
        'yearly-softened',
        'Yearly from its first year',
        'Usual trade knowledge: softened water eats it faster.',
        'Softened water.',
        age(1),
        { has: 'softener' },
      ),
    ],
    defaultSchool: 'three-years',
    defaultBecause: 'This is a usual starting value. Find out its age before you pay for anything.',
  }),
  duty({
    code: 'relief-valve-look',
    title: 'Look at the relief valve',
    why: 'A stuck safety valve can burst the tank. A dripping one shows that the pressure or the heat is wrong.',
    appliesTo: ['water-heater', 'boiler'],
    minutes: 2,
    steps: {
      work: [
        ['Check that its outlet is dry and free and leads down. Leave testing it to a plumber.', 'scald'],
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'It is dry and free and leads down.',
      act: 'It drips.',
      stop: 'It is plugged or capped. Turn the heater off and call a plumber.',
    },
    schools: [
      school('yearly', 'Check it once a year', 'Usual trade knowledge.', 'Always.', every(1, 'years')),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'This is a usual starting value.',
    handy: ['water-heater-temperature-set'],
  }),
  fact({
    code: 'tank-heater-age-plan',
    title: 'Find out the age of the water heater',
    why: 'A tank usually lasts 8 to 12 years, a tankless heater 15 to 20. Plan the money, and know what to shut off.',
    appliesTo: ['water-heater'],
    minutes: 5,
    steps: {
      work: [
        'Read the date on its label.',
        'Check whether there is a drip pan under it, and where its water and its fuel are shut off.',
        'From year 8, look once a year for rust and water.',
      ],
    },
    judge: {
      sound: 'It is dry and has no rust.',
      watch: 'There is rust at a joint.',
      act: 'It is wet under it.',
    },
    handy: ['relief-valve-look'],
  }),
];
