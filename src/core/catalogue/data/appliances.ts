import type { Practice } from '../../practice/practice.ts';
import { act, every, first, look, practicesOf, school, season, sound, usage, watch } from './build.ts';

const { duty, habit } = practicesOf('appliances');

/** Appliances. */
export const appliances: readonly Practice[] = [
  duty({
    code: 'dishwasher-yearly-care',
    title: 'Go over the dishwasher: six checks',
    why: 'So it washes well and does not leak. A blocked air gap can send waste water back into the supply.',
    appliesTo: ['dishwasher'],
    minutes: 60,
    setUps: ['power-off', 'water-off'],
    steps: {
      first: [['Turn the power and the water off.', 'shock']],
      work: [
        'Lift the filter out from the bottom of the tub and scrub it.',
        'Take the spray arms off. Open each hole and shake out what is loose.',
        'Clean the air gap, if it has one.',
        {
          says: 'Tighten the hose clamps.',
          looks: [
            look('clamps', 'How are the clamps?', sound('dry', 'Dry and tight'), act('wet', 7, 'One is wet')),
          ],
        },
        {
          says: 'Look along the door gasket.',
          looks: [
            look(
              'gasket',
              'How is the gasket?',
              sound('whole', 'Whole and soft'),
              watch('hairline', 'A hairline in it'),
              act('split', 14, 'Split, or it leaks'),
            ),
          ],
        },
        'If it has a preheater, follow the maker’s instructions.',
      ],
      closeOut: [['Run a short cycle. Look underneath for water.', 'flooding']],
    },
    judge: {
      sound: 'All six are OK.',
      watch: 'The gasket has a fine crack.',
      act: 'The gasket is split or a clamp is wet.',
    },
    notes: ['Only some machines have an air gap and a preheater.'],
    schools: [
      school(
        'wet-autumn-day',
        'Once a year, on a wet autumn day',
        'Owners: an indoor job for bad weather.',
        'Always.',
        season('lateSummer', 50),
      ),
      school(
        'yearly',
        'A year after the last',
        'Others: by the date it was done.',
        'When you do no autumn checklist.',
        every(1, 'years'),
      ),
    ],
    defaultSchool: 'wet-autumn-day',
    defaultBecause: 'It is a job for a rainy day.',
    handy: ['sink-trap-clean'],
    tools: ['brush', 'stiff-wire', 'screwdriver'],
  }),
  habit({
    code: 'full-load-running',
    title: 'Run machines only when full',
    why: 'A cycle uses the same energy and water, however little is in it.',
    appliesTo: ['dishwasher', 'washing-machine', 'dryer'],
    minutes: 1,
    steps: {
      work: [
        'Wait for a full load.',
        'Wash most laundry cold.',
        'Do not use the heated dry. Leave the rack open.',
        'Dry clothes outdoors in the sun if you can.',
      ],
    },
    judge: { sound: 'It is full each time.', watch: 'It is often half full.' },
    notes: [
      'Drying clothes outdoors suits dry climates. Indoors it makes the house damp.',
      'With a septic system, also spread the loads over the week.',
    ],
    handy: ['wastewater-load-spread'],
  }),
  duty({
    code: 'refrigerator-coil-clean',
    title: 'Clean the refrigerator’s coil',
    why: 'Dust on the coil keeps the heat in. The refrigerator uses a lot of power.',
    appliesTo: ['refrigerator'],
    minutes: 30,
    doers: ['helper', 'self'],
    steps: {
      first: [
        ['Pull it out with two people. Protect the floor.', 'heavy-load'],
        ['Unplug it.', 'shock'],
      ],
      work: [
        'Brush the coil gently on all sides.',
        'Then vacuum it.',
        'Push it back. Do not bend its lines.',
      ],
      closeOut: ['Plug it in. Log the date.'],
    },
    judge: {
      sound: 'There is a little dust.',
      watch: 'There is an even film of dust.',
      act: 'It is thick with dust.',
    },
    notes: ['When you replace it, choose an efficient one.'],
    schools: [
      school(
        'yearly',
        'Yearly',
        'This is a usual starting value: not often, but regularly.',
        'Always.',
        every(1, 'years'),
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'People say now and then. With pets, do it sooner.',
    factors: [{ code: 'shedding-pets', value: 0.5 }],
    handy: ['lamp-changeover'],
    tools: ['coil-brush', 'vacuum', 'helper'],
  }),
  habit({
    code: 'dryer-lint-screen',
    title: 'Empty the {lint screen} after every load',
    why: 'Lint makes drying slow, wastes power and can burn.',
    appliesTo: ['dryer'],
    minutes: 1,
    steps: { work: [['Pull it out and wipe it.', 'fire-load'], 'Put it back.'] },
    judge: { sound: 'It is clear.', act: 'The screen is torn.' },
    handy: ['dryer-vent-clean'],
  }),
  duty({
    code: 'dryer-vent-clean',
    title: 'Clean the dryer vent',
    why: 'Lint collects in the duct and at the flap. Drying takes longer, and the lint can catch fire.',
    appliesTo: ['dryer'],
    when: { not: { fact: 'vented', is: false } },
    lifeSafety: true,
    minutes: 40,
    doers: ['self', 'trade'],
    setUps: ['power-off'],
    steps: {
      first: [['Unplug it. With a gas dryer, shut the valve and do not touch the pipe.', 'shock', 'gas']],
      work: [
        {
          says: 'Take the duct off at the back and check that it is clear.',
          cautions: ['fire-load', 'heavy-load'],
          facts: ['duct'],
        },
        'Outdoors, look at the hood. Take its cover off if needed.',
        'Clean it with a {shop vacuum} or a brush.',
        'Put the cover back. The flap must swing.',
        'Connect the duct again.',
      ],
      closeOut: ['Run it: a lot of air must come out outside. If it ends on the roof, hire someone.'],
    },
    judge: {
      sound: 'It is clear from end to end, and a lot of air comes out.',
      watch: 'Little air comes out.',
      act: 'There is lint at the hood, or the duct is crushed.',
      stop: 'It smells of burning.',
    },
    schools: [
      school(
        'spring',
        'Each spring',
        'Owners with a spring checklist: very important.',
        'Normal use.',
        season('lateWinter', 45),
      ),
      school(
        'yearly',
        'Yearly from the last',
        'Others: by the date it was really done.',
        'When you do no spring checklist.',
        every(1, 'years'),
      ),
      school(
        'by-loads',
        'After 250 loads or a year',
        'People who count: lint comes with each load.',
        'Large households, or long ducts.',
        first(usage('dryer-loads', 250, 1), every(1, 'years')),
        { trait: 'busy-household' },
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'Everyone says at least yearly, counted from the last real cleaning.',
    factors: [
      { code: 'many-loads', value: 0.5 },
      { code: 'long-duct', value: 0.67 },
    ],
    tools: ['wet-vacuum', 'brush', 'screwdriver'],
    triggers: ['slow-drying'],
  }),
  duty({
    code: 'washing-machine-filter',
    title: 'Clear the washing machine’s drain filter',
    why: 'Lint and small things block the drain.',
    appliesTo: ['washing-machine'],
    minutes: 15,
    steps: {
      first: [['Turn the machine off. Keep a bowl and a towel ready.', 'flooding']],
      work: [
        { says: 'Find the filter, often low at the front behind a panel.', facts: ['filter-place'] },
        'Unscrew it.',
        'Take out what is in it.',
        'Screw it in firmly.',
      ],
      closeOut: ['Put the panel on. Run a short program and check that it is dry.'],
    },
    judge: { sound: 'It is clear.', act: 'It leaks. Tighten it again.' },
    mistakes: ['Not screwing it in firmly.'],
    schools: [
      school(
        'quarterly',
        'Quarterly',
        'Others: the longest that people recommend.',
        'Small households.',
        every(3, 'months'),
      ),
      school('monthly', 'Monthly', 'People who say “frequently”.', 'Pets or children.', every(1, 'months'), {
        any: [{ trait: 'shedding-pets' }, { trait: 'children' }],
      }),
    ],
    defaultSchool: 'quarterly',
    defaultBecause: 'People say one to three months. With pets or children, take one month.',
    handy: ['dryer-vent-clean'],
    tools: ['bucket', 'towel'],
    triggers: ['slow-drain'],
  }),
  duty({
    code: 'range-hood-filter-wash',
    title: 'Wash the range hood filter',
    why: 'Grease in the filter can burn, and the hood no longer pulls in air.',
    appliesTo: ['range-hood'],
    minutes: 15,
    steps: {
      work: [
        ['Wash a metal filter in hot water with degreaser.', 'fire-load', 'scald'],
        'Renew a charcoal filter every six months.',
        'Wipe the edge and the housing of the fan.',
      ],
      closeOut: ['Dry it and put it back. Log it.'],
    },
    judge: {
      sound: 'It is clean and pulls in air well.',
      act: 'Grease drips, or it does not hold a sheet of paper.',
    },
    schools: [
      school(
        'quarterly',
        'Every three months',
        'Usual trade knowledge.',
        'Most kitchens.',
        every(3, 'months'),
      ),
      school(
        'monthly',
        'Every month',
        'Usual: daily frying fills it fast.',
        'Daily frying.',
        every(1, 'months'),
        { fact: 'frying', is: 'daily' },
      ),
    ],
    defaultSchool: 'quarterly',
    defaultBecause: 'This is a usual starting value.',
  }),
];
