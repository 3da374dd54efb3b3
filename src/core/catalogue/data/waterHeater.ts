import type { Practice } from '../../practice/practice.ts';
import { age, every, practicesOf, school } from './build.ts';

const { duty, fact } = practicesOf('water');

const TANK = { fact: 'heater', is: 'tank' } as const;

/** The tank that holds hot water: sediment, rod, safety valve and age. */
export const waterHeater: readonly Practice[] = [
  duty({
    code: 'tank-heater-flush',
    title: 'Flush the water heater',
    why: 'Sediment insulates the burner or buries the element, rumbles and shortens its life.',
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
        ['Gas to pilot, or the power off at the panel and proven off.', 'gas', 'shock'],
        ['Shut the cold supply. Let it cool: the water scalds.', 'scald'],
      ],
      work: [
        'Hose on the drain valve, to a floor drain or outside.',
        'Open a hot {faucet}, then the drain. Run it until it is clear; short bursts of cold stir the sediment up.',
        'Close the drain and fill until the open {faucet} runs without air.',
        'Only then gas or power: an element that is switched on dry burns out.',
      ],
      closeOut: ['Look for drips at the drain valve.'],
    },
    judge: {
      sound: 'Clear within five minutes.',
      watch: 'Grit for a long time: again in six months.',
      act: 'The valve does not close: a trade.',
    },
    mistakes: ['Power on before the tank is full.', 'Touching the outlet of the relief valve.'],
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
    defaultBecause: 'A usual starting value; the grit that comes out makes it sooner.',
    factors: [{ code: 'hard-water', value: 0.5 }],
    handy: ['water-heater-temperature-set'],
    tools: ['hose', 'gloves', 'bucket'],
  }),
  duty({
    code: 'tank-heater-anode',
    title: 'Have the rod in the water heater looked at',
    why: 'The rod rusts instead of the tank.',
    appliesTo: ['water-heater'],
    when: { all: [TANK, { fact: 'old', is: false }] },
    minutes: 20,
    doers: ['trade', 'self'],
    lead: { days: 14 },
    setUps: ['water-off', 'power-off'],
    steps: {
      first: [['Gas or power off, cold supply shut, some water drained.', 'gas', 'shock', 'scald']],
      work: ['Unscrew the rod and look at it.', 'Renew it when the wire shows.'],
      closeOut: ['Fill, look for drips, note the date.'],
    },
    judge: { sound: 'More than half its thickness is left.', act: 'The wire shows.' },
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
    defaultBecause: 'A usual starting value. Nothing is paid for before its age is known.',
  }),
  duty({
    code: 'relief-valve-look',
    title: 'Look at the relief valve',
    why: 'A stuck safety valve can burst the tank; a dripping one says that pressure or heat is wrong.',
    appliesTo: ['water-heater', 'boiler'],
    minutes: 2,
    steps: {
      work: [['Its outlet is dry, free, and piped down. Testing it is for a trade.', 'scald']],
      closeOut: ['Log.'],
    },
    judge: {
      sound: 'Dry, free, piped down.',
      act: 'It drips.',
      stop: 'Plugged or capped: heater off, a licensed trade.',
    },
    schools: [school('yearly', 'A look once a year', 'Usual trade knowledge.', 'Always.', every(1, 'years'))],
    defaultSchool: 'yearly',
    defaultBecause: 'A usual starting value.',
    handy: ['water-heater-temperature-set'],
  }),
  fact({
    code: 'tank-heater-age-plan',
    title: 'Know the age of the water heater',
    why: 'A tank usually lasts 8 to 12 years, a tankless heater 15 to 20. Plan the money and know what to shut.',
    appliesTo: ['water-heater'],
    minutes: 5,
    steps: {
      work: [
        'Read the date on its label.',
        'See whether a drip pan stands under it, and where its water and its fuel are shut.',
        'From year 8 look once a year for rust and wet.',
      ],
    },
    judge: { sound: 'Dry, no rust.', watch: 'Rust at a joint.', act: 'Wet under it.' },
    handy: ['relief-valve-look'],
  }),
];
