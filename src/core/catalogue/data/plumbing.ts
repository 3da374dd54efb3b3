import type { Practice } from '../../practice/practice.ts';
import { act, after, every, first, look, practicesOf, school, season, sound, watch } from './build.ts';

const { duty } = practicesOf('water');

/** Whatever else carries water: sump, toilets, hoses, pressure, filters. */
export const plumbing: readonly Practice[] = [
  duty({
    code: 'sump-pump-test',
    title: 'Test the sump pump',
    why: 'A pump that has not run for months is needed on the worst night of the year.',
    appliesTo: ['sump'],
    minutes: 15,
    steps: {
      first: [['Unplug it before you reach in. Keep cords away from water.', 'shock', 'flooding']],
      work: [
        'Pour water in until the float lifts. It must run, empty the pit and stop, and nothing must flow back.',
        'Once a year, clean the pit and its inlet.',
        'Check that the outlet outside is clear and not frozen.',
        'Test the backup battery, if it has one.',
      ],
      closeOut: ['Plug it in again. Log it.'],
    },
    judge: {
      sound: 'It starts and stops.',
      act: 'It hums, or runs again and again. Repair or replace it at once.',
    },
    schools: [
      school(
        'quarterly',
        'Every three months, and before heavy rain',
        'Usual trade knowledge.',
        'Any sump pump.',
        first(every(3, 'months'), after(1, 'heavy-rain')),
      ),
    ],
    defaultSchool: 'quarterly',
    defaultBecause: 'This is a usual starting value.',
    tools: ['bucket'],
  }),
  duty({
    code: 'toilet-leak-test',
    title: 'Test the toilet for a silent leak',
    why: 'A leaking flapper wastes water day and night, and nobody hears it.',
    appliesTo: ['toilet'],
    minutes: 5,
    steps: {
      work: [
        'Put a little dye or a tablet into the tank of the toilet. Do not flush for 15 minutes.',
        'If there is color in the bowl, the flapper leaks.',
        'Check that the toilet does not rock and its bolts are dry.',
      ],
      closeOut: ['Flush it. Log it.'],
    },
    judge: {
      sound: 'The water is clear, and the toilet is firm.',
      act: 'There is color in the bowl, or the toilet rocks.',
    },
    schools: [
      school(
        'yearly',
        'Once a year, and when the water bill is up',
        'Usual trade knowledge.',
        'Always.',
        first(every(1, 'years'), after(14, 'high-water-bill')),
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'This is a usual starting value.',
    handy: ['interior-leak-watch'],
    triggers: ['high-water-bill'],
  }),
  duty({
    code: 'supply-hoses-look',
    title: 'Look at the water supply hoses',
    why: 'A burst washing machine hose floods a house in minutes.',
    appliesTo: ['plumbing'],
    minutes: 10,
    supplies: [],
    steps: {
      work: [
        {
          says: 'Feel along each hose: washing machine, dishwasher, refrigerator, toilets.',
          cautions: ['flooding'],
          looks: [
            look(
              'hoses',
              'How are the hoses?',
              sound('even', 'Dry and even'),
              act('worn', 3, 'A bulge, rust or a crack: shut its valve and renew it'),
            ),
          ],
        },
        {
          says: 'Read or guess their age. Replace rubber hoses after five years, braided hoses after eight to ten.',
          looks: [
            look(
              'age',
              'How old are they?',
              sound('young', 'Young enough'),
              watch('older', 'Rubber older than four years'),
              act('old', 30, 'Rubber older than five years, or braided older than ten'),
            ),
          ],
        },
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'They are dry, even and young enough.',
      watch: 'A rubber hose is older than four years.',
      act: 'One has a bulge, rust or a crack. Shut its valve and replace it.',
    },
    schools: [
      school('half-yearly', 'Every six months', 'Usual trade knowledge.', 'Always.', every(6, 'months')),
    ],
    defaultSchool: 'half-yearly',
    defaultBecause: 'This is a usual starting value.',
    handy: ['interior-leak-watch'],
    tools: ['flashlight'],
  }),
  duty({
    code: 'main-pressure-read',
    title: 'Read the water pressure',
    why: 'Too much pressure wears out every valve and hose in the house.',
    appliesTo: ['water-main'],
    minutes: 5,
    steps: {
      work: [
        {
          says: 'Use no water in the house. Put the gauge on an outside {faucet}, open it and read it.',
          reads: ['water-pressure'],
        },
        'Leave it on for one night. If the highest reading is higher, the expansion tank is at fault.',
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'It is {40 to 80 psi|2.8 to 5.5 bar}.',
      watch: 'It is below {40 psi|2.8 bar}.',
      act: 'It is over {80 psi|5.5 bar}. Have a plumber fit a pressure regulator.',
    },
    schools: [school('yearly', 'Once a year', 'Usual trade knowledge.', 'Always.', every(1, 'years'))],
    defaultSchool: 'yearly',
    defaultBecause: 'This is a usual starting value.',
    tools: ['pressure-gauge'],
  }),
  duty({
    code: 'backflow-test',
    title: 'Have the backflow preventer tested',
    why: 'It keeps garden water out of the drinking water. Many water suppliers ask for the test.',
    appliesTo: ['irrigation'],
    when: { fact: 'testable-preventer', is: true },
    minutes: 20,
    doers: ['trade'],
    lead: { days: 14 },
    steps: {
      work: ['A licensed tester tests it and sends the report to the water supplier.'],
      closeOut: ['Keep the report.'],
    },
    judge: { sound: 'It passed.', act: 'It failed, or there is no report this year.' },
    schools: [
      school(
        'yearly',
        'Once a year, if the water supplier asks for it',
        'Usual trade knowledge.',
        'When it can be tested.',
        first(season('lastFreeze', 21), every(1, 'years')),
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'Water suppliers ask for it yearly.',
    after: ['irrigation-reopen'],
  }),
  duty({
    code: 'water-filter-cartridge',
    title: 'Renew the water filter cartridge',
    why: 'An old cartridge no longer filters, blocks the water and grows germs.',
    appliesTo: ['water-filter'],
    minutes: 10,
    supplies: [{ supply: 'water-cartridge', quantity: 1 }],
    setUps: ['water-off'],
    steps: {
      first: [['Shut its water, or set its bypass. Open a {faucet} to let the pressure out.', 'flooding']],
      work: [
        'Take the old cartridge out. Wipe the housing and grease the seal.',
        { says: 'Put the new one in. Follow its arrow.', facts: ['model'] },
      ],
      closeOut: [
        'Turn the water on slowly. Look for drips. Let it run as the label says. Write the date on the housing.',
      ],
    },
    judge: {
      sound: 'It is not too old, and the water flows well.',
      act: 'It is too old or has filtered enough, or less water comes.',
    },
    notes: ['What comes first: the months or the gallons on its label.'],
    schools: [
      school(
        'six-months',
        'Every six months',
        'Usual trade knowledge.',
        'Unless its label says otherwise.',
        every(6, 'months'),
      ),
    ],
    defaultSchool: 'six-months',
    defaultBecause: 'This is a usual starting value. The label comes first.',
  }),
];
